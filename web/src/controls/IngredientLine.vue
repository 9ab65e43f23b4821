<script setup lang="ts">
import type { DraftLine } from "@kettlos/core/formats/recipe/draft";
import { draftLine, isCan, settleLine } from "@kettlos/core/formats/recipe/draft-line";
import { findIngredients, ingredientById } from "@kettlos/core/ingredient/catalogue";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import { readLine } from "@kettlos/core/ingredient/read-line";
import { outcomeOf } from "@kettlos/core/units/problem";
import { ref } from "vue";
import AskChoices from "./AskChoices.vue";
import SuggestInput from "./SuggestInput.vue";

/** A line of what goes in, typed as it would be said; what can mean two things is asked once. */
defineProps<{ label: string; placeholder: string }>();
const emit = defineEmits<{ put: [Ingredient, Amount] }>();

const CANS = 'Say how many, and of what size: "2 cans (400 g) white beans".';
const text = ref("");
const problem = ref("");
const question = ref("");
const choices = ref<readonly { label: string; value: () => void }[]>([]);

function read() {
  choices.value = [];
  if (text.value.trim() === "") return;
  const outcome = outcomeOf(() => readLine(text.value));
  if (!outcome.ok) return askAbout(outcome.problem.message);
  problem.value = "";
  const { ingredient, amount } = outcome.value;
  if (isCan({ text: text.value }, ingredient)) return settle(draftLine(text.value, "line"), CANS);
  if (amount.kind === "one") return put(ingredient, amount.amount);
  question.value = amount.question;
  choices.value = amount.choices.map((c) => ({
    label: c.label,
    value: () => put(ingredient, c.amount),
  }));
}
/** What a line leaves open is asked as of a recipe; a minus in front is no list mark here. */
function askAbout(otherwise: string) {
  if (text.value.trim().startsWith("-")) problem.value = otherwise;
  else settle(draftLine(text.value, "line"), otherwise);
}
function settle(line: DraftLine, otherwise: string) {
  if (line.toCover)
    return void (problem.value =
      "Water goes by its line on the pot: pull it there, or say “to cover” beside it.");
  const [doubt] = line.doubts;
  const offered = doubt?.choices.filter((c) => c.set.isLeftOut !== true) ?? [];
  choices.value = [];
  problem.value = "";
  if (doubt !== undefined && offered.length > 0) {
    question.value = doubt.question;
    choices.value = offered.map((c) => ({
      label: c.label,
      value: () => settle(settleLine(line, doubt.id, c.set), otherwise),
    }));
  } else if (doubt === undefined && line.ingredientId !== null && line.massKg !== null) {
    const { ingredientId, massKg, counted } = line;
    put(ingredientById(ingredientId), { massKg, ...(counted === undefined ? {} : { counted }) });
  } else problem.value = otherwise;
}
function put(ingredient: Ingredient, amount: Amount) {
  if (!(amount.massKg > 0 && amount.massKg <= 200))
    return void (problem.value = `${text.value} is out of range: more than nothing, up to 200 kg.`);
  emit("put", ingredient, amount);
  text.value = "";
  choices.value = [];
}

/** Offers names that fit the word being typed after the amount. */
function suggest(typed: string): readonly string[] {
  const found = /^(\S*\d\S*(?:\s+(?:kg|g|lb|oz|ml|l|qt|cups?|tbsp|tsp))?\s+)(.+)$/i.exec(typed);
  const name = found?.[2];
  if (name === undefined) return [];
  return findIngredients(name)
    .slice(0, 7)
    .map((i) => `${found?.[1] ?? ""}${i.name.toLowerCase()}`);
}
</script>

<template>
  <div class="add">
    <SuggestInput
      v-model="text"
      :label="label"
      :placeholder="placeholder"
      :suggest="suggest"
      @enter="read"
    />
    <button type="button" class="button" @click="read">Put in</button>
  </div>
  <AskChoices :question="question" :choices="choices" @choose="$event()" />
  <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
</template>

<style scoped>
.add {
  display: flex;
  gap: 12px;
}

.add .suggest {
  flex: 1;
}
</style>
