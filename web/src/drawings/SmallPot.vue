<script setup lang="ts">
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { computed } from "vue";
import type { Pieces } from "./pieces-of";
import PotSection from "./PotSection.vue";
import { potFrame, yAt } from "./pot-frame";

/** A pot at a given scale, so that several stand in a row like on a shelf. */
const props = defineProps<{
  vessel: Vessel;
  pxPerM: number;
  label: string;
  fromM?: number;
  levelM?: number;
  heapTopM?: number;
  /** Where it was planned to stand, m. */
  plannedM?: number;
  pieces?: Pieces;
  seed?: number;
  lid?: "none" | "on" | "ajar" | "off";
}>();

const width = computed(
  () => Math.max(props.vessel.bottomM[0], props.vessel.topM[0]) * props.pxPerM + 28,
);
const height = computed(() => props.vessel.heightM * props.pxPerM + 34);
const frame = computed(() =>
  potFrame(
    props.vessel,
    {
      width: width.value,
      height: height.value,
      left: 14,
      right: 14,
      top: 24,
      bottom: 10,
    },
    props.pxPerM,
  ),
);
</script>

<template>
  <svg :width="width" :height="height" role="img" :aria-label="label">
    <PotSection
      :frame="frame"
      :from-m="fromM ?? 0"
      :level-m="levelM ?? 0"
      :heap-top-m="heapTopM ?? 0"
      :seed="seed ?? 7"
      :pieces="pieces ?? 'bones'"
      :lid="lid ?? 'none'"
      small
    >
      <g v-if="plannedM !== undefined">
        <line
          :x1="6"
          :x2="width - 6"
          :y1="yAt(frame, plannedM)"
          :y2="yAt(frame, plannedM)"
          stroke="var(--ink)"
          stroke-width="1.6"
          stroke-dasharray="4 3"
        />
      </g>
    </PotSection>
  </svg>
</template>
