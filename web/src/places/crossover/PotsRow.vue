<script setup lang="ts">
import { findVessel } from "@kettlos/core/simulate/set-pot";
import { heatOf, isOnRing } from "@kettlos/core/heats/heat";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { drawnLid } from "../../data/drawn-lid";
import { piecesOf } from "../../drawings/pieces-of";
import LevelledPot from "../../drawings/LevelledPot.vue";
import type { HeatColumn } from "../../workers/use-conversion";

/** One heat's pot, hung on the common line; `all` gives the scale and the room it shares. */
const props = defineProps<{
  column: HeatColumn;
  all: readonly HeatColumn[];
  kitchen: Kitchen;
  units: UnitSystem;
  width: number;
}>();

const ROOM = 190;
const ABOVE = 34;
const BELOW = 24;
/** Both sides of a pot together, for what went in: "900 mL", "3 ¾ cups". */
const BESIDE = { metric: 120, us: 152 } as const;
const NARROWEST_M = 0.05;
const SCALE_STEP = 40;
/** A heap is drawn anew when it has changed by this, m. */
const HEAP_STEP_M = 0.01;

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const vesselOf = ({ answer }: HeatColumn) => findVessel(answer.target, props.kitchen);
const drawable = computed(() =>
  props.all.flatMap((column) => {
    const vessel = vesselOf(column);
    return column.answer.ok && vessel !== undefined
      ? [{ vessel, trace: column.answer.column.trace }]
      : [];
  }),
);
const aboveM = computed(() =>
  Math.max(0, ...drawable.value.map((d) => d.vessel.heightM - d.trace.endDepthM)),
);
const belowM = computed(() => Math.max(0, ...drawable.value.map((d) => d.trace.endDepthM)));
const pxPerM = computed(() => {
  const widest = Math.max(
    NARROWEST_M,
    ...drawable.value.map((d) => Math.max(d.vessel.bottomM[0], d.vessel.topM[0])),
  );
  const fits = Math.min(
    (props.width - BESIDE[one.value]) / widest,
    ROOM / Math.max(NARROWEST_M, aboveM.value + belowM.value),
  );
  // In steps, so that a level that moves a little leaves the drawing at its scale.
  // Beside one another on a middling screen there is hardly room for the words: a step at least.
  return Math.max(1, Math.floor(fits / SCALE_STEP)) * SCALE_STEP;
});
const levelY = computed(() => ABOVE + aboveM.value * pxPerM.value);
const height = computed(() => levelY.value + belowM.value * pxPerM.value + BELOW);
const vessel = computed(() => vesselOf(props.column));
const heapTopM = computed(() =>
  props.column.answer.ok
    ? Math.round(props.column.answer.column.trace.endHeapTopM / HEAP_STEP_M) * HEAP_STEP_M
    : 0,
);
</script>

<template>
  <LevelledPot
    v-if="column.answer.ok && vessel !== undefined && width > 0"
    :vessel="vessel"
    :width="width"
    :height="height"
    :px-per-m="pxPerM"
    :level-y="levelY"
    :pieces="piecesOf(column.answer.column.plan)"
    :start-m="column.answer.column.trace.startDepthM"
    :end-m="column.answer.column.trace.endDepthM"
    :heap-top-m="heapTopM"
    :lid="drawnLid(column.answer.target.heat)"
    :flames="isOnRing(column.answer.target.heat)"
    :start-text="showVolume(column.answer.column.waterL, one)"
    :label="`${heatOf(column.answer.target.heat).title}: ${showVolume(column.answer.column.waterL, one)} water in, ${showVolume(column.answer.column.trace.endLiquidL, one)} left`"
  />
  <svg v-else :width="width" :height="height" aria-hidden="true"></svg>
</template>
