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
  heapOfBones(
    props.frame,
    props.heapTopM,
    PITCH_M[props.pieces],
    props.seed,
    props.pieces,
    props.small ? 0.8 : 1.15,
  ),
);
</script>

<template>
  <g class="still">
    <template v-for="(bone, i) in bones" :key="i">
      <path :d="bone.line" fill="var(--bone-line)" />
      <path :d="bone.body" :fill="fill" />
      <template v-if="bone.marrow !== null">
        <path :d="bone.marrow.line" fill="var(--bone-dot)" />
        <path :d="bone.marrow.body" fill="var(--marrow)" />
      </template>
    </template>
  </g>
</template>
