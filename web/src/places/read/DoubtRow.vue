<script setup lang="ts" generic="T">
import type { Doubt } from "@kettlos/core/formats/recipe/draft";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { readAmount } from "@kettlos/core/ingredient/read-amount";
import { outcomeOf } from "@kettlos/core/units/problem";
import { readQuantity } from "@kettlos/core/units/read-quantity";
import { ref } from "vue";

/** One question of a recipe: choose an answer, or type one where a figure is wanted. */
const props = defineProps<{ doubt: Doubt<T>; line?: string; ingredientId: string | null }>();
const emit = defineEmits<{ settle: [Partial<T>] }>();

const typed = ref("");
const problem = ref("");
const HINTS = {
  amount: "or type it: 250 g",
  people: "or type a number",
  time: "or type it: 2 h 30",
};

function take() {
  if (typed.value.trim() === "") return;
  const outcome = outcomeOf((): Partial<T> | null => {
    if (props.doubt.typed === "people") {
      const people = Number(typed.value);
      return Number.isInteger(people) && people > 0 && people <= 2000
        ? ({ people } as unknown as Partial<T>)
        : null;
    }
    if (props.doubt.typed === "time") {
      const reading = readQuantity(typed.value, { dimension: "time", bareUnit: "min" });
      return reading.kind === "one"
        ? ({ hold: reading.quantity.value } as unknown as Partial<T>)
        : null;
    }
    if (props.ingredientId === null) return null;
    const reading = readAmount(typed.value, ingredientById(props.ingredientId));
    return reading.kind === "one" ? ({ ...reading.amount } as unknown as Partial<T>) : null;
  });
  if (!outcome.ok) problem.value = outcome.problem.message;
  else if (outcome.value === null)
    problem.value = `"${typed.value}" leaves it open. Say it with a unit.`;
  else emit("settle", outcome.value);
}
</script>

<template>
  <p v-if="line" class="quiet small">{{ line }}</p>
  <p>
    <strong>{{ doubt.question }}</strong>
  </p>
  <p class="answers">
    <button
      v-for="choice in doubt.choices"
      :key="choice.label"
      type="button"
      class="button"
      @click="emit('settle', choice.set)"
    >
      {{ choice.label }}
    </button>
    <input
      v-if="doubt.typed"
      v-model="typed"
      class="written"
      :aria-label="`${doubt.question} ${HINTS[doubt.typed]}`"
      :placeholder="HINTS[doubt.typed]"
      @keydown.enter.prevent="take"
      @change="take"
    />
  </p>
  <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
</template>

<style scoped>
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 6px;
}

.answers input {
  width: 170px;
}
</style>
