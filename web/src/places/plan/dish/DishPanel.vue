<script setup lang="ts">
import { scaledToIngredient } from "@kettlos/core/dish/scale";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed, ref } from "vue";
import TickChoice from "../../../controls/TickChoice.vue";
import BodyPanel from "./BodyPanel.vue";
import EatersPanel from "./EatersPanel.vue";
import IngredientLadder from "../ladder/IngredientLadder.vue";
import RecipeWords from "../../../controls/RecipeWords.vue";
import WaysPanel from "./WaysPanel.vue";
import WorkPanel from "./WorkPanel.vue";
import { useThePlan } from "../the-plan";

/** What goes in, the work before, salt and body, who eats, and the ways cooks differ: one at a time. */
defineEmits<{
  change: [Partial<Plan>];
  changeItem: [id: string, part: Partial<PlanItem>];
  addItem: [PlanItem];
  removeItem: [id: string];
}>();
const { plan, answers } = useThePlan();

const SIDES = ["in", "work", "body", "eaters", "ways", "recipe"] as const;
type Side = (typeof SIDES)[number];
const side = ref<Side>("in");
const counted = (word: string, n: number) => (n === 0 ? word : `${word} ${n}`);
const options = computed(() => {
  const labels: Record<Side, string> = {
    in: counted("What goes in", plan.value.items.length),
    work: counted("Work", answers.value.dish.tasks.length),
    body: "Salt and body",
    eaters: "Who eats",
    ways: "Ways",
    recipe: "Recipe",
  };
  return SIDES.filter((s) => s !== "recipe" || plan.value.recipe !== undefined).map((value) => ({
    value,
    label: labels[value],
  }));
});
</script>

<template>
  <div class="panel">
    <TickChoice v-model="side" label="What to look at" :options="options" />
    <IngredientLadder
      v-if="side === 'in'"
      @add="$emit('addItem', $event)"
      @order="$emit('change', { items: [...$event] })"
      @change="(id, part) => $emit('changeItem', id, part)"
      @remove="$emit('removeItem', $event)"
      @scale="(id, massKg) => $emit('change', scaledToIngredient(plan, id, massKg))"
    />
    <WorkPanel v-else-if="side === 'work'" />
    <BodyPanel v-else-if="side === 'body'" @change="$emit('change', $event)" />
    <EatersPanel v-else-if="side === 'eaters'" @change="$emit('change', $event)" />
    <RecipeWords v-else-if="side === 'recipe' && plan.recipe" :recipe="plan.recipe" />
    <WaysPanel v-else @change="$emit('change', $event)" />
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}

.panel :deep(.ticks) {
  flex-wrap: wrap;
  height: auto;
}

.panel :deep(.ticks label) {
  min-height: 38px;
}

@media (pointer: coarse) {
  .panel :deep(.ticks label) {
    min-height: 44px;
  }
}
</style>
