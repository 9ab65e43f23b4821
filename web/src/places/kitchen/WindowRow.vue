<script setup lang="ts">
import { regionHere } from "@kettlos/core/units/region";
import type { Window } from "@kettlos/core/simulate/hands-schema";
import { ref } from "vue";

/** When somebody is here or away: on some weekdays or on one date, from and to. */
const props = defineProps<{ window: Window; word: string }>();
const emit = defineEmits<{ change: [window: Window | null] }>();
const FULL = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"];
/** 0 is Sunday; shown from where the week begins here. */
const DAYS = FULL.map((_, i) => (i + regionHere().weekFrom) % 7);
const problem = ref("");

function toggle(day: number) {
  const { weekdays } = props.window;
  emit("change", {
    ...props.window,
    weekdays: weekdays.includes(day) ? weekdays.filter((d) => d !== day) : [...weekdays, day],
  });
}
function at(part: "from" | "to", event: Event) {
  const { value } = event.target as HTMLInputElement;
  if (value === "") return;
  const next = { ...props.window, [part]: value };
  problem.value = next.from === next.to ? "From and to are the same." : "";
  if (problem.value === "") emit("change", next);
}
function onDate(event: Event) {
  const { value } = event.target as HTMLInputElement;
  const { date: _date, ...rest } = props.window;
  emit("change", value === "" ? rest : { ...rest, date: value });
}
</script>

<template>
  <div class="window beside">
    <span class="word">{{ word }}</span>
    <fieldset v-if="window.date === undefined">
      <legend class="visually-hidden">Weekdays; none is every day</legend>
      <label v-for="day in DAYS" :key="day" :class="{ on: window.weekdays.includes(day) }">
        <input
          class="visually-hidden"
          type="checkbox"
          :aria-label="FULL[day]"
          :checked="window.weekdays.includes(day)"
          @change="toggle(day)"
        />{{ FULL[day]?.slice(0, 2) }}</label
      >
    </fieldset>
    <label
      ><span class="visually-hidden">Only on this date</span>
      <input class="written" type="date" :value="window.date ?? ''" @change="onDate"
    /></label>
    <label class="time"
      >from <input class="written" type="time" :value="window.from" @change="at('from', $event)"
    /></label>
    <label class="time"
      >to <input class="written" type="time" :value="window.to" @change="at('to', $event)"
    /></label>
    <button type="button" class="link" @click="emit('change', null)">Take out</button>
    <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.window {
  align-items: center;
  padding-left: var(--space-7);
}

.word {
  min-width: 48px;
  font-weight: 650;
}

fieldset {
  display: flex;
  margin: 0;
  padding: 0;
  border: 0;
}

fieldset label {
  display: grid;
  place-content: center;
  min-width: 44px;
  min-height: 44px;
  border-bottom: 4px solid transparent;
}

fieldset label.on {
  border-color: var(--rim);
  font-weight: 700;
}

fieldset label:focus-within {
  outline: var(--focus);
  outline-offset: 2px;
}

.time {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}

.link {
  min-height: 44px;
}
</style>
