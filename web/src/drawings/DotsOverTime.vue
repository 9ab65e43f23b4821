<script setup lang="ts">
import { scaleLinear, scaleTime } from "d3-scale";
import { line } from "d3-shape";
import { computed } from "vue";
import { useDotWalk } from "./dot-walk";
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
  /** A value in words: "12 % more". */
  say: (value: number) => string;
  height?: number;
}>();
const emit = defineEmits<{ choose: [string] }>();

const LEFT = 96;
const RIGHT = 16;
const TOP = 10;
const BOTTOM = 26;
/** The line is the middle of so many. */
const MIDDLE_OF = 5;

const { width } = useDrawnWidth(300);
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
const { walk, dot, standsOn } = useDotWalk(
  () => props.dots.map((d) => d.id),
  (id) => emit("choose", id),
);
const wordsOf = ({ atMs, value }: { readonly atMs: number; readonly value: number }) =>
  `${props.dateOf(atMs)}: ${props.say(value)}`;
/** Beside the dot that one stands on, on the side where there is room. */
const told = computed(() => {
  const on = props.dots.find((d) => d.id === standsOn.value);
  if (on === undefined) return null;
  const at = x.value(on.atMs);
  const isRight = at > (LEFT + width.value) / 2;
  return {
    text: wordsOf(on),
    x: at + (isRight ? -10 : 10),
    // Above its dot; below it where there is no room above.
    y: y.value(on.value) - 14 < TOP + 6 ? y.value(on.value) + 24 : y.value(on.value) - 14,
    anchor: isRight ? "end" : "start",
  };
});
</script>

<template>
  <div ref="root" :aria-label="label" v-bind="walk">
    <svg :width="width" :height="tall" role="none">
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
        v-for="one in dots"
        :key="one.id"
        :cx="x(one.atMs)"
        :cy="y(one.value)"
        r="5"
        v-bind="dot(one.id, wordsOf(one))"
      />
      <text v-if="told" class="told" :x="told.x" :y="told.y" :text-anchor="told.anchor">
        {{ told.text }}
      </text>
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

.current {
  fill: var(--rim);
}

.told {
  font-size: var(--size-small);
  font-weight: 600;
  paint-order: stroke;
  stroke: var(--ground);
  stroke-width: 6px;
  stroke-linejoin: round;
}

.numeral {
  fill: var(--quiet);
  font-size: var(--size-small);
}
</style>
