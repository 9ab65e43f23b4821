<script setup lang="ts">
import type { Answers } from "@kettlos/core/because/answers";
import { scaledToIngredient } from "@kettlos/core/dish/scale";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import TickChoice from "../../../controls/TickChoice.vue";
import BodyPanel from "./BodyPanel.vue";
import EatersPanel from "./EatersPanel.vue";
import IngredientLadder from "../ladder/IngredientLadder.vue";
import RecipeWords from "../../../controls/RecipeWords.vue";
import WaysPanel from "./WaysPanel.vue";
import WorkPanel from "./WorkPanel.vue";

/** What goes in, the work before, salt and body, who eats, and the ways cooks differ: one at a time. */
const props = defineProps<{
  plan: Plan;
  plans: readonly Plan[];
  kitchen: Kitchen;
  answers: Answers;
  units: UnitSystem;
}>();
defineEmits<{
  change: [Partial<Plan>];
  changeItem: [id: string, part: Partial<PlanItem>];
  addItem: [PlanItem];
  removeItem: [id: string];
}>();

const SIDES = ["in", "work", "body", "eaters", "ways", "recipe"] as const;
type Side = (typeof SIDES)[number];
const side = ref<Side>("in");
const counted = (word: string, n: number) => (n === 0 ? word : `${word} ${n}`);
const options = computed(() => {
  const labels: Record<Side, string> = {
    in: counted("What goes in", props.plan.items.length),
    work: counted("Work", props.answers.dish.tasks.length),
    body: "Salt and body",
    eaters: "Who eats",
    ways: "Ways",
    recipe: "Recipe",
  };
  return SIDES.filter((s) => s !== "recipe" || props.plan.recipe !== undefined).map((value) => ({
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
      :plan="plan"
      :plans="plans"
      :kitchen="kitchen"
      :hold-min="answers.trace.holdMin"
      :verdicts="answers.dish.verdicts"
      :joints="answers.dish.joints"
      :units="units"
      @add="$emit('addItem', $event)"
      @order="$emit('change', { items: [...$event] })"
      @change="(id, part) => $emit('changeItem', id, part)"
      @remove="$emit('removeItem', $event)"
      @scale="(id, massKg) => $emit('change', scaledToIngredient(plan, id, massKg))"
    />
    <WorkPanel v-else-if="side === 'work'" :plan="plan" :answers="answers" :kitchen="kitchen" />
    <BodyPanel
      v-else-if="side === 'body'"
      :plan="plan"
      :answers="answers"
      :units="units"
      @change="$emit('change', $event)"
    />
    <EatersPanel
      v-else-if="side === 'eaters'"
      :plan="plan"
      :kitchen="kitchen"
      :answers="answers"
      :units="units"
      @change="$emit('change', $event)"
    />
    <RecipeWords v-else-if="side === 'recipe' && plan.recipe" :recipe="plan.recipe" />
    <WaysPanel v-else :plan="plan" :kitchen="kitchen" @change="$emit('change', $event)" />
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
