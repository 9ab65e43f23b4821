<script setup lang="ts">
import { PREPARE } from "@kettlos/core/schedule/time-line";
import type { Attention, Stretch } from "@kettlos/core/schedule/time-line";
import type { Trace } from "@kettlos/core/simulate/trace";
import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { computed, useId } from "vue";
import { useDrawnWidth } from "./drawn-width";

/**
 * Several heats on one clock: liquid and centre of the piece, how far it is cooked, and below each what
 * it asks of the cook, from the first cut to the sieve.
 */
const props = defineProps<{
  rows: readonly {
    readonly key: string;
    readonly name: string;
    readonly trace: Trace;
    readonly stretches: readonly Stretch[];
    readonly handsOn: string;
    readonly all: string;
  }[];
}>();

const LEFT = 128;
const RIGHT = 128;
const ROW = 84;
const CURVE = 48;
const TOP = 8;
const BOTTOM = 26;
/** More points than this cannot be told apart. */
const MOST_POINTS = 80;

const id = useId();
const { width } = useDrawnWidth(340);
const isNarrow = computed(() => width.value < 600);
const left = computed(() => (isNarrow.value ? 8 : LEFT));
const right = computed(() => (isNarrow.value ? 12 : RIGHT));
const height = computed(() => TOP + props.rows.length * rowHeight.value + BOTTOM);
const rowHeight = computed(() => (isNarrow.value ? ROW + 20 : ROW));
const lastMin = computed(() =>
  Math.max(60, ...props.rows.map((r) => r.stretches.at(-1)?.toMin ?? 0)),
);
const x = computed(() => scaleLinear([0, lastMin.value], [left.value, width.value - right.value]));
const hottestC = computed(() =>
  Math.max(100, ...props.rows.flatMap((r) => r.trace.points.map((p) => p.liquidC))),
);
const hours = computed(() => {
  const perHour = (width.value - left.value - right.value) / (lastMin.value / 60);
  const step = [1, 2, 4, 6, 12, 24].find((s) => s * perHour > 40) ?? 24;
  return Array.from({ length: Math.floor(lastMin.value / 60 / step) + 1 }, (_, i) => i * step);
});

const drawn = computed(() =>
  props.rows.map((row, i) => {
    const top = TOP + i * rowHeight.value + (isNarrow.value ? 20 : 0);
    const base = top + CURVE;
    const y = scaleLinear([0, hottestC.value], [base, top]);
    const done = scaleLinear([0, Math.max(1, row.trace.cookMin)], [base, top]);
    // The pot goes on when the preparing is over.
    const from = row.stretches.find((s) => s.what !== PREPARE)?.fromMin ?? 0;
    const at = (tMin: number) => x.value(from + tMin);
    type Point = (typeof row.trace.points)[number];
    const every = Math.ceil(row.trace.points.length / MOST_POINTS);
    const points = row.trace.points.filter((_, i, all) => i % every === 0 || i === all.length - 1);
    return {
      ...row,
      top,
      base,
      liquid:
        line<Point>()
          .digits(1)
          .x((p) => at(p.tMin))
          .y((p) => y(p.liquidC))(points) ?? "",
      centre:
        line<Point>()
          .digits(1)
          .x((p) => at(p.tMin))
          .y((p) => y(p.centreC))(points) ?? "",
      cooked:
        area<Point>()
          .digits(1)
          .x((p) => at(p.tMin))
          .y0(base)
          .y1((p) => done(p.cookMin))(points) ?? "",
      sixty: y(60),
      bars: row.stretches.map((s) => ({
        ...s,
        x: x.value(s.fromMin),
        width: Math.max(1, x.value(s.toMin) - x.value(s.fromMin)),
      })),
      endX: x.value(row.stretches.at(-1)?.toMin ?? 0),
    };
  }),
);
const FILL = computed<Record<Attention, string>>(() => ({
  hands: "var(--ink)",
  near: `url(#${id}-near)`,
  look: `url(#${id}-look)`,
  leave: "var(--hair)",
}));
const LEGEND: readonly (readonly [Attention, string])[] = [
  ["hands", "hands at work"],
  ["near", "stay near"],
  ["look", "look now and then"],
  ["leave", "may be left"],
];
</script>

