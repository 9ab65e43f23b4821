<script setup lang="ts">
import { widthOfText } from "./fit-text";
import { figure } from "@kettlos/core/units/region";
import { scaleLinear } from "d3-scale";
import { computed } from "vue";
import { useDotWalk } from "./dot-walk";
import { useDrawnWidth } from "./drawn-width";

/** How stocks set, by what they were made of: each pot at its hours, as high as it stood. */
const props = defineProps<{
  rows: readonly {
    readonly bone: string;
    readonly dots: readonly { readonly id: string; readonly hours: number; readonly at: number }[];
  }[];
  /** The steps of the scale, from what pours on. */
  words: readonly string[];
}>();
const emit = defineEmits<{ choose: [string] }>();

const LEFT = 212;
const LEFT_NARROW = 92;
const RIGHT = 20;
const STEP = 13;
const GAP = 26;
const TOP = 8;
const BOTTOM = 24;

const { width } = useDrawnWidth(300);
const isNarrow = computed(() => width.value < 560);
const left = computed(() =>
  Math.max(isNarrow.value ? LEFT_NARROW : LEFT, 8 + Math.max(...props.words.map(widthOfText))),
);
const rowHeight = computed(() => STEP * (props.words.length - 1) + GAP + (isNarrow.value ? 14 : 0));
const height = computed(() => TOP + rowHeight.value * props.rows.length + BOTTOM);
const mostH = computed(() => Math.max(1, ...props.rows.flatMap((r) => r.dots.map((d) => d.hours))));
const x = computed(() => scaleLinear([0, mostH.value], [left.value, width.value - RIGHT]));
const yOf = (row: number, at: number) => TOP + (row + 1) * rowHeight.value - GAP / 2 - at * STEP;
const label = computed(() =>
  props.rows
    .map(
      (r) =>
        `${r.bone}: ${r.dots.map((d) => `${figure(d.hours, 1)} h ${props.words[d.at] ?? ""}`).join(", ")}`,
    )
    .join("; "),
);
const { walk, dot } = useDotWalk(
  () => props.rows.flatMap((r) => r.dots.map((d) => d.id)),
  (id) => emit("choose", id),
);
</script>

<template>
  <div ref="root" :aria-label="label" v-bind="walk">
    <svg :width="width" :height="height" role="none">
      <g v-for="(row, r) in rows" :key="row.bone">
        <line
          class="under"
          x1="0"
          :x2="width"
          :y1="TOP + r * rowHeight"
          :y2="TOP + r * rowHeight"
        />
        <text class="name" x="0" :y="TOP + r * rowHeight + 17">{{ row.bone }}</text>
        <g v-for="(word, at) in words" :key="word">
          <line class="rule" :x1="left" :x2="width - RIGHT" :y1="yOf(r, at)" :y2="yOf(r, at)" />
          <text
            v-if="at === 0 || at === words.length - 1 || row.dots.some((d) => d.at === at)"
            class="numeral"
            :x="left - 8"
            :y="yOf(r, at) + 4"
            text-anchor="end"
          >
            {{ word }}
          </text>
        </g>
        <circle
          v-for="one in row.dots"
          :key="one.id"
          :cx="x(one.hours)"
          :cy="yOf(r, one.at)"
          r="5"
          v-bind="dot(one.id, `${row.bone}: ${figure(one.hours, 1)} h, ${words[one.at] ?? ''}`)"
        />
      </g>
      <line
        class="under"
        :x1="left"
        :x2="width - RIGHT"
        :y1="height - BOTTOM"
        :y2="height - BOTTOM"
      />
      <text
        v-for="hour in x.ticks(6)"
        :key="hour"
        class="numeral"
        :x="x(hour)"
        :y="height - 6"
        text-anchor="middle"
      >
        {{ hour }} h
      </text>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}

.under {
  stroke: var(--ink);
}

.rule {
  stroke: var(--hair);
}

.name {
  font-weight: 600;
}

circle {
  fill: var(--broth);
  stroke: var(--ink);
  stroke-width: 1.5;
  cursor: pointer;
}

.current {
  fill: var(--rim);
}

.numeral {
  fill: var(--quiet);
  font-size: var(--size-small);
}
</style>
