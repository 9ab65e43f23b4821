<script setup lang="ts">
import { US_QUART_L } from "@kettlos/core/units/us-measures";
import { capacityL, depthForVolumeM } from "@kettlos/core/vessel/volume";
import { computed } from "vue";
import { halfWidthAt, yAt, type PotFrame } from "./pot-frame";
import { graduations } from "./ticks";

/** A pot's own graduations along one wall: litres left, quarts right. */
const props = defineProps<{
  frame: PotFrame;
  unit: "L" | "qt";
  side: "left" | "right";
}>();

const perUnitL = computed(() => (props.unit === "L" ? 1 : US_QUART_L));
const max = computed(() => (capacityL(props.frame.vessel) / perUnitL.value) * (1 + 1e-12));
const depthOf = (value: number) =>
  depthForVolumeM(
    props.frame.vessel,
    Math.min(value * perUnitL.value, capacityL(props.frame.vessel)),
  );
const ticks = computed(() => graduations(max.value, (v) => yAt(props.frame, depthOf(v))));
const direction = computed(() => (props.side === "left" ? -1 : 1));
const GAP = 9;
const LONG = 13;
const xAt = (value: number) =>
  props.frame.centreX + direction.value * (halfWidthAt(props.frame, depthOf(value)) + GAP);
/** All marks of a weight in one path: a line apiece costs every frame in which the level moves. */
const marks = computed(() => {
  const d = (isLong: boolean) =>
    ticks.value
      .filter((tick) => (tick.length === LONG) === isLong)
      .map((t) => `M${xAt(t.value).toFixed(1)} ${t.at.toFixed(1)}h${direction.value * t.length}`)
      .join("");
  return { long: d(true), short: d(false) };
});
</script>

<template>
  <g aria-hidden="true">
    <path :d="marks.long" stroke="var(--ink)" stroke-width="1.4" />
    <path :d="marks.short" stroke="var(--ink)" stroke-width="0.9" stroke-opacity="0.75" />
    <text
      v-for="tick in ticks.filter((t) => t.label !== null)"
      :key="tick.value"
      class="numeral"
      :x="xAt(tick.value) + direction * 18"
      :y="tick.at + 5"
      :text-anchor="side === 'left' ? 'end' : 'start'"
    >
      {{ tick.label }}
    </text>
    <line
      :x1="xAt(0)"
      :x2="xAt(max)"
      :y1="frame.floorY"
      :y2="frame.rimY"
      stroke="var(--ink)"
      stroke-width="1"
    />
    <text
      class="strong"
      :x="xAt(max) + direction * 18"
      :y="frame.rimY - 14"
      :text-anchor="side === 'left' ? 'end' : 'start'"
    >
      {{ unit }}
    </text>
  </g>
</template>
