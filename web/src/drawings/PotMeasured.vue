<script setup lang="ts">
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { computed } from "vue";
import PotSection from "./PotSection.vue";
import { halfWidthAt, potFrame, yAt } from "./pot-frame";

/** A pot in section with the lines along which it is measured: across the rim, across the floor, up inside. */
const props = defineProps<{ vessel: Vessel }>();

const SIZE = { width: 340, height: 232, left: 20, right: 44, top: 46, bottom: 34 } as const;
const TICK = 5;
const frame = computed(() => potFrame(props.vessel, SIZE));
/** A shallow one leaves no room empty above it. */
const top = computed(() => frame.value.rimY - SIZE.top);
const fillLineM = computed(() => props.vessel.fillShare * props.vessel.heightM);
/** A line with a tick at each end. */
const across = (half: number, y: number) => {
  const { centreX: x } = frame.value;
  return `M${x - half} ${y - TICK}v${2 * TICK}M${x - half} ${y}H${x + half}M${x + half} ${y - TICK}v${2 * TICK}`;
};
const rimHalf = computed(() => halfWidthAt(frame.value, props.vessel.heightM));
const lines = computed(() => {
  const { floorY, rimY, centreX } = frame.value;
  const x = centreX + Math.max(rimHalf.value, halfWidthAt(frame.value, 0)) + 22;
  return [
    across(rimHalf.value, rimY - 34),
    across(halfWidthAt(frame.value, 0), floorY + 20),
    `M${x - TICK} ${rimY}h${2 * TICK}M${x} ${rimY}V${floorY}M${x - TICK} ${floorY}h${2 * TICK}`,
  ].join("");
});
</script>

<template>
  <svg :viewBox="`0 ${top} ${SIZE.width} ${SIZE.height - top}`" aria-hidden="true">
    <PotSection
      :frame="frame"
      :fill-line-m="fillLineM"
      :lid="vessel.lid === 'none' ? 'none' : 'on'"
    />
    <text :x="frame.centreX - rimHalf + 10" :y="yAt(frame, fillLineM) + 16">fill line</text>
    <path class="measures" :d="lines" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 340px;
}

text {
  fill: var(--quiet);
  font-size: var(--size-small);
}

.measures {
  fill: none;
  stroke: var(--rim);
  stroke-width: 1.5;
}
</style>
