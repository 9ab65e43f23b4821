<script setup lang="ts">
import type { Lid } from "@kettlos/core/vessel/lid";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { computed } from "vue";
import type { Pieces } from "./pieces-of";
import PotSection from "./PotSection.vue";
import { halfWidthAt, yAt, type PotFrame } from "./pot-frame";

/** A pot hung so that its finished level lies on a line that runs on through its neighbours. */
const props = defineProps<{
  vessel: Vessel;
  width: number;
  height: number;
  pxPerM: number;
  /** Where the finished level lies, px from the top. */
  levelY: number;
  startM: number;
  endM: number;
  heapTopM: number;
  pieces: Pieces;
  lid: Lid;
  flames: boolean;
  label: string;
  startText: string;
}>();

/** The pot stands on a floor of its own and is shifted into place, so that its bones stay as drawn. */
const frame = computed<PotFrame>(() => ({
  vessel: props.vessel,
  pxPerM: props.pxPerM,
  centreX: props.width / 2,
  floorY: 0,
  rimY: -props.vessel.heightM * props.pxPerM,
}));
const shiftY = computed(() => props.levelY + props.endM * props.pxPerM);
const startY = computed(() => yAt(frame.value, props.startM));
const endY = computed(() => yAt(frame.value, props.endM));
/** The start's figure stands clear of the common line, on its own side. */
const textY = computed(() =>
  startY.value <= endY.value
    ? Math.min(startY.value + 4, endY.value - 8)
    : Math.max(startY.value + 4, endY.value + 18),
);
const half = computed(() => halfWidthAt(frame.value, props.startM));
</script>

<template>
  <svg :width="width" :height="height" role="img" :aria-label="label">
    <PotSection
      :transform="`translate(0 ${shiftY})`"
      :frame="frame"
      :from-m="startM"
      :level-m="endM"
      :pieces="pieces"
      :heap-top-m="heapTopM"
      :lid="lid"
      :flames="flames"
      :seed="11"
      small
    >
      <line
        :x1="frame.centreX - half"
        :x2="frame.centreX + half + 8"
        :y1="startY"
        :y2="startY"
        class="start"
      />
      <text :x="frame.centreX + half + 11" :y="textY" class="figure">{{ startText }}</text>
      <line x1="0" :x2="width" :y1="endY" :y2="endY" class="end" />
    </PotSection>
  </svg>
</template>

<style scoped>
.start {
  stroke: var(--ink);
  stroke-width: 1.2;
  stroke-dasharray: 3 3;
}

.end {
  stroke: var(--broth);
  stroke-width: 2.5;
}

text {
  fill: var(--ink);
  font-size: var(--size-small);
}
</style>
