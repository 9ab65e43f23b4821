<script setup lang="ts">
import { useWords } from "../data/use-words";
import AskChoices from "./AskChoices.vue";
import { outcomeOf } from "@kettlos/core/units/problem";
import type { NumberReading } from "@kettlos/core/units/read-bare-number";
import { nextTick, ref, useId, watch } from "vue";
import { useInGroup } from "./field-group";

/**
 * A number typed as people type it. What cannot be read stays as typed, with what would be right;
 * what can mean two things is asked once.
 */
const props = defineProps<{
  label: string;
  /** What was typed, in what is kept here. @throws Problem saying what would be right */
  read: (text: string) => NumberReading;
  show: (value: number) => string;
  min?: number;
  max?: number;
  hideLabel?: boolean;
  /** Narrow, for a number of few digits. */
  narrow?: boolean;
  placeholder?: string;
  /** What it stands in is not kept without it. */
  needed?: boolean;
  /** Emptied, it is nothing; else what stood there stays until something is written. */
  clears?: boolean;
}>();
const value = defineModel<number | null>({ required: true });
/** `written`: what the cook wrote was taken, also where it is what stood there. */
const emit = defineEmits<{ entered: []; written: [number] }>();
const words = useWords();

const id = useId();
const text = ref("");
const problem = ref("");
const question = ref("");
const choices = ref<readonly { label: string; value: number }[]>([]);

/** What is being typed is not overwritten by what comes from elsewhere meanwhile. */
let isTyping = false;
const written = () => (value.value === null ? "" : props.show(value.value));
watch(
  value,
  () => {
    if (!isTyping) reset();
  },
  { immediate: true },
);
// In other measures it is written anew, but for what is not clear yet.
watch(written, () => {
  if (!isTyping && problem.value === "" && choices.value.length === 0) reset();
});
useInGroup(() =>
  problem.value !== "" || choices.value.length > 0
    ? `Not kept yet: “${props.label}” is not clear.`
    : props.needed === true && value.value === null
      ? `Not kept yet: “${props.label}” is empty.`
      : null,
);

function reset() {
  isTyping = false;
  text.value = written();
  problem.value = "";
  choices.value = [];
}

/** Reads what was typed. Leaving the field is no entry: only Enter says that it is done. */
function readTyped(isEnter: boolean) {
  choices.value = [];
  problem.value = "";
  if (value.value !== null && text.value === props.show(value.value))
    return void (isEnter && emit("entered"));
  if (text.value.trim() === "" && (value.value === null || props.clears === true))
    return void (value.value = null);
  const outcome = outcomeOf(() => props.read(text.value));
  if (!outcome.ok) {
    problem.value = words(outcome.problem.said);
    return;
  }
  if (outcome.value.kind === "ask") {
    question.value = outcome.value.question;
    choices.value = outcome.value.choices;
    return;
  }
  // Whoever keeps it on Enter has it by then.
  if (take(outcome.value.value) && isEnter) void nextTick(() => emit("entered"));
}

function take(number: number): boolean {
  const low = props.min ?? 0;
  const high = props.max ?? Infinity;
  if (number < low || number > high) {
    problem.value = `${text.value} is out of range: from ${props.show(low)} to ${props.show(high)}.`;
    return false;
  }
  value.value = number;
  emit("written", number);
  reset();
  return true;
}
</script>

<template>
  <div class="quantity" :class="{ narrow }">
    <label :for="id" :class="{ 'visually-hidden': hideLabel }">{{ label }}</label>
    <ElInput
      :id="id"
      v-model="text"
      inputmode="text"
      autocomplete="off"
      :placeholder="placeholder ?? ''"
      :aria-invalid="problem !== ''"
      :aria-describedby="`${id}-problem`"
      @input="isTyping = true"
      @change="readTyped(false)"
      @blur="isTyping = false"
      @keydown.enter.prevent="readTyped(true)"
      @keydown.esc="reset"
    />
    <AskChoices :question="question" :choices="choices" @choose="take" />
    <p v-if="problem" :id="`${id}-problem`" class="problem small" role="alert">
      {{ problem }}
    </p>
  </div>
</template>

<style scoped>
.quantity {
  min-width: 96px;
}

.narrow {
  min-width: 0;
}

.narrow :deep(.el-input) {
  width: 88px;
}

label {
  display: block;
  color: var(--quiet);
  font-size: var(--size-small);
  line-height: 18px;
}

.problem {
  max-width: 320px;
  padding-top: var(--space-3);
  color: var(--ember);
}
</style>
