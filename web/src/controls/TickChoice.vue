<script setup lang="ts" generic="T extends string">
import { useId } from "vue";

/** A choice as words on a ruled line: the chosen one stands over a thick mark. */
defineProps<{
  label: string;
  options: readonly { value: T; label: string; hint?: string }[];
  /** Runs on over several lines where it is too long, instead of off to the side. */
  wraps?: boolean;
}>();
const chosen = defineModel<T>({ required: true });
const name = useId();
</script>

<template>
  <fieldset class="choice">
    <legend class="visually-hidden">{{ label }}</legend>
    <div class="ticks" :class="{ wraps }">
      <label
        v-for="option in options"
        :key="option.value"
        :class="{ on: option.value === chosen }"
        :title="option.hint"
      >
        <input
          v-model="chosen"
          class="visually-hidden"
          type="radio"
          :name="name"
          :value="option.value"
        />
        {{ option.label }}
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
.choice {
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}

.ticks {
  display: inline-flex;
  align-items: stretch;
  height: 44px;
  max-width: 100%;
  overflow: auto hidden;
  scrollbar-width: none;
  border-bottom: 1px solid var(--tick);
}

.ticks.wraps {
  flex-wrap: wrap;
  height: auto;
}

.wraps label {
  min-height: 44px;
}

label {
  position: relative;
  display: inline-flex;
  align-items: center;
  padding: 0 var(--space-4);
  color: var(--quiet);
  white-space: nowrap;
  cursor: pointer;
}

label::after {
  content: "";
  position: absolute;
  bottom: 0;
  left: 50%;
  width: 1px;
  height: 7px;
  background: var(--tick);
}

label:hover {
  color: var(--ink);
}

label.on {
  color: var(--ink);
  font-weight: 700;
}

label.on::after {
  right: 10px;
  left: 10px;
  width: auto;
  height: 4px;
  background: var(--rim);
}

label:focus-within {
  outline: var(--focus);
  outline-offset: 2px;
  border-radius: 3px;
}
</style>
