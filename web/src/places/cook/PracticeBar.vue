<script setup lang="ts">
import { hiddenPotOf } from "@kettlos/core/instruments/hidden-pot";
import { sensesOf } from "@kettlos/core/instruments/senses";
import { salinity } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import PracticeClock from "../../controls/PracticeClock.vue";
import type { LivePot } from "../../data/pots-store";
import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Check } from "@kettlos/core/events/watch/terms";
import type { NewEvent } from "../../data/repository";

/** A practice pot's clock, and its true pot for eye, stick, thermometer, fork and tongue. */
const props = defineProps<{ pot: LivePot; nowMs: number; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const isOn = computed(() => props.pot.cook.litMs !== null && props.pot.cook.offMs === null);

const one = computed(() => (props.units === "us" ? "us" : "metric"));
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
  <PracticeClock :pot="pot" :now-ms="nowMs" :units="units">
    <button type="button" class="button" :disabled="!isOn" @click="dip">Dip a stick</button>
    <button type="button" class="button" :disabled="!isOn" @click="measure">Thermometer</button>
    <button v-if="senses?.fork" type="button" class="button" :disabled="!isOn" @click="fork">
      Fork
    </button>
    <button type="button" class="button" :disabled="!isOn" @click="taste">Taste</button>
    <template v-if="senses !== null" #sees>
      You see: <b>{{ senses.sees }}</b>.<template v-if="found"> Just now: {{ found }}.</template>
    </template>
  </PracticeClock>
</template>
