<script setup lang="ts">
import { useWords } from "../../../data/use-words";
import { choiceOf, choose, questionsFor } from "@kettlos/core/dish/schools/schools";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { useThePlan } from "../the-plan";

/** The questions on which cooks differ that this pot raises; each way says what it does. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { plan, kitchen } = useThePlan();
const words = useWords();

const rows = computed(() =>
  questionsFor(plan.value).map((q) => {
    const chosen = choiceOf(q, plan.value);
    return {
      q,
      chosen,
      options: q.schools.map((s) => ({
        value: s.id,
        label: words(s.label),
        hint: words(s.effect),
      })),
      effect: words(q.schools.find((s) => s.id === chosen)?.effect),
    };
  }),
);
const take = (questionId: string, schoolId: string) =>
  emit("change", choose(plan.value, questionId, schoolId, kitchen.value));
</script>

<template>
  <section class="ways" aria-label="Ways">
    <ul tabindex="0" aria-label="Questions on which cooks differ">
      <li v-for="row in rows" :key="row.q.id">
        <strong>{{ row.q.question }}</strong>
        <TickChoice
          :label="row.q.question"
          :options="row.options"
          :model-value="row.chosen"
          @update:model-value="take(row.q.id, $event)"
        />
        <span class="quiet small">{{ row.effect }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  max-height: 340px;
  overflow: auto;
}

li {
  display: grid;
  grid-template-columns: 128px minmax(0, 1fr);
  gap: 0 var(--space-5);
  align-items: center;
  padding: var(--space-1) 0 var(--space-2);
  border-bottom: 1px solid var(--hair);
}

li > span {
  grid-column: 2;
}

@media (width <= 700px) {
  ul {
    max-height: none;
  }

  li {
    grid-template-columns: minmax(0, 1fr);
  }

  li > span {
    grid-column: 1;
  }
}
</style>
