<script setup lang="ts">
import type { Lid } from "@kettlos/core/vessel/lid";
import { computed, defineAsyncComponent, useId } from "vue";
import type { Pieces } from "./pieces-of";
import PotPatterns from "./PotPatterns.vue";
import { halfWidthAt, innerPath, slicePath, yAt, type PotFrame } from "./pot-frame";

/** What lies in the pot comes a moment after the pot: its cells are the heaviest part of the drawing. */
const BoneHeap = defineAsyncComponent(() => import("./BoneHeap.vue"));

/**
 * One pot in section, to scale: enamel wall and rim, bones heaped, liquid, and hatched above it what
 * steams off. Draws only; what is said beside it comes through the slot.
 */
const props = defineProps<{
  frame: PotFrame;
  /** Where the liquid stands first, m; the hatch begins there. */
  fromM?: number;
  /** Where the liquid stands, m. */
  levelM?: number;
  heapTopM?: number;
  fillLineM?: number;
  lid?: Lid | "none";
  pieces?: Pieces;
  seed?: number;
  small?: boolean;
  flames?: boolean;
}>();

const id = useId();
const level = computed(() => props.levelM ?? 0);
const from = computed(() => Math.max(level.value, props.fromM ?? 0));
const wall = computed(() => (props.small ? 3 : 5));
const rimH = computed(() => (props.small ? 5 : 8));
const topHalf = computed(() => halfWidthAt(props.frame, props.frame.vessel.heightM));
/** All flames in one path: a figure apiece with a place of its own costs every frame in which the level moves. */
const flamesPath = computed(() => {
  const half = halfWidthAt(props.frame, 0);
  const n = Math.max(2, Math.floor(half / 22));
  const y = props.frame.floorY + wall.value + 3;
  return Array.from({ length: n }, (_, i) => {
    const x = props.frame.centreX - half * 0.7 + (i / (n - 1)) * half * 1.4;
    return `M${x.toFixed(1)} ${y.toFixed(1)}c1 4 5 6 5 11a5 5 0 0 1 -10 0c0 -2 1 -4 2.4 -5c.2 1.6 .8 2 1.6 2.4c-.6 -3.4 0 -6.4 1 -8.4Z`;
  }).join("");
});
const lidTilt = computed(() => (props.lid === "ajar" ? 5 : 0));
</script>

<template>
  <g>
    <PotPatterns :id="id" :small="small ?? false" />
    <clipPath :id="`${id}-inner`"><path :d="innerPath(frame)" /></clipPath>
    <path
      :d="innerPath(frame, wall)"
      fill="var(--enamel)"
      stroke="var(--ink)"
      :stroke-width="small ? 1.1 : 1.4"
    />
    <path :d="innerPath(frame)" fill="var(--enamel)" stroke="var(--ink)" stroke-width="0.8" />
    <g :clip-path="`url(#${id}-inner)`">
      <path
        v-if="from > level"
        :d="slicePath(frame, level, from)"
        :fill="`url(#${id}-hatch)`"
        data-part="steam"
      />
      <path
        v-if="level > 0"
        :d="slicePath(frame, 0, level)"
        fill="var(--broth)"
        data-part="liquid"
      />
      <line
        v-if="fillLineM !== undefined"
        :x1="frame.centreX - topHalf"
        :x2="frame.centreX + topHalf"
        :y1="yAt(frame, fillLineM)"
        :y2="yAt(frame, fillLineM)"
        stroke="var(--ink)"
        stroke-dasharray="6 4"
      />
    </g>
    <BoneHeap
      v-if="(heapTopM ?? 0) > 0"
      :frame="frame"
      :heap-top-m="heapTopM ?? 0"
      :seed="seed ?? 7"
      :small="small ?? false"
      :pieces="pieces ?? 'bones'"
      :fill="`url(#${id}-stipple)`"
    />
    <rect
      :x="frame.centreX - topHalf - wall - 2"
      :y="frame.rimY - rimH * 0.7"
      :width="2 * (topHalf + wall + 2)"
      :height="rimH"
      :rx="rimH / 2"
      fill="var(--rim)"
    />
    <g
      v-if="lid === 'on' || lid === 'ajar'"
      :transform="`rotate(${lidTilt} ${frame.centreX + topHalf} ${frame.rimY - rimH})`"
    >
      <path
        :d="`M${frame.centreX - topHalf - 2} ${frame.rimY - rimH * 0.9} q${topHalf + 2} ${-rimH * 2.4} ${2 * topHalf + 4} 0Z`"
        fill="var(--enamel)"
        stroke="var(--ink)"
        stroke-width="1.2"
      />
      <rect
        :x="frame.centreX - rimH"
        :y="frame.rimY - rimH * 2.9"
        :width="rimH * 2"
        :height="rimH * 0.9"
        rx="2"
        fill="var(--rim-deep)"
      />
    </g>
    <path v-if="flames" :d="flamesPath" fill="var(--ember)" />
    <slot />
  </g>
</template>
