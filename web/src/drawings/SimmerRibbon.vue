<script setup lang="ts">
import { widthOfText } from "./fit-text";
import { figure } from "@kettlos/core/units/region";
import type { Trace } from "@kettlos/core/simulate/trace";
import type { LevelBand } from "@kettlos/core/simulate/spread";
import { showTemperature, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { computed, useId } from "vue";
import PotPatterns from "./PotPatterns.vue";
import { useDrawnWidth } from "./drawn-width";

/** What happens to one pot over time: heat, liquid with its range, and cook value, on one clock. */
const props = defineProps<{
  trace: Trace;
  band: LevelBand | null;
  units: UnitSystem;
  /** Names of marks to draw, by minute. */
  labels: readonly { tMin: number; text: string }[];
  /** Cook value from which it is right ("flavour", "tender"), and past which it is gone. */
  window: { from: number; past: number; word: string } | null;
  /** Readings, hot litres by minute on the trace's clock. */
  readings?: readonly { tMin: number; litres: number }[];
  nowMin?: number;
}>();

const HEAT = { top: 20, height: 26 };
const LIQUID = { top: 50, height: 50 };
const COOK = { top: 106, height: 44 };
const HEIGHT = 176;
const LEFT = 96;
const RIGHT = 88;

const id = useId();
const { width, isMeasured } = useDrawnWidth(300);
const lastMin = computed(() => props.trace.totalMin);
const x = computed(() => scaleLinear([0, lastMin.value], [LEFT, width.value - RIGHT]));
const maxL = computed(() =>
  Math.max(...props.trace.points.map((p) => p.liquidL), ...(props.band?.highL ?? []), 0.1),
);
const yHeat = computed(() =>
  scaleLinear([0, props.trace.boilingC + 2], [HEAT.top + HEAT.height, HEAT.top]),
);
const yLiquid = computed(() =>
  scaleLinear([0, maxL.value], [LIQUID.top + LIQUID.height, LIQUID.top]),
);
const maxCook = computed(() =>
  Math.max(props.trace.cookMin * 1.2, (props.window?.from ?? 0) * 1.25, 10),
);
const yCook = computed(() => scaleLinear([0, maxCook.value], [COOK.top + COOK.height, COOK.top]));

/** More points than this cannot be told apart on a screen; the last one always stays. */
const MOST_POINTS = 90;
const points = computed(() => {
  const all = props.trace.points;
  const every = Math.ceil(all.length / MOST_POINTS);
  return all.filter((_, i) => i % every === 0 || i === all.length - 1);
});
type Point = (typeof props.trace.points)[number];
const heatPath = computed(
  () =>
    line<Point>()
      .digits(1)
      .x((p) => x.value(p.tMin))
      .y((p) => yHeat.value(p.liquidC))(points.value) ?? "",
);
const cookPath = computed(
  () =>
    line<Point>()
      .digits(1)
      .x((p) => x.value(p.tMin))
      .y((p) => yCook.value(p.cookMin))(points.value) ?? "",
);
const liquidArea = computed(
  () =>
    area<Point>()
      .digits(1)
      .x((p) => x.value(p.tMin))
      .y0(yLiquid.value(0))
      .y1((p) => yLiquid.value(p.liquidL))(points.value) ?? "",
);
const goneArea = computed(
  () =>
    area<Point>()
      .digits(1)
      .x((p) => x.value(p.tMin))
      .y0((p) => yLiquid.value(p.liquidL))
      .y1(yLiquid.value(points.value[0]?.liquidL ?? 0))(points.value) ?? "",
);
const bandArea = computed(() => {
  const { band } = props;
  if (band === null) return "";
  return (
    area<number>()
      .digits(1)
      .x((i) => x.value(band.tMin[i] ?? 0))
      .y0((i) => yLiquid.value(band.lowL[i] ?? 0))
      .y1((i) => yLiquid.value(band.highL[i] ?? 0))(
      band.tMin.map((_, i) => i).filter((i) => i % 3 === 0 || i === band.tMin.length - 1),
    ) ?? ""
  );
});
const last = computed(() => points.value.at(-1));
/** The time axis: its marks as one path, and the hours that are named. */
const hours = computed(() => {
  const perHour = (width.value - LEFT - RIGHT) / (lastMin.value / 60);
  const step = lastMin.value < 150 ? 0.25 : 1;
  const every = [step, 0.5, 1, 2, 4, 6].find((s) => s >= step && s * perHour > 52) ?? 6;
  const named: { hour: number; at: number; label: string }[] = [];
  let ticks = "";
  for (let hour = 0; hour <= lastMin.value / 60 + 1e-9; hour += step) {
    const at = x.value(hour * 60);
    const isNamed = Math.abs(hour / every - Math.round(hour / every)) < 1e-9;
    ticks += `M${at.toFixed(1)} ${COOK.top + COOK.height}v${isNamed ? 8 : 5}`;
    if (isNamed)
      named.push({ hour, at, label: every < 1 ? `${Math.round(hour * 60)} min` : `${hour} h` });
  }
  return { ticks, named };
});
/** Labels that would run into the one before are dropped to their line alone; none crosses the end but its own. */
const marks = computed(() => {
  let freeFrom = -Infinity;
  const endAt = x.value(lastMin.value);
  return [...props.labels]
    .sort((a, b) => a.tMin - b.tMin)
    .map((label) => {
      const at = x.value(Math.min(label.tMin, lastMin.value));
      const long = widthOfText(label.text) + 12;
      const fitsRight = at + long <= (at < endAt - 1 ? endAt : width.value) && at >= freeFrom;
      const isLeft = !fitsRight;
      const isShown = fitsRight || at - long >= Math.max(0, freeFrom);
      if (isShown) freeFrom = isLeft ? at + 4 : at + long;
      return { ...label, at, isShown, isLeft };
    });
});
const one = computed(() => (props.units === "us" ? "us" : "metric"));
</script>

<template>
  <div ref="root" class="ribbon">
    <svg
      v-if="isMeasured"
      :width="width"
      :height="HEIGHT"
      role="img"
      :aria-label="`Over ${figure(lastMin / 60, 1)} hours: liquid from ${showVolume(points[0]?.liquidL ?? 0, units)} to ${showVolume(last?.liquidL ?? 0, units)}, cook value ${figure(trace.cookMin, 0)}`"
    >
      <PotPatterns :id="id" small />
      <g class="rows">
        <text x="0" :y="HEAT.top + 22">Heat</text>
        <text x="0" :y="LIQUID.top + 34">Liquid</text>
        <text x="0" :y="COOK.top + 20">Cook</text>
        <text x="0" :y="COOK.top + 36">value</text>
      </g>
      <line
        class="boil"
        :x1="LEFT"
        :x2="width - RIGHT"
        :y1="yHeat(trace.boilingC)"
        :y2="yHeat(trace.boilingC)"
      />
      <path class="heat" :d="heatPath" />
      <text class="numeral" :x="LEFT - 8" :y="yHeat(trace.holdC) + 5" text-anchor="end">
        {{ showTemperature(trace.holdC, one) }}
      </text>
      <path :d="goneArea" :fill="`url(#${id}-hatch)`" />
      <path :d="liquidArea" fill="var(--broth)" />
      <path class="band" :d="bandArea" />
      <text class="numeral" :x="LEFT - 8" :y="LIQUID.top + 10" text-anchor="end">
        {{ showVolume(points[0]?.liquidL ?? 0, one) }}
      </text>
      <text
        v-if="last"
        class="strong"
        :x="width - RIGHT + 8"
        :y="Math.min(yLiquid(last.liquidL) + 5, LIQUID.top + LIQUID.height)"
      >
        {{ showVolume(trace.endLiquidL, one) }}
      </text>
      <circle
        v-for="reading in readings ?? []"
        :key="reading.tMin"
        class="reading"
        :cx="x(Math.min(lastMin, reading.tMin))"
        :cy="yLiquid(reading.litres)"
        r="5"
      />
      <g v-if="window">
        <rect
          :x="LEFT"
          :y="yCook(Math.min(window.past, maxCook))"
          :width="width - RIGHT - LEFT"
          :height="yCook(window.from) - yCook(Math.min(window.past, maxCook))"
          fill="var(--herb-soft)"
        />
        <line
          class="from"
          :x1="LEFT"
          :x2="width - RIGHT"
          :y1="yCook(window.from)"
          :y2="yCook(window.from)"
        />
        <text class="herb-text small-text" :x="LEFT + 8" :y="yCook(window.from) - 4">
          {{ window.word }} from {{ figure(window.from, 0) }}
        </text>
      </g>
      <path class="cook" :d="cookPath" />
      <circle v-if="last" :cx="x(last.tMin)" :cy="yCook(last.cookMin)" r="4.5" fill="var(--ink)" />
      <text v-if="last" class="strong" :x="width - RIGHT + 10" :y="yCook(last.cookMin) + 5">
        {{ figure(trace.cookMin, 0) }}
      </text>
      <g v-for="(mark, i) in marks" :key="i" class="mark">
        <line :x1="mark.at" :x2="mark.at" :y1="4" :y2="COOK.top + COOK.height" />
        <text
          v-if="mark.isShown"
          :x="mark.at + (mark.isLeft ? -5 : 5)"
          y="15"
          :text-anchor="mark.isLeft ? 'end' : 'start'"
        >
          {{ mark.text }}
        </text>
      </g>
      <line
        v-if="nowMin !== undefined"
        class="now"
        :x1="x(Math.min(lastMin, nowMin))"
        :x2="x(Math.min(lastMin, nowMin))"
        y1="0"
        :y2="COOK.top + COOK.height"
      />
      <g class="axis">
        <line
          :x1="LEFT"
          :x2="width - RIGHT"
          :y1="COOK.top + COOK.height"
          :y2="COOK.top + COOK.height"
        />
        <path :d="hours.ticks" />
        <text
          v-for="named in hours.named"
          :key="named.hour"
          class="numeral"
          :x="named.at"
          :y="COOK.top + COOK.height + 23"
          text-anchor="middle"
        >
          {{ named.label }}
        </text>
      </g>
    </svg>
  </div>
</template>

<style scoped>
.ribbon {
  min-width: 0;
}

svg {
  display: block;
  overflow: visible;
}

.heat {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.4;
}

.boil {
  stroke: var(--ember);
  stroke-dasharray: 2 3;
}

.band {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
  stroke-dasharray: 4 3;
}

.cook {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.4;
}

.from {
  stroke: var(--herb);
  stroke-width: 1.6;
}

.herb-text {
  fill: var(--herb);
  font-weight: 600;
}

.mark line {
  stroke: var(--tick);
}

.axis line,
.axis path {
  fill: none;
  stroke: var(--ink);
}

.now {
  stroke: var(--rim);
  stroke-width: 3;
}

.reading {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
