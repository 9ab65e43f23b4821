<script setup lang="ts">
import { weekdayClockOf } from "@kettlos/core/units/moments";
import { hiddenPotOf } from "@kettlos/core/instruments/hidden-pot";
import { LESSONS } from "@kettlos/core/instruments/lessons/lessons";
import { sensesOf } from "@kettlos/core/instruments/senses";
import { salinity } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import TickChoice from "../../controls/TickChoice.vue";
import type { LivePot } from "../../data/pots-store";
import { setSpeed } from "../../data/practice-speed";
import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Check } from "@kettlos/core/events/watch/terms";
import type { NewEvent } from "../../data/repository";

/** A practice pot's clock and aim, and its true pot for eye, stick, thermometer, fork and tongue. */
const props = defineProps<{ pot: LivePot; nowMs: number; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const SPEEDS = ["0", "1", "10", "60", "300", "600"].map((value) => ({
  value,
  label: value === "0" ? "hold" : `${value}×`,
}));
const practice = computed(() => props.pot.batch.practice);
const speed = computed({
  get: () => String(practice.value?.speed ?? 1),
  set: (value: string) => void setSpeed(props.pot.batch.id, Number(value)),
});
const isOn = computed(() => props.pot.cook.litMs !== null && props.pot.cook.offMs === null);

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const lesson = computed(() => {
  const id = practice.value?.lesson;
  return id === undefined ? null : LESSONS[id];
});
const hidden = computed(() => hiddenPotOf(props.pot.stored));
/** What is seen is worked out once a minute of the pot: it changes no faster. */
const minuteMs = computed(() => Math.floor(props.nowMs / MINUTE_MS) * MINUTE_MS);
const senses = computed(() => {
  const { cook, setPot } = props.pot;
  return hidden.value === null || !isOn.value
    ? null
    : sensesOf(setPot, hidden.value, cook, Math.max(minuteMs.value, cook.litMs ?? 0));
});

/** What was found just now, in words. */
const found = ref("");
function dip() {
  const { cook, events } = props.pot;
  const value = hidden.value?.dipM(cook, props.nowMs, events.length);
  if (value === undefined) return;
  emit("write", { kind: "read", reading: { form: "liquidDepth", value }, source: "hand" });
}
function measure() {
  const now = senses.value;
  if (now === null) return;
  found.value = `${showTemperature(now.liquidC, one.value)} in the liquid`;
  emit("write", { kind: "temperature", where: "liquid", tempC: now.liquidC, source: "hand" });
}
function fork() {
  const now = senses.value?.fork;
  if (now === null || now === undefined) return;
  found.value = FORK_WORDS[now.how];
  emit("write", { kind: "checked", ...now });
}
function taste() {
  const now = senses.value;
  if (now === null) return;
  found.value = `${inWords(salinity(now.saltGL, "L"), one.value)} of salt`;
  emit("write", {
    kind: "tasted",
    who: "",
    tastes: [now.taste],
    isAtEatingHeat: true,
    text: found.value,
  });
}
const FORK_WORDS: Record<Check, string> = {
  notYet: "not yet: it resists",
  nearly: "nearly: it goes in and holds on",
  tender: "tender: it slides in and out",
  tooSoft: "too soft: it falls apart",
};
</script>

<template>
  <section class="practice" aria-label="Practice">
    <strong>{{ lesson?.title ?? "Practice" }}</strong>
    <span
      >the pot's clock <b class="figure">{{ weekdayClockOf(nowMs) }}</b></span
    >
    <TickChoice v-model="speed" label="Speed of the clock" :options="SPEEDS" />
    <span class="acts">
      <button type="button" class="button" :disabled="!isOn" @click="dip">Dip a stick</button>
      <button type="button" class="button" :disabled="!isOn" @click="measure">Thermometer</button>
      <button v-if="senses?.fork" type="button" class="button" :disabled="!isOn" @click="fork">
        Fork
      </button>
      <button type="button" class="button" :disabled="!isOn" @click="taste">Taste</button>
    </span>
    <p v-if="senses !== null" class="sees">
      You see: <b>{{ senses.sees }}</b>.<template v-if="found"> Just now: {{ found }}.</template>
    </p>
    <p v-if="lesson !== null" class="aim"><b>Aim:</b> {{ inWords(lesson.aim, one) }}</p>
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

.sees,
.aim {
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
