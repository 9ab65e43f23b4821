<script setup lang="ts">
import { either } from "@kettlos/core/units/said";
import type { Doubt, HeadFacts, LineFacts } from "@kettlos/core/formats/recipe/draft";
import { ref } from "vue";
import { useWords } from "../../data/use-words";
import { readTyped } from "./read-typed";

/** One question of a recipe: choose an answer, or type one where a figure is wanted. */
const props = defineProps<{
  doubt: Doubt<LineFacts> | Doubt<HeadFacts>;
  ingredientId: string | null;
}>();
const emit = defineEmits<{ settle: [Partial<LineFacts & HeadFacts>] }>();

const words = useWords();
const typed = ref("");
const problem = ref("");
const HINTS = {
  amount: words([either("or type it: 250 g", "or type it: 9 oz")]),
  people: "or type a number",
  time: "or type it: 2 h 30",
  ingredient: "or type it: parsnip",
};

function take() {
  if (typed.value.trim() === "" || props.doubt.typed === undefined) return;
  const outcome = readTyped(props.doubt.typed, typed.value, props.ingredientId);
  if (outcome.ok) emit("settle", outcome.value);
  else problem.value = words(outcome.problem.said);
}
</script>

<template>
  <p>
    <strong>{{ doubt.question }}</strong>
  </p>
  <p class="answers">
    <button
      v-for="choice in doubt.choices"
      :key="words(choice.label)"
      type="button"
      class="button"
      @click="emit('settle', choice.set)"
    >
      {{ words(choice.label) }}
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
  gap: var(--space-4);
  padding-top: var(--space-3);
}

.answers input {
  width: 170px;
}
</style>
