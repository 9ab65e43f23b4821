<script setup lang="ts">
import { allergenWords } from "@kettlos/core/ingredient/allergen-words";
import { salinity } from "@kettlos/core/seasoning/salinity";
import { shortDateYearOf } from "@kettlos/core/units/moments";
import type { LotLabel } from "@kettlos/core/larder/label-of";
import {
  showMass,
  showRoundTemperature,
  showVolume,
  type UnitSystem,
} from "@kettlos/core/units/show";
import { inWords } from "@kettlos/core/units/said";
import { computed, onMounted, ref, useTemplateRef, watch } from "vue";
import SmallCode from "./SmallCode.vue";

/** One label: what it is, how much, how salty, what is in it, until when, and how it is used. */
const props = defineProps<{ label: LotLabel; units: UnitSystem; heightMm: number }>();
const amount = computed(() =>
  props.label.litres === null
    ? showMass(props.label.massKg, props.units)
    : showVolume(props.label.litres, props.units),
);
const salt = computed(() =>
  props.label.saltGKg === null
    ? ""
    : props.label.isUnsalted
      ? " · unsalted"
      : ` · salted, ${inWords(salinity(props.label.saltGKg, props.label.litres === null ? "kg" : "L"), props.units)}`,
);
const address = computed(() =>
  props.label.batchId === null ? null : `${location.origin}/logbook/${props.label.batchId}`,
);
/** Below this the facts would make the squares of its code too small to be read. */
const LEAST_FOR_FACTS_MM = 16;
/** What the code says: the facts of the label for whoever has no Kettlos, and the link to its pot. */
const coded = computed(() => {
  const { label } = props;
  const link = address.value;
  if (codeMm.value < LEAST_FOR_FACTS_MM) return link;
  return [
    `${label.name}, ${amount.value}${salt.value}`,
    `made ${day(label.madeMs)}, ${label.isFrozen ? "best before" : "use by"} ${day(label.bestBeforeMs)}`,
    ...(label.allergens.length > 0 ? [`contains ${allergenWords(label.allergens)}`] : []),
    ...(link === null ? [] : [link]),
  ].join("\n");
});
const text = useTemplateRef<HTMLElement>("text");
/** Letters of what is said beside the name, that all of it fits: down to what is just legible. */
const LEAST_MM = 1.8;
const fontMm = ref(0);
/** They grow with the label, to what is seen across a freezer, and shrink until nothing is cut. */
function fit() {
  const box = text.value;
  if (box === null) return;
  let mm = Math.min(4.2, Math.max(2.25, props.heightMm * 0.075));
  const isCut = () => {
    box.style.fontSize = `${mm}mm`;
    return box.scrollHeight > box.clientHeight + 1 || box.scrollWidth > box.clientWidth + 1;
  };
  while (isCut() && mm > LEAST_MM) mm *= 0.95;
  fontMm.value = mm;
}
onMounted(() => {
  fit();
  // Its own letters are narrower or wider than those that stood in for them.
  void document.fonts.ready.then(fit);
});
watch(() => [props.label, props.units, props.heightMm], fit, { flush: "post" });
const codeMm = computed(() => Math.min(26, props.heightMm * 0.5));
const day = (ms: number) => shortDateYearOf(ms);
/** A long mark at every fifth. */
const TICKS = Array.from({ length: 41 }, (_, i) => `M${i * 5} 0v${i % 5 === 0 ? 4 : 2}`).join("");
</script>

<template>
  <article class="label">
    <svg class="ticks" viewBox="0 0 200 4" preserveAspectRatio="none" aria-hidden="true">
      <path :d="TICKS" />
    </svg>
    <div ref="text" class="text" :style="{ fontSize: `${fontMm}mm` }">
      <strong class="name">{{ label.name }}</strong>
      <span class="amount"
        ><b>{{ amount }}</b
        >{{ salt }}<template v-if="label.isForAnimals"> · for animals</template></span
      >
      <span>Made {{ day(label.madeMs) }} · lot {{ label.code }}</span>
      <span
        ><b>{{ label.isFrozen ? "Best before" : "Use by" }} {{ day(label.bestBeforeMs) }}</b
        >, {{ label.isFrozen ? "frozen" : `at ${showRoundTemperature(5, units)} or below` }}</span
      >
      <span v-if="label.allergens.length > 0"
        >Contains <b>{{ allergenWords(label.allergens) }}</b></span
      >
      <span v-if="label.unread.length > 0"
        >May hold other allergens: read {{ label.unread.join(", ") }}</span
      >
      <span v-if="label.note" class="note">{{ inWords(label.note, units) }}</span>
    </div>
    <SmallCode v-if="coded" :text="coded" :size-mm="codeMm" />
  </article>
</template>

<style scoped>
.label {
  position: relative;
  display: flex;
  gap: 2mm;
  justify-content: space-between;
  height: 100%;
  padding: 1.8mm 2.5mm;
  color: #16232b;
  line-height: 1.22;
}

/* The edge of a measure along the top, drawn and not a background: those are not printed by themselves. */
.ticks {
  position: absolute;
  top: 0.3mm;
  left: 2.5mm;
  width: calc(100% - 5mm);
  height: 1.2mm;
  stroke: #16232b;
  stroke-width: 0.25mm;
}

.ticks path {
  vector-effect: non-scaling-stroke;
}

.text {
  display: grid;
  flex: 1;
  align-content: start;
  min-width: 0;
  overflow: hidden;
}

.name {
  font-family: var(--head);
  font-size: 1.45em;
  line-height: 1.1;
}

.note {
  font-size: 0.92em;
}
</style>
