<script setup lang="ts">
import { ref, watch } from "vue";

/** A whole number of things, under its label. What is being typed is not written over. */
withDefaults(
  defineProps<{
    label: string;
    min?: number;
    max?: number;
    step?: number | "any";
    placeholder?: string;
  }>(),
  { min: 0, step: 1 },
);
const count = defineModel<number | null>({ required: true });
defineEmits<{ settled: [] }>();
const text = ref("");
let isTyping = false;
const show = () => {
  isTyping = false;
  text.value = count.value === null ? "" : String(count.value);
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
  count.value = text.value === "" ? null : Number(text.value);
}
</script>

<template>
  <label class="count"
    >{{ label }}
    <input
      class="written"
      type="number"
      :min="min"
      :max="max"
      :step="step"
      :placeholder="placeholder"
      :value="text"
      @input="read"
      @change="$emit('settled')"
      @blur="show"
    />
  </label>
</template>

<style scoped>
.count {
  display: grid;
  color: var(--quiet);
  font-size: 14px;
}

.written {
  width: 88px;
  font-size: 20px;
}
</style>
