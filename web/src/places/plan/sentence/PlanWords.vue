<script setup lang="ts">
import { SET_WORDS } from "@kettlos/core/extraction/set";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";
import WhyFigure from "../../../controls/WhyFigure.vue";
import DishPanel from "../dish/DishPanel.vue";
import PlanSentence from "./PlanSentence.vue";
import { useThePlan } from "../the-plan";

/** The plan in words: its sentence, where its figures come from, and what goes in. */
defineEmits<{
  change: [Partial<Plan>];
  changeItem: [id: string, part: Partial<PlanItem>];
  addItem: [PlanItem];
  removeItem: [id: string];
}>();
const { plan, answers } = useThePlan();
</script>

<template>
  <div class="words">
    <PlanSentence
      @change="$emit('change', $event)"
      @change-item="(id, part) => $emit('changeItem', id, part)"
      @remove-item="$emit('removeItem', $event)"
    />
    <p class="whys small">
      <WhyFigure
        :estimate="
          plan.end === 'served' && answers.dishFigures.portions
            ? answers.dishFigures.portions
            : answers.figures.strainedL
        "
        label="Why so much?"
      />
      <WhyFigure
        v-if="plan.end === 'strained'"
        :estimate="answers.figures.gelatinGL"
        :label="`Why ${SET_WORDS[answers.set.expected]}?`"
      />
      <WhyFigure :estimate="answers.figures.steamedL" label="Why steam?" />
      <WhyFigure
        :estimate="answers.figures.toSimmerMin"
        :label="`Simmers after ${showDuration(answers.figures.toSimmerMin.expected)}`"
      />
    </p>
    <DishPanel
      :key="plan.id"
      @change="$emit('change', $event)"
      @change-item="(id, part) => $emit('changeItem', id, part)"
      @add-item="$emit('addItem', $event)"
      @remove-item="$emit('removeItem', $event)"
    />
  </div>
</template>

<style scoped>
.words {
  min-width: 0;
}

.whys {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  padding: var(--space-1) 0 var(--space-2);
}
</style>
