<script setup lang="ts">
import { computed } from "vue";
import { heapOfBones } from "./bones";
import type { PotFrame } from "./pot-frame";

/** The bones in a pot; drawn apart, so that a moving level does not draw them anew. */
const props = defineProps<{
  frame: PotFrame;
  heapTopM: number;
  seed: number;
  small: boolean;
  fill: string;
}>();
const bones = computed(() =>
  heapOfBones(props.frame, props.heapTopM, props.small ? 0.034 : 0.036, props.seed),
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
