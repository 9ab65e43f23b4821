<script setup lang="ts">
import { dateClockOf } from "@kettlos/core/units/moments";

/** What was taken away lately, each brought back by a tap. */
defineProps<{
  removed: readonly { readonly id: string; readonly name: string; readonly atMs: number }[];
  /** "bring it back". */
  word: string;
}>();
defineEmits<{ back: [id: string] }>();
</script>

<template>
  <ul>
    <li v-for="one in removed" :key="one.id">
      <strong>{{ one.name }}</strong>
      <span class="quiet small">{{ dateClockOf(one.atMs) }}</span>
      <button
        type="button"
        class="link"
        :aria-label="`${word}: ${one.name}`"
        @click="$emit('back', one.id)"
      >
        {{ word }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  align-items: baseline;
  border-bottom: 1px solid var(--hair);
}

.link {
  min-height: 44px;
}
</style>
