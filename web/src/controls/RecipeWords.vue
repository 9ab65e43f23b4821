<script setup lang="ts">
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";

/** The recipe's own words: what is put in to taste, and its sentences; what no figure of the plan stands for is marked. */
const props = defineProps<{
  recipe: NonNullable<Plan["recipe"]>;
  /** Only what the plan does not stand for: at the stove the rest is told anyway. */
  isOnlyOpen?: boolean;
}>();
const steps = computed(() => props.recipe.steps.filter((s) => !props.isOnlyOpen || !s.isHeld));
</script>

<template>
  <section aria-label="The recipe's own words">
    <p v-if="recipe.toTaste.length > 0">
      To taste, at the end: <strong>{{ recipe.toTaste.join(", ") }}</strong>
    </p>
    <ol>
      <li v-for="(step, i) in steps" :key="i" :class="{ left: !step.isHeld }">
        {{ step.text }}
        <span v-if="!step.isHeld" class="ember small">not in the plan: mind it yourself</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
li {
  padding: var(--space-3) 0;
  border-bottom: 1px solid var(--hair);
}

.left {
  padding-left: var(--space-4);
  border-left: 4px double var(--ember);
}
</style>
