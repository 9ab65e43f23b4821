<script setup lang="ts">
/** A whole number of things, under its label. */
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
const read = (event: Event) => {
  const { value } = event.target as HTMLInputElement;
  count.value = value === "" ? null : Number(value);
};
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
      :value="count ?? ''"
      @input="read"
      @change="$emit('settled')"
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
