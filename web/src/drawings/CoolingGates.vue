<script setup lang="ts">
import type { GateResult, CoolingPoint } from "@kettlos/core/cool/cooling";
import { showRoundTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { computed } from "vue";
import { useDrawnWidth } from "./drawn-width";

/** The course of cooling against the gates of the code: each gate is a door it must be through in time. */
const props = defineProps<{
  points: readonly CoolingPoint[];
  gates: readonly GateResult[];
  readings: readonly CoolingPoint[];
  units: UnitSystem;
  /** Minutes from the beginning; null before it has begun. */
  nowMin: number | null;
}>();

const HEIGHT = 300;
const LEFT = 56;
const RIGHT = 60;
const TOP = 18;
const BOTTOM = 34;
const { width } = useDrawnWidth(320);
const lastMin = computed(() => {
  const shuts = props.gates.map((g) => (g.fromMin ?? 0) + g.gate.withinMin);
  return Math.max(...shuts, props.nowMin ?? 0, 60) * 1.12;
});
/** From when it came off the heat, where that is known. */
const firstMin = computed(() => Math.min(0, props.points[0]?.tMin ?? 0));
const topC = computed(() => Math.max(70, props.points[0]?.tempC ?? 90) + 4);
const x = computed(() => scaleLinear([firstMin.value, lastMin.value], [LEFT, width.value - RIGHT]));
const y = computed(() => scaleLinear([0, topC.value], [HEIGHT - BOTTOM, TOP]));
const course = computed(
  () =>
    line<CoolingPoint>()
      .digits(1)
      .x((p) => x.value(p.tMin))
      .y((p) => y.value(p.tempC))(props.points.filter((p) => p.tMin <= lastMin.value)) ?? "",
);
const hours = computed(() => {
  const step = lastMin.value - firstMin.value > 8 * 60 ? 2 : 1;
  const first = Math.ceil(firstMin.value / 60 / step);
  const last = Math.floor(lastMin.value / 60 / step);
  return Array.from({ length: last - first + 1 }, (_, i) => (first + i) * step);
});
/** None under the name of the scale. */
const DEGREES = [0, 20, 40, 60, 80];
const ROOM_C = 8;
const degrees = computed(() => DEGREES.filter((d) => d <= topC.value - ROOM_C));
const doors = computed(() =>
  props.gates.map((g, i) => {
    const from = g.fromMin ?? 0;
    const shuts = from + g.gate.withinMin;
    return {
      key: i,
      passes: g.passes,
      x1: x.value(from),
      x2: x.value(shuts),
      yFrom: y.value(g.gate.fromC),
      yTo: y.value(g.gate.toC),
      word: `${showRoundTemperature(g.gate.toC, props.units === "us" ? "us" : "metric")} ${g.passes ? "in time" : "too late"}`,
      // At the top of its post, where no course runs by the time it shuts.
      ...(x.value(shuts) > width.value - RIGHT - 110
        ? { textX: x.value(shuts) - 6, anchor: "end" as const }
        : { textX: x.value(shuts) + 6, anchor: "start" as const }),
    };
  }),
);
</script>

<template>
  <div ref="root">
    <svg
      :width="width"
      :height="HEIGHT"
      role="img"
      :aria-label="`Cooling: ${gates.map((g) => `${showRoundTemperature(g.gate.toC, units === 'us' ? 'us' : 'metric')} ${g.passes ? 'in time' : 'too late'}`).join(', ')}`"
    >
      <defs>
        <pattern
          id="late"
          width="8"
          height="8"
          patternTransform="rotate(45)"
          patternUnits="userSpaceOnUse"
        >
          <path d="M0 0v8" class="late-line" />
        </pattern>
      </defs>
      <g v-for="degree in degrees" :key="degree">
        <line class="hair" :x1="LEFT" :x2="width - RIGHT" :y1="y(degree)" :y2="y(degree)" />
        <text :x="LEFT - 8" :y="y(degree) + 5" text-anchor="end">
          {{ units === "us" ? Math.round((degree * 9) / 5 + 32) : degree }}
        </text>
        <text v-if="units === 'both'" :x="width - RIGHT + 8" :y="y(degree) + 5">
          {{ Math.round((degree * 9) / 5 + 32) }}
        </text>
      </g>
      <text :x="LEFT - 8" :y="TOP - 4" text-anchor="end" class="strong">
        {{ units === "us" ? "°F" : "°C" }}
      </text>
      <text v-if="units === 'both'" :x="width - RIGHT + 8" :y="TOP - 4" class="strong">°F</text>
      <g v-for="hour in hours" :key="hour">
        <line
          class="tick"
          :x1="x(hour * 60)"
          :x2="x(hour * 60)"
          :y1="HEIGHT - BOTTOM"
          :y2="HEIGHT - BOTTOM + 7"
        />
        <text :x="x(hour * 60)" :y="HEIGHT - 8" text-anchor="middle">{{ hour }} h</text>
      </g>
      <g v-for="door in doors" :key="door.key" :class="door.passes ? 'pass' : 'fail'">
        <rect
          v-if="!door.passes"
          fill="url(#late)"
          :x="door.x2"
          :y="door.yFrom"
          :width="Math.max(0, width - RIGHT - door.x2)"
          :height="Math.max(0, door.yTo - door.yFrom)"
        />
        <line class="door" :x1="door.x1" :x2="door.x2" :y1="door.yTo" :y2="door.yTo" />
        <line class="post" :x1="door.x2" :x2="door.x2" :y1="door.yFrom" :y2="door.yTo" />
        <text class="word" :x="door.textX" :y="door.yFrom + 14" :text-anchor="door.anchor">
          {{ door.word }}
        </text>
      </g>
      <path class="course" :d="course" />
      <circle
        v-for="reading in readings"
        :key="reading.tMin"
        class="reading"
        r="5"
        :cx="x(reading.tMin)"
        :cy="y(reading.tempC)"
      />
      <line
        v-if="nowMin !== null"
        class="now"
        :x1="x(nowMin)"
        :x2="x(nowMin)"
        :y1="TOP"
        :y2="HEIGHT - BOTTOM"
      />
    </svg>
  </div>
</template>

<style scoped>
svg {
  display: block;
  font-size: var(--size-small);
  font-variant-numeric: tabular-nums;
}

text {
  fill: var(--quiet);
}

.strong {
  fill: var(--ink);
  font-weight: 700;
}

.hair {
  stroke: var(--hair);
}

.tick {
  stroke: var(--tick);
}

.course {
  fill: none;
  stroke: var(--ink);
  stroke-width: 3;
}

.door {
  stroke-width: 4;
}

.post {
  stroke-width: 2;
  stroke-dasharray: 4 4;
}

.pass line {
  stroke: var(--herb);
}

.pass .word {
  fill: var(--herb);
  font-weight: 700;
}

.fail line {
  stroke: var(--ember);
}

.fail .word {
  fill: var(--ember);
  font-weight: 700;
}

.late-line {
  stroke: var(--ember);
  stroke-width: 1.5;
  opacity: 0.5;
}

.reading {
  fill: var(--surface);
  stroke: var(--ink);
  stroke-width: 2.5;
}

.now {
  stroke: var(--rim);
  stroke-width: 2;
}
</style>