<template>
  <figure ref="root">
    <figcaption class="small quiet">
      <span
        ><svg width="26" height="10"><path d="M0 5H26" class="liquid" /></svg> liquid</span
      >
      <span
        ><svg width="26" height="10"><path d="M0 5H26" class="centre" /></svg> centre of the
        piece</span
      >
      <span
        ><svg width="26" height="12"><path d="M0 12 26 0V12Z" class="cooked" /></svg> cooked, full
        height is done</span
      >
      <span v-for="[kind, words] in LEGEND" :key="kind"
        ><svg width="26" height="10">
          <rect y="1" width="26" height="8" :fill="FILL[kind]" stroke="var(--tick)" /></svg
        >{{ words }}</span
      >
    </figcaption>
    <svg
      :width="width"
      :height="height"
      role="img"
      :aria-label="
        rows.map((r) => `${r.name}: ${r.handsOn} of work, ${r.all} from door to door`).join('; ')
      "
    >
      <defs>
        <pattern :id="`${id}-near`" width="5" height="5" patternUnits="userSpaceOnUse">
          <rect width="5" height="5" fill="var(--surface)" />
          <path d="M0 5 5 0" stroke="var(--ink)" stroke-width="1.4" />
        </pattern>
        <pattern :id="`${id}-look`" width="9" height="8" patternUnits="userSpaceOnUse">
          <rect width="9" height="8" fill="var(--surface)" />
          <circle cx="4.5" cy="4" r="1.5" fill="var(--ink)" />
        </pattern>
      </defs>
      <g v-for="h in hours" :key="h">
        <line :x1="x(h * 60)" :x2="x(h * 60)" :y1="TOP" :y2="height - BOTTOM + 6" class="hour" />
        <text :x="x(h * 60)" :y="height - 6" text-anchor="middle" class="figure">{{ h }} h</text>
      </g>
      <g v-for="row in drawn" :key="row.key">
        <text :x="isNarrow ? left : 0" :y="isNarrow ? row.top - 6 : row.top + 18" class="name">
          {{ row.name }}
        </text>
        <text v-if="!isNarrow" x="0" :y="row.top + 38" class="figure">
          {{ row.handsOn }} of work
        </text>
        <path :d="row.cooked" class="cooked" />
        <line :x1="x(0)" :x2="row.endX" :y1="row.sixty" :y2="row.sixty" class="sixty" />
        <path :d="row.centre" class="centre" />
        <path :d="row.liquid" class="liquid" />
        <rect
          v-for="bar in row.bars"
          :key="bar.fromMin"
          :x="bar.x"
          :width="bar.width"
          :y="row.base + 5"
          height="10"
          :fill="FILL[bar.attention]"
          stroke="var(--tick)"
          stroke-width="0.8"
        >
          <title>{{ bar.what }}</title>
        </rect>
        <text
          :x="isNarrow ? width - right : row.endX + 8"
          :y="isNarrow ? row.top - 6 : row.base + 14"
          :text-anchor="isNarrow ? 'end' : 'start'"
          class="figure"
        >
          {{ isNarrow ? `${row.handsOn} of ${row.all}` : row.all }}
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  min-width: 0;
}

figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-6);
  padding-bottom: var(--space-2);
}

figcaption span {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
}

text {
  fill: var(--quiet);
  font-size: var(--size-small);
}

.name {
  fill: var(--ink);
  font-weight: 700;
}

.liquid,
.centre {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2;
}

.centre {
  stroke-width: 1.5;
  stroke-dasharray: 5 3;
}

.cooked {
  fill: var(--herb-soft);
  stroke: var(--herb);
  stroke-width: 1;
}

.hour {
  stroke: var(--hair);
}

.sixty {
  stroke: var(--tick);
  stroke-width: 0.7;
  stroke-dasharray: 1 4;
}
</style>
