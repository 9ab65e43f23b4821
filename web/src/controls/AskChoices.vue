<script setup lang="ts" generic="T">
/** A question asked once where what was typed can mean two things. */
defineProps<{ question: string; choices: readonly { label: string; value: T }[] }>();
defineEmits<{ choose: [T] }>();
</script>

<template>
  <p v-if="choices.length > 0" class="ask" role="alert">
    {{ question }}
    <button
      v-for="choice in choices"
      :key="choice.label"
      type="button"
      class="button"
      @click="$emit('choose', choice.value)"
    >
      {{ choice.label }}
    </button>
  </p>
</template>

<style scoped>
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
  padding-top: var(--space-4);
}
</style>
