<script setup lang="ts">
import { scaleLinear } from "d3-scale";
import { computed } from "vue";

/** A figure on a ruled line like a measuring jug's, with a mark where it is wanted. */
const props = defineProps<{
  value: number;
  target: number | null;
  most: number;
  label: string;
  tone: "ink" | "broth";
}>();
const WIDTH = 220;
const x = computed(() => scaleLinear([0, props.most], [2, WIDTH - 2]).clamp(true));
const ticks = computed(() =>
  x.value.ticks(14).map((t) => ({ at: x.value(t), isLong: t % 5 === 0 })),
);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 24`" role="img" :aria-label="label" preserveAspectRatio="none">
    <path v-for="t in ticks" :key="t.at" class="tick" :d="`M${t.at} 22v${t.isLong ? -8 : -4}`" />
    <path class="line" :d="`M2 22H${WIDTH - 2}`" />
    <rect :class="tone" x="2" y="8" :width="Math.max(0, x(value) - 2)" height="8" />
    <path v-if="target !== null" class="target" :d="`M${x(target)} 22V3m-4 0h8l-4 5z`" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 24px;
}

.tick,
.line {
  fill: none;
  stroke: var(--tick);
  stroke-width: 1;
}

.ink {
  fill: var(--quiet);
}

.broth {
  fill: var(--broth);
}

.target {
  fill: var(--rim);
  stroke: var(--rim);
  stroke-width: 1.5;
}
</style>
