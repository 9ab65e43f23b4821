<script setup lang="ts">
import { ref, watch } from "vue";

/** A name: typed as it comes, taken and trimmed on leaving or Enter; Esc brings the old one back. */
const props = defineProps<{ value: string; most: number; label: string; mayBeEmpty?: boolean }>();
const emit = defineEmits<{ change: [string] }>();

const text = ref("");
watch(
  () => props.value,
  (value) => (text.value = value),
  { immediate: true },
);
function take() {
  const name = text.value.trim().slice(0, props.most);
  text.value = name === "" && props.mayBeEmpty !== true ? props.value : name;
  if (text.value !== props.value) emit("change", text.value);
}
</script>

<template>
  <ElInput
    v-model="text"
    :maxlength="most"
    :aria-label="label"
    autocomplete="off"
    @blur="take"
    @keydown.enter.prevent="take"
    @keydown.esc="text = value"
  />
</template>
