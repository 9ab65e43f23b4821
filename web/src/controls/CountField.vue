<script setup lang="ts">
import { outcomeOf } from "@kettlos/core/units/problem";
import { readBareNumber } from "@kettlos/core/units/read-bare-number";
import { plain } from "@kettlos/core/units/region";
import { ref, useId, watch } from "vue";
import { useInGroup } from "./field-group";

/**
 * A number of things, under its label, taken as it is typed: what is no such number, or out of range, counts as none and is
 * said. What is being typed is not written over.
 */
const props = withDefaults(
  defineProps<{
    label: string;
    min?: number;
    max?: number;
    /** Parts of one too, as in half a ladle. */
    parts?: boolean;
    placeholder?: string;
  }>(),
  { min: 0, max: Infinity, parts: false },
);
const count = defineModel<number | null>({ required: true });
defineEmits<{ settled: [] }>();
const id = useId();
const text = ref("");
const problem = ref("");
useInGroup(() => (problem.value === "" ? null : `Not kept yet: “${props.label}” is not clear.`));
let isTyping = false;
const show = () => {
  isTyping = false;
  problem.value = "";
  text.value = count.value === null ? "" : plain(count.value);
};
watch(
  count,
  () => {
    if (!isTyping) show();
  },
  { immediate: true },
);
function read(event: Event) {
  isTyping = true;
  text.value = (event.target as HTMLInputElement).value;
  problem.value = "";
  count.value = text.value.trim() === "" ? null : readTyped();
}
/** Null, and why in `problem`, where what is typed is no number that may be. */
function readTyped(): number | null {
  const limits = { least: props.min, most: props.max };
  const outcome = outcomeOf(() => readBareNumber(text.value, { isWhole: !props.parts, limits }));
  problem.value = outcome.ok ? "" : outcome.problem.message;
  if (!outcome.ok) return null;
  if (outcome.value.kind === "one") return outcome.value.value;
  problem.value = `${outcome.value.question} Write it without its comma or point.`;
  return null;
}
/** One more or less, by the arrow keys. */
function step(by: number) {
  count.value = Math.min(props.max, Math.max(props.min, (count.value ?? 0) + by));
  problem.value = "";
  text.value = plain(count.value);
}
/** Left, it shows what counts; what is not clear stays as it was typed. */
function leave() {
  isTyping = false;
  if (problem.value === "") show();
}
</script>

<template>
  <label class="count"
    >{{ label }}
    <input
      class="written"
      :inputmode="parts ? 'decimal' : 'numeric'"
      autocomplete="off"
      :placeholder="placeholder"
      :value="text"
      :aria-invalid="problem !== ''"
      :aria-describedby="problem === '' ? undefined : `${id}-problem`"
      @input="read"
      @keydown.up.prevent="step(1)"
      @keydown.down.prevent="step(-1)"
      @change="$emit('settled')"
      @blur="leave"
    />
    <span v-if="problem" :id="`${id}-problem`" class="ember small" role="alert">{{ problem }}</span>
  </label>
</template>

<style scoped>
.count {
  display: grid;
  color: var(--quiet);
  font-size: var(--size-small);
}

.written {
  width: 88px;
  font-size: var(--size-lead);
}
</style>
