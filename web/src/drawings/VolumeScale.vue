<script setup lang="ts">
import { US_QUART_L } from "@kettlos/core/units/unit-table";
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
const xAt = (value: number) =>
  props.frame.centreX + direction.value * (halfWidthAt(props.frame, depthOf(value)) + GAP);
</script>

<template>
  <g aria-hidden="true">
    <template v-for="tick in ticks" :key="tick.value">
      <line
        :x1="xAt(tick.value)"
        :x2="xAt(tick.value) + direction * tick.length"
        :y1="tick.at"
        :y2="tick.at"
        stroke="var(--ink)"
        :stroke-width="tick.length === 13 ? 1.4 : 0.9"
        :opacity="tick.length === 13 ? 1 : 0.75"
      />
      <text
        v-if="tick.label !== null"
        class="numeral"
        :x="xAt(tick.value) + direction * 18"
        :y="tick.at + 5"
        :text-anchor="side === 'left' ? 'end' : 'start'"
      >
        {{ tick.label }}
      </text>
    </template>
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
