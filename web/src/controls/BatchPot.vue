<script setup lang="ts">
import { SET_WORDS } from "@kettlos/core/extraction/set";
import { weekdayDateOf } from "@kettlos/core/units/moments";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { depthToRimM } from "@kettlos/core/vessel/volume";
import { computed } from "vue";
import SmallPot from "../drawings/SmallPot.vue";

/** A finished pot: what was got as its level, what was planned as a line. */
const props = defineProps<{ pot: ShelvedPot; pxPerM: number; units: UnitSystem }>();

const gap = computed(() => props.pot.gap);
const gotL = computed(() => gap.value?.gotL ?? props.pot.strainedL ?? 0);
const depth = (litres: number) =>
  props.pot.vessel === null ? 0 : depthToRimM(props.pot.vessel, litres);
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const against = computed(() => {
  if (props.pot.strainedL === null) return "nothing was measured";
  if (props.pot.isReckoned) return "as estimated, not measured";
  if (gap.value === null) return "what was planned cannot be worked out";
  const { gapL, plannedL } = gap.value;
  const difference =
    Math.abs(gapL) < 0.05
      ? "as planned"
      : `${showVolume(Math.abs(gapL), one.value)} ${gapL > 0 ? "more" : "less"}`;
  return `planned ${showVolume(plannedL, one.value)}, ${difference}`;
});
const when = computed(() =>
  [
    weekdayDateOf(props.pot.begunMs),
    ...(props.pot.isPractice ? ["practice"] : []),
    ...(props.pot.set === null ? [] : [SET_WORDS[props.pot.set]]),
  ].join(", "),
);
const label = computed(() =>
  gap.value === null
    ? `${props.pot.name}: about ${showVolume(gotL.value, props.units)}`
    : `${props.pot.name}: planned ${showVolume(gap.value.plannedL, props.units)}, got ${showVolume(gap.value.gotL, props.units)}`,
);
</script>

<template>
  <figure>
    <SmallPot
      v-if="pot.vessel !== null"
      :vessel="pot.vessel"
      :px-per-m="pxPerM"
      :label="label"
      :level-m="depth(gotL)"
      v-bind="gap === null ? {} : { plannedM: depth(gap.plannedL) }"
    />
    <figcaption>
      <strong>{{ pot.name }}</strong>
      <span v-if="pot.strainedL !== null" class="figure got"
        ><span class="result">{{ showVolume(gotL, one) }}</span></span
      >
      <span v-if="against !== ''" class="quiet small">{{ against }}</span>
      <span class="quiet small">{{ when }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figcaption {
  display: grid;
  max-width: 200px;
}

.got {
  font-size: var(--size-lead);
  line-height: 30px;
}

.result {
  border-bottom-width: 3px;
}
</style>
