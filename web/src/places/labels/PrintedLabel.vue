<script setup lang="ts">
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
import { computed } from "vue";
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
/** Letters grow with the label, from what is just legible to what is seen across a freezer. */
const fontMm = computed(() => {
  const { name, allergens } = props.label;
  const isLong = name.length > 24 || allergens.join(", ").length > 24;
  return Math.min(4.2, Math.max(2.25, props.heightMm * (isLong ? 0.064 : 0.075)));
});
const codeMm = computed(() => Math.min(26, props.heightMm * 0.5));
const day = (ms: number) => shortDateYearOf(ms);
</script>

<template>
  <article class="label" :style="{ fontSize: `${fontMm}mm` }">
    <div class="text">
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
        >Contains <b>{{ label.allergens.join(", ") }}</b></span
      >
      <span v-if="label.unread.length > 0"
        >May hold other allergens: read {{ label.unread.join(", ") }}</span
      >
      <span v-if="label.note" class="note">{{ inWords(label.note, units) }}</span>
    </div>
    <SmallCode v-if="address" :text="address" :size-mm="codeMm" />
  </article>
</template>

<style scoped>
.label {
  display: flex;
  gap: 2mm;
  justify-content: space-between;
  height: 100%;
  padding: 1.8mm 2.5mm;
  color: #16232b;
  line-height: 1.22;
}

.text {
  display: grid;
  align-content: start;
  min-width: 0;
}

.name {
  font-family: var(--head);
  font-size: 1.45em;
  font-stretch: 84%;
  line-height: 1.1;
}

.note {
  font-size: 0.92em;
}
</style>
