<script setup lang="ts">
import { LESSONS } from "@kettlos/core/instruments/lessons/lessons";
import { weekdayClockOf } from "@kettlos/core/units/moments";
import { inWords } from "@kettlos/core/units/said";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { PotState } from "../data/pot-state";
import { setSpeed } from "../data/practice-speed";
import TickChoice from "./TickChoice.vue";

/** A practice pot's clock and aim; what can be done with it stands within. */
const props = defineProps<{ pot: PotState; nowMs: number; units: UnitSystem }>();
const SPEEDS = ["0", "1", "10", "60", "300", "600"].map((value) => ({
  value,
  label: value === "0" ? "hold" : `${value}×`,
}));
const practice = computed(() => props.pot.batch.practice);
const speed = computed({
  get: () => String(practice.value?.speed ?? 1),
  set: (value: string) => void setSpeed(props.pot.batch.id, Number(value)),
});
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const lesson = computed(() => {
  const id = practice.value?.lesson;
  return id === undefined ? null : LESSONS[id];
});
</script>

<template>
  <section class="practice" aria-label="Practice">
    <strong>{{ lesson?.title ?? "Practice" }}</strong>
    <span
      >the pot's clock <b class="figure">{{ weekdayClockOf(nowMs) }}</b></span
    >
    <TickChoice v-model="speed" label="Speed of the clock" :options="SPEEDS" />
    <span class="acts"><slot /></span>
    <p v-if="$slots['sees']" class="whole"><slot name="sees" /></p>
    <p v-if="lesson !== null" class="whole"><b>Aim:</b> {{ inWords(lesson.aim, one) }}</p>
  </section>
</template>

<style scoped>
.practice {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: center;
  padding: var(--space-2) var(--space-7);
  border-bottom: 1px solid var(--hair);
  background: repeating-linear-gradient(135deg, var(--rim-soft) 0 12px, transparent 12px 24px);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}

.whole {
  flex-basis: 100%;
}

.practice strong {
  color: var(--rim);
}

@media (width <= 700px) {
  .practice {
    padding-inline: var(--space-6);
  }
}
</style>
