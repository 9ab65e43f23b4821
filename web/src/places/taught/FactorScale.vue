<script setup lang="ts">
import type { Taught } from "@kettlos/core/learn/taught";
import { computed } from "vue";
import { FACTOR_TICKS, factorX, rangeOf } from "./factor-scale";

/** What is known of a factor against what is usual, ruled from half to double, with what every pot said. */
const props = defineProps<{ value: Taught; label: string }>();

const WIDTH = 360;
const HEIGHT = 62;
const LINE_Y = 40;
const x = (factor: number) => factorX(factor, WIDTH);
const before = computed(() => rangeOf(1, props.value.beforePlusMinusPct).map(x));
const here = computed(() => rangeOf(props.value.factor, props.value.plusMinusPct).map(x));
</script>

<template>
  <svg :viewBox="`-14 0 ${WIDTH + 28} ${HEIGHT}`" role="img" :aria-label="label">
    <rect
      class="before"
      :x="before[0]"
      :width="(before[1] ?? 0) - (before[0] ?? 0)"
      :y="LINE_Y - 8"
      height="8"
    />
    <rect
      class="here"
      :x="here[0]"
      :width="Math.max(2, (here[1] ?? 0) - (here[0] ?? 0))"
      :y="LINE_Y - 20"
      height="20"
    />
    <line class="ruled" :x1="0" :x2="WIDTH" :y1="LINE_Y" :y2="LINE_Y" />
    <g v-for="tick in FACTOR_TICKS" :key="tick.factor">
      <line
        class="ruled"
        :x1="x(tick.factor)"
        :x2="x(tick.factor)"
        :y1="LINE_Y - (tick.factor === 1 ? 34 : 0)"
        :y2="LINE_Y + 5"
      />
      <text :x="x(tick.factor)" :y="LINE_Y + 19" text-anchor="middle">{{ tick.label }}</text>
    </g>
    <line class="best" :x1="x(value.factor)" :x2="x(value.factor)" :y1="LINE_Y - 24" :y2="LINE_Y" />
    <circle
      v-for="pot in value.from"
      :key="pot.potId"
      :class="{ doubted: pot.isWild }"
      :cx="x(pot.factor)"
      :cy="LINE_Y - 30"
      r="4"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  max-width: 420px;
  overflow: visible;
}

.before {
  fill: var(--hair);
}

.here {
  fill: var(--broth);
}

.ruled {
  stroke: var(--ink);
  stroke-width: 1.2;
}

.best {
  stroke: var(--rim);
  stroke-width: 3;
}

circle {
  fill: var(--rim);
}

.doubted {
  fill: none;
  stroke: var(--rim);
  stroke-width: 1.6;
}

text {
  fill: var(--quiet);
  font-size: var(--size-small);
}
</style>
