<script setup lang="ts" generic="T extends string">
/** Judgements side by side, each one tap; the chosen one stands over a thick mark. */
defineProps<{
  label: string;
  options: readonly { value: T; label: string }[];
  chosen: string | null;
}>();
defineEmits<{ choose: [T] }>();
defineSlots<{ picture(props: { value: T }): unknown }>();
</script>

<template>
  <fieldset class="marks">
    <legend>{{ label }}</legend>
    <button
      v-for="option in options"
      :key="option.value"
      type="button"
      :class="{ on: option.value === chosen }"
      :aria-pressed="option.value === chosen"
      @click="$emit('choose', option.value)"
    >
      <slot name="picture" :value="option.value" />
      {{ option.label }}
    </button>
  </fieldset>
</template>

<style scoped>
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding-bottom: var(--space-2);
  color: var(--quiet);
  font-size: var(--size-small);
}

button {
  display: grid;
  align-items: center;
  justify-items: center;
  min-width: 64px;
  min-height: 44px;
  padding: var(--space-3) var(--space-2) var(--space-4);
  border: 0;
  border-bottom: 1px solid var(--tick);
  background: none;
  font-size: var(--size-small);
}

button.on {
  border-bottom: 4px solid var(--rim);
  font-weight: 700;
}
</style>
