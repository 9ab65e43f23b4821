<script setup lang="ts">
import { MOST_ITEM_KG } from "@kettlos/core/units/limits";
import { useWords } from "../data/use-words";
import { useRefused } from "./use-refused";
import { vTyped } from "./v-typed";
import AskChoices from "./AskChoices.vue";
import type { Ingredient } from "@kettlos/core/ingredient/ingredient";
import { readAmount, type Amount } from "@kettlos/core/ingredient/read-amount";
import { outcomeOf } from "@kettlos/core/units/problem";
import { massStepped } from "@kettlos/core/units/mass-steps";
import { showMass, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref, useId, watch } from "vue";

/** How much of an ingredient: a weight, a volume, or a count whose single weight can be changed. */
const props = defineProps<{
  label: string;
  ingredient: Ingredient;
  amount: Amount;
  units: UnitSystem;
}>();
const emit = defineEmits<{ change: [amount: Amount] }>();
const words = useWords();

const id = useId();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const shown = computed(() =>
  props.amount.counted === undefined
    ? showMass(props.amount.massKg, one.value)
    : `${props.amount.counted.count} ${props.amount.counted.word}`,
);
const text = ref("");
const problem = ref("");
const question = ref("");
const choices = ref<readonly { label: string; value: Amount }[]>([]);
watch(shown, () => reset(), { immediate: true });

function reset() {
  text.value = shown.value;
  problem.value = "";
  choices.value = [];
}

function read() {
  if (text.value === shown.value) return reset();
  const outcome = outcomeOf(() =>
    readAmount(text.value, props.ingredient, props.amount.counted?.eachKg),
  );
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  problem.value = "";
  if (outcome.value.kind === "ask") {
    question.value = outcome.value.question;
    choices.value = outcome.value.choices.map((c) => ({ label: c.label, value: c.amount }));
  } else take(outcome.value.amount);
}

const isPossible = (massKg: number) => massKg > 0 && massKg <= MOST_ITEM_KG;
const outOfRange = (written: string) =>
  `${written} is out of range: more than nothing, up to ${showMass(MOST_ITEM_KG, one.value)}.`;
function take(amount: Amount) {
  choices.value = [];
  if (!isPossible(amount.massKg)) return void (problem.value = outOfRange(text.value));
  emit("change", amount);
}

/** To the next round weight, or the next whole one of what is counted. */
function step(by: -1 | 1) {
  const { massKg, counted } = props.amount;
  if (counted === undefined) return take({ massKg: massStepped(massKg, by, one.value) });
  const count = Math.max(1, by > 0 ? Math.floor(counted.count) + 1 : Math.ceil(counted.count) - 1);
  take({ massKg: count * counted.eachKg, counted: { ...counted, count } });
}

const { refuse, clear, standsIn, refused } = useRefused<"each">();
const eachText = computed(() => showMass(props.amount.counted?.eachKg ?? 0, one.value));
function readEach(event: Event) {
  const { counted } = props.amount;
  if (counted === undefined) return;
  const written = (event.target as HTMLInputElement).value;
  const outcome = outcomeOf(() => readAmount(written, props.ingredient));
  if (!outcome.ok) return refuse("each", written, words(outcome.problem.said));
  if (outcome.value.kind === "ask" || outcome.value.amount.counted !== undefined)
    return refuse("each", written, `What one weighs is a weight with its unit, not "${written}".`);
  const eachKg = outcome.value.amount.massKg;
  const massKg = counted.count * eachKg;
  if (!isPossible(massKg))
    return refuse("each", written, outOfRange(`${counted.count} × ${written}`));
  clear();
  take({ massKg, counted: { ...counted, eachKg } });
}
</script>

<template>
  <div class="amount">
    <label :for="id">{{ label }}</label>
    <div class="steps">
      <button type="button" class="button" aria-label="A little less" @click="step(-1)">−</button>
      <ElInput
        :id="id"
        v-model="text"
        autocomplete="off"
        :aria-invalid="problem !== ''"
        @change="read"
        @keydown.enter="read"
        @keydown.esc="reset"
      />
      <button type="button" class="button" aria-label="A little more" @click="step(1)">+</button>
    </div>
    <label v-if="amount.counted" class="each">
      one weighs <input v-typed="standsIn('each', eachText)" class="written" @change="readEach" />,
      together
      {{ showMass(amount.massKg, one) }}
    </label>
    <AskChoices :question="question" :choices="choices" @choose="take" />
    <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
    <p v-if="refused" class="ember small" role="alert">{{ refused.why }}</p>
  </div>
</template>

<style scoped>
label {
  color: var(--quiet);
  font-size: var(--size-small);
}

.steps {
  display: flex;
  gap: var(--space-3);
}

.steps .button {
  min-width: 44px;
  padding: 0;
}

.each {
  display: block;
  padding-top: var(--space-3);
}

.each input {
  width: 80px;
}
</style>
