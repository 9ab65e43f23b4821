<script setup lang="ts">
import type { Went } from "@kettlos/core/compare/went";
import { inWords } from "@kettlos/core/units/said";
import { showDuration, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { computed } from "vue";
import { useDrawnWidth } from "./drawn-width";

/** Two pots on one clock: how much was in each, what its stick said, and below it what each was on. */
const props = defineProps<{
  went: readonly [Went, Went];
  names: readonly [string, string];
  units: UnitSystem;
}>();

const LEFT = 60;
const RIGHT = 78;
const TOP = 12;
const LEVELS = 190;
const BAR = 24;
const GAP = 4;
/** Each bar under the name of its pot. */
const NAME = 20;
const BARS = TOP + LEVELS + 34 + NAME;
const HEIGHT = BARS + 2 * BAR + GAP + NAME + 4;
const MOST_POINTS = 100;

const { width } = useDrawnWidth(320);
const lastMin = computed(() => Math.max(30, ...props.went.map((w) => w.offMin)));
const x = computed(() => scaleLinear([0, lastMin.value], [LEFT, width.value - RIGHT]));
const mostL = computed(() =>
  Math.max(0.1, ...props.went.flatMap((w) => [...w.levels, ...w.readings].map((p) => p.litres))),
);
const leastL = computed(() =>
  Math.min(
    mostL.value,
    ...props.went.flatMap((w) => [...w.levels, ...w.readings].map((p) => p.litres)),
  ),
);
/** Two pots that were nearly alike are still told apart. */
const y = computed(() => {
  const room = Math.max(0.1, mostL.value - leastL.value) * 0.25;
  return scaleLinear(
    [Math.max(0, leastL.value - room), mostL.value + room / 3],
    [TOP + LEVELS, TOP],
  );
});
const one = computed(() => (props.units === "us" ? "us" : "metric"));

type Level = Went["levels"][number];
const courses = computed(() =>
  props.went.map((went, i) => {
    const every = Math.ceil(went.levels.length / MOST_POINTS);
    const points = went.levels.filter((_, at) => at % every === 0 || at === went.levels.length - 1);
    const path = line<Level>()
      .digits(1)
      .x((p) => x.value(p.tMin))
      .y((p) => y.value(p.litres));
    const last = went.levels.at(-1);
    return {
      went,
      name: props.names[i] ?? "",
      path: path(points) ?? "",
      endX: x.value(last?.tMin ?? 0),
      endY: y.value(last?.litres ?? 0),
      endL: last?.litres ?? 0,
      barY: BARS + i * (BAR + GAP + NAME),
    };
  }),
);
/** Two ends that are near each other are written apart. */
const endLabels = computed(() => {
  const [a, b] = courses.value.map((c) => c.endY);
  if (a === undefined || b === undefined || Math.abs(a - b) >= 18) return [a ?? 0, b ?? 0];
  const middle = (a + b) / 2;
  return a <= b ? [middle - 9, middle + 9] : [middle + 9, middle - 9];
});
const hours = computed(() => {
  const perHour = (width.value - LEFT - RIGHT) / (lastMin.value / 60);
  const step = [0.25, 0.5, 1, 2, 4, 6, 12].find((s) => s * perHour > 62) ?? 24;
  return Array.from({ length: Math.floor(lastMin.value / 60 / step) + 1 }, (_, i) => i * step);
});
const litres = computed(() => y.value.ticks(4));
const label = computed(() =>
  courses.value
    .map(
      (c) =>
        `${c.name}: from ${showVolume(c.went.levels[0]?.litres ?? 0, props.units)} to ${showVolume(c.endL, props.units)} in ${showDuration(c.went.offMin)}, ${c.went.heats.map((h) => inWords(h.said, props.units)).join(", then ")}`,
    )
    .join("; "),
);
/** A bar is named where its name has room. */
const barWords = (bar: Went["heats"][number]): string => {
  const said = inWords(bar.said, one.value);
  return said.length * 7 + 8 < x.value(bar.toMin) - x.value(bar.fromMin) ? said : "";
};
const hourWords = (hour: number): string =>
  hour > 0 && hour < 1 ? `${hour * 60} min` : `${hour} h`;
</script>

<template>
  <div ref="root">
    <svg :width="width" :height="HEIGHT" role="img" :aria-label="label">
      <g class="scale">
        <g v-for="tick in litres" :key="tick">
          <line :x1="LEFT" :x2="width - RIGHT" :y1="y(tick)" :y2="y(tick)" />
          <text class="numeral" :x="LEFT - 8" :y="y(tick) + 5" text-anchor="end">
            {{ showVolume(tick, one) }}
          </text>
        </g>
      </g>
      <g v-for="(course, i) in courses" :key="i" :class="i === 0 ? 'first' : 'second'">
        <path class="level" :d="course.path" />
        <circle
          v-for="reading in course.went.readings"
          :key="reading.tMin"
          :cx="x(Math.min(lastMin, reading.tMin))"
          :cy="y(reading.litres)"
          r="4.5"
        />
        <circle class="end" :cx="course.endX" :cy="course.endY" r="3.5" />
        <text class="strong" :x="width - RIGHT + 8" :y="(endLabels[i] ?? 0) + 5">
          {{ showVolume(course.endL, one) }}
        </text>
        <text class="name" :x="LEFT" :y="course.barY - 5">
          {{ course.name }}
        </text>
        <g v-for="bar in course.went.heats" :key="bar.fromMin">
          <rect
            :x="x(bar.fromMin)"
            :width="Math.max(1, x(bar.toMin) - x(bar.fromMin))"
            :y="course.barY"
            :height="BAR"
          />
          <text class="small-text" :x="x(bar.fromMin) + 6" :y="course.barY + 16">
            {{ barWords(bar) }}
          </text>
        </g>
      </g>
      <g class="axis">
        <line :x1="LEFT" :x2="width - RIGHT" :y1="TOP + LEVELS" :y2="TOP + LEVELS" />
        <g v-for="hour in hours" :key="hour">
          <line :x1="x(hour * 60)" :x2="x(hour * 60)" :y1="TOP + LEVELS" :y2="TOP + LEVELS + 6" />
          <text class="numeral" :x="x(hour * 60)" :y="TOP + LEVELS + 22" text-anchor="middle">
            {{ hourWords(hour) }}
          </text>
        </g>
      </g>
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  overflow: visible;
}

.scale line {
  stroke: var(--hair);
}

.level {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
}

.first .level {
  stroke-dasharray: 5 4;
}

.second .level {
  stroke: var(--broth);
  stroke-width: 4;
}

circle {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}

.first circle {
  stroke-width: 1.2;
}

.end,
.first .end {
  fill: var(--ink);
}

rect {
  fill: none;
  stroke: var(--ink);
}

.first rect {
  stroke-dasharray: 5 4;
}

.second rect {
  stroke: var(--broth);
  stroke-width: 2.5;
}

.axis line {
  stroke: var(--ink);
}
</style>
