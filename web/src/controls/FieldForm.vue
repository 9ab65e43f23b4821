<script setup lang="ts">
import { useFieldGroup } from "./field-group";

/** Fields that are kept together by one button: nothing is kept while one of them is not clear. */
defineProps<{ notWritten?: string }>();
const emit = defineEmits<{ keep: [] }>();
const { problem, isSettled } = useFieldGroup();
function keep() {
  if (isSettled()) emit("keep");
}
</script>

<template>
  <form @submit.prevent="keep">
    <slot />
    <p v-if="problem || notWritten" class="ember small" role="alert">{{ problem || notWritten }}</p>
  </form>
</template>
