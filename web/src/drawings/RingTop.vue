<script setup lang="ts">
import type { Ring } from "@kettlos/core/heat/ring-schema";
import { computed } from "vue";

/** A ring seen from above: the stronger, the wider; gas by its flames, a plate by its winding. */
const props = defineProps<{ kind: Ring["kind"]; powerW: number }>();

const SIZE = 88;
const MIDDLE = SIZE / 2;
/** As wide as there is room for from so many watts on; area goes with power. */
const WIDEST_W = 4000;
const LEAST_PX = 13;
const radius = computed(() => {
  const share = Math.sqrt(Math.min(1, props.powerW / WIDEST_W));
  return Math.max(LEAST_PX, (MIDDLE - 8) * share);
});
const FLAMES = 12;
const turns = Array.from({ length: FLAMES }, (_, i) => (360 / FLAMES) * i);
/** A spiral from the middle out. */
const winding = computed(() => {
  const rounds = 3.5;
  const steps = 90;
  return Array.from({ length: steps + 1 }, (_, i) => {
    const t = i / steps;
    const angle = 2 * Math.PI * rounds * t;
    const r = 3 + (radius.value - 3) * t;
    const [x, y] = [MIDDLE + r * Math.cos(angle), MIDDLE + r * Math.sin(angle)];
    return `${i === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`;
  }).join("");
});
</script>

<template>
  <svg :width="SIZE" :height="SIZE" aria-hidden="true">
    <template v-if="kind === 'gas'">
      <path
        v-for="turn in turns"
        :key="turn"
        class="heat"
        :d="`M${MIDDLE} ${MIDDLE - radius}q-3 4 0 7q3 -3 0 -7`"
        :transform="`rotate(${turn} ${MIDDLE} ${MIDDLE})`"
      />
      <circle :cx="MIDDLE" :cy="MIDDLE" :r="radius - 9" />
      <path
        class="grate"
        :d="`M4 ${MIDDLE}H${MIDDLE - radius + 4}M${MIDDLE + radius - 4} ${MIDDLE}H${SIZE - 4}M${MIDDLE} 4V${MIDDLE - radius + 4}M${MIDDLE} ${MIDDLE + radius - 4}V${SIZE - 4}`"
      />
    </template>
    <template v-else-if="kind === 'radiant'">
      <path class="wire" :d="winding" />
    </template>
    <template v-else>
      <circle :cx="MIDDLE" :cy="MIDDLE" :r="radius" />
      <circle class="field" :cx="MIDDLE" :cy="MIDDLE" :r="radius * 0.62" />
      <path class="grate" :d="`M${MIDDLE - 6} ${MIDDLE}h12M${MIDDLE} ${MIDDLE - 6}v12`" />
    </template>
  </svg>
</template>

<style scoped>
svg {
  flex: none;
}

circle {
  fill: var(--enamel);
  stroke: var(--ink);
  stroke-width: 1.6;
}

.field {
  stroke: var(--ember);
  stroke-dasharray: 4 4;
}

.heat {
  fill: var(--ember);
}

.wire {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.4;
}

.grate {
  stroke: var(--ink);
  stroke-width: 2.4;
}
</style>
