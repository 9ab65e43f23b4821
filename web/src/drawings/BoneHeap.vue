<script setup lang="ts">
import { computed } from "vue";
import { heapOfBones } from "./bones";
import type { Pieces } from "./pieces-of";
import type { PotFrame } from "./pot-frame";

/** The bones, dice or pulses in a pot; drawn apart, so that a moving level does not draw them anew. */
const props = defineProps<{
  frame: PotFrame;
  heapTopM: number;
  seed: number;
  small: boolean;
  fill: string;
  pieces: Pieces;
}>();
/** Distance between two pieces, m. */
const PITCH_M: Record<Pieces, number> = { bones: 0.036, dice: 0.03, seeds: 0.014 };
const bones = computed(() =>
  heapOfBones(props.frame, props.heapTopM, PITCH_M[props.pieces], props.seed, props.pieces),
);
</script>

<template>
  <g
    class="still"
    :stroke-width="small ? 0.8 : 1.15"
    stroke="var(--bone-line)"
    stroke-linejoin="round"
  >
    <template v-for="(bone, i) in bones" :key="i">
      <path :d="bone.path" :fill="fill" />
      <ellipse
        v-if="bone.marrow !== null"
        :cx="bone.marrow.x"
        :cy="bone.marrow.y"
        :rx="bone.marrow.rx"
        :ry="bone.marrow.ry"
        :transform="`rotate(${bone.marrow.turn} ${bone.marrow.x} ${bone.marrow.y})`"
        fill="var(--marrow)"
        stroke="var(--bone-dot)"
        stroke-width="0.7"
      />
    </template>
  </g>
</template>
