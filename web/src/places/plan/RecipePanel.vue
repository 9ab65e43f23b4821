<script setup lang="ts">
import type { Plan } from "@kettlos/core/simulate/plan-schema";

/** The recipe it was read from, sentence by sentence; what no figure of the plan stands for is marked. */
defineProps<{ recipe: NonNullable<Plan["recipe"]> }>();
</script>

<template>
  <section aria-label="The recipe's own words">
    <p v-if="recipe.toTaste.length > 0">
      To taste, at the end: <strong>{{ recipe.toTaste.join(", ") }}</strong>
    </p>
    <ol>
      <li v-for="(step, i) in recipe.steps" :key="i" :class="{ left: !step.isUnderstood }">
        {{ step.text }}
        <span v-if="!step.isUnderstood" class="ember small">not understood: mind it yourself</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
li {
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
}

.left {
  padding-left: 8px;
  border-left: 4px double var(--ember);
}
</style>
