<script setup lang="ts">
import { scaleLinear, scaleTime } from "d3-scale";
import { line } from "d3-shape";
import { computed } from "vue";
import { useDrawnWidth } from "./drawn-width";

/** Pots as dots on a ruled scale over time, with the middle of the last few as a line. */
const props = defineProps<{
  dots: readonly { readonly id: string; readonly atMs: number; readonly value: number }[];
  /** Where it is ruled, and with what words; the one that is thick is what is usual. */
  rules: readonly { readonly value: number; readonly label: string; readonly isUsual?: boolean }[];
  /** From when to when, so that several stand on one clock. */
  span: readonly [number, number];
  /** From what to what it is ruled, so that several are at one scale; by itself where it is not given. */
  domain?: readonly [number, number];
  label: string;
  dateOf: (ms: number) => string;
  height?: number;
}>();
const emit = defineEmits<{ choose: [string] }>();

const LEFT = 96;
const RIGHT = 16;
const TOP = 10;
const BOTTOM = 26;
/** The line is the middle of so many. */
const MIDDLE_OF = 5;

const width = useDrawnWidth(300);
const tall = computed(() => props.height ?? 150);
const x = computed(() =>
  scaleTime()
    .domain(props.span[0] === props.span[1] ? [props.span[0] - 1, props.span[1] + 1] : props.span)
    .range([LEFT, width.value - RIGHT]),
);
/** No dot is out of it, and every rule is in. */
const y = computed(() => {
  const all = [...props.dots, ...props.rules].map((d) => d.value);
  const [low, high] = props.domain ?? [Math.min(...all), Math.max(...all)];
  return scaleLinear([low, high], [tall.value - BOTTOM, TOP]);
});
const median = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b);
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? 0) + (sorted[Math.ceil(at)] ?? 0)) / 2;
};
const middle = computed(() => {
  if (props.dots.length < 3) return "";
  return (
    line<number>()
      .digits(1)
      .x((i) => x.value(props.dots[i]?.atMs ?? 0))
      .y((i) =>
        y.value(
          median(props.dots.slice(Math.max(0, i - MIDDLE_OF + 1), i + 1).map((d) => d.value)),
        ),
      )(props.dots.map((_, i) => i)) ?? ""
  );
});
const dates = computed(() => {
  const most = Math.max(2, Math.floor((width.value - LEFT - RIGHT) / 90));
  return x.value.ticks(most).map((date) => date.getTime());
});
</script>

<template>
  <div ref="root">
    <svg :width="width" :height="tall" role="img" :aria-label="label">
      <g v-for="rule in rules" :key="rule.value">
        <line
          :class="rule.isUsual ? 'usual' : 'rule'"
          :x1="LEFT - 6"
          :x2="width - RIGHT"
          :y1="y(rule.value)"
          :y2="y(rule.value)"
        />
        <text class="numeral" :x="LEFT - 12" :y="y(rule.value) + 4" text-anchor="end">
          {{ rule.label }}
        </text>
      </g>
      <path class="middle" :d="middle" />
      <circle
        v-for="dot in dots"
        :key="dot.id"
        :cx="x(dot.atMs)"
        :cy="y(dot.value)"
        r="5"
        @click="emit('choose', dot.id)"
      />
      <text
        v-for="date in dates"
        :key="date"
        class="numeral"
        :x="x(date)"
        :y="tall - 6"
        text-anchor="middle"
      >
        {{ dateOf(date) }}
      </text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}

.rule {
  stroke: var(--hair);
}

.usual {
  stroke: var(--ink);
  stroke-width: 1.4;
}

.middle {
  fill: none;
  stroke: var(--rim);
  stroke-width: 2.4;
}

circle {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 1.8;
  cursor: pointer;
}

circle:hover {
  fill: var(--rim-soft);
}

.numeral {
  fill: var(--quiet);
  font-size: 13px;
}
</style>
