<script setup lang="ts">
import { useWords } from "../../../data/use-words";
import { statedHeat } from "@kettlos/core/formats/recipe/stated-heat";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import { ref } from "vue";
import { useThePlan } from "../the-plan";

/** Heat, lid and time, said in one go as a cook says them. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { setPot } = useThePlan();
const words = useWords();

const text = ref("");
const problem = ref("");
function take() {
  problem.value = "";
  if (text.value.trim() === "") return;
  const outcome = outcomeOf(() => statedHeat(text.value, setPot.value));
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  text.value = "";
  emit("change", outcome.value);
}
</script>

<template>
  <span class="said">
    <input
      v-model="text"
      class="written"
      aria-label="Say heat and time"
      placeholder="or say it: LOW 8 h"
      @keydown.enter.prevent="take"
      @input="problem = ''"
      @keydown.esc="((text = ''), (problem = ''))"
      @change="take"
    />
    <span v-if="problem" class="ember small" role="alert">{{ problem }}</span>
  </span>
</template>

<style scoped>
.said {
  display: inline-flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: center;
}

.written {
  width: 170px;
}
</style>
