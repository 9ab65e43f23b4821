<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { clockOf } from "@kettlos/core/units/moments";
import type { MovedBy } from "@kettlos/core/batch/live-end";
import type { LiveForecast } from "@kettlos/core/batch/live-forecast";
import type { Estimate } from "@kettlos/core/units/estimate";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import WhyFigure from "../../controls/WhyFigure.vue";

/** When it is ready, against when it was to be as it was lit, and what moved it. */
const props = defineProps<{
  forecast: LiveForecast;
  isOff: boolean;
  nowMs: number;
  why: Estimate;
}>();
/** Less than this is as planned, min. */
const AS_PLANNED_MIN = 3;
const WORDS: Record<MovedBy, (min: number) => string> = {
  cameUp: (min) => `it came up ${showDuration(Math.abs(min))} ${min > 0 ? "later" : "sooner"}`,
  boiledLong: (min) =>
    `it was turned down ${showDuration(Math.abs(min))} ${min > 0 ? "later" : "sooner"}`,
  noHeat: (min) => `${showDuration(min)} to make up for being without heat`,
  level: (min) =>
    `it goes down ${showDuration(Math.abs(min))} ${min > 0 ? "slower" : "faster"} by its readings`,
  levelAsKept: (min) =>
    `as it is kept it goes down ${showDuration(Math.abs(min))} ${min > 0 ? "later" : "sooner"}`,
  asHeated: (min) =>
    `as it is heated it is tender ${showDuration(Math.abs(min))} ${min > 0 ? "later" : "sooner"}`,
  stretches: (min) =>
    `as its heats are set it takes ${showDuration(Math.abs(min))} ${min > 0 ? "more" : "less"}`,
  tenderness: (min) => `the fork says ${showDuration(Math.abs(min))} ${min > 0 ? "more" : "less"}`,
};
const moved = computed(() => props.forecast.moved);
const isMoved = computed(() => Math.abs(moved.value.laterMin) >= AS_PLANNED_MIN);
/** Left on past its end: nothing then goes as planned. */
const overMin = computed(() =>
  props.isOff ? 0 : (props.nowMs - props.forecast.endMs.expected) / MINUTE_MS,
);
const clock = (ms: number) => clockOf(ms);
const reasons = computed(() => moved.value.because.map((b) => WORDS[b.what](b.min)).join(", "));
</script>

<template>
  <p
    class="moved"
    role="status"
    :class="{ later: overMin >= AS_PLANNED_MIN || (isMoved && moved.laterMin > 0) }"
  >
    <template v-if="overMin >= AS_PLANNED_MIN">
      It should have come off at <b class="figure">{{ clock(forecast.endMs.expected) }}</b>:
      {{ showDuration(overMin) }} over.
    </template>
    <template v-else-if="isMoved">
      {{ isOff ? "Off at" : "Ready at" }}
      <b class="figure">{{ clock(forecast.endMs.expected) }}</b> instead of
      {{ clock(moved.promisedMs) }}<template v-if="reasons !== ''">: {{ reasons }}</template
      >.
    </template>
    <template v-else
      >Ready at <b class="figure">{{ clock(forecast.endMs.expected) }}</b>, as planned.</template
    >
    {{ " " }}<WhyFigure v-if="!isOff" :estimate="why" />
  </p>
</template>

<style scoped>
.moved {
  padding: var(--space-2) 0 var(--space-4);
}

.later b {
  border-bottom: 3px solid var(--ember);
}
</style>
