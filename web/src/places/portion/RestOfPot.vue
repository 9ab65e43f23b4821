<script setup lang="ts">
import type { WayOut } from "@kettlos/core/larder/larder-words";
import type { PetHazard } from "@kettlos/core/ingredient/pet-hazards";

/** What becomes of what does not fill a container. */
defineProps<{ rest: string; hazards: readonly PetHazard[]; canFillOneMore: boolean }>();
defineEmits<{ oneMore: []; use: [WayOut] }>();
</script>

<template>
  <section class="rest" aria-label="What is over">
    <h3>The {{ rest }} that are over</h3>
    <p class="beside">
      <button v-if="canFillOneMore" type="button" class="button" @click="$emit('oneMore')">
        One more, not full
      </button>
      <button type="button" class="button" @click="$emit('use', 'table')">To the table</button>
      <button
        v-if="hazards.length === 0"
        type="button"
        class="button"
        @click="$emit('use', 'animals')"
      >
        To the animals
      </button>
      <button type="button" class="button" @click="$emit('use', 'thrown')">Thrown away</button>
    </p>
    <p v-if="hazards.length > 0" class="small">
      <strong>Take care:</strong> not for animals:
      {{ hazards.map((h) => `${h.name.toLowerCase()}, ${h.why}`).join("; ") }}.
    </p>
  </section>
</template>

<style scoped>
.rest {
  display: grid;
  gap: var(--space-3);
}
</style>
