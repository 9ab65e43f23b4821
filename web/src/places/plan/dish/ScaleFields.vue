<script setup lang="ts">
import NumberField from "../../../controls/NumberField.vue";
import { EATERS } from "@kettlos/core/units/limits";
import UnitField from "../../../controls/UnitField.vue";
import { useWords } from "../../../data/use-words";
import { asMuchAsFits, DOES_NOT_SCALE, scaledToPeople } from "@kettlos/core/dish/scale";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import { ref } from "vue";
import TooMuch from "../pot/TooMuch.vue";
import { useThePlan } from "../the-plan";

/** For how many, how much each; more or less of it. */
defineProps<{
  /** The screen says above the pot already that it does not all go in. */
  isSaidAbove: boolean;
}>();
const { plan, kitchen, setPot, units } = useThePlan();
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const words = useWords();

const problem = ref("");
const isScaled = ref(false);
const DEFAULT_EACH_KG = 0.4;

function setPeople(people: number) {
  problem.value = "";
  const { serves } = plan.value;
  if (serves === null) return emit("change", { serves: { people, eachKg: DEFAULT_EACH_KG } });
  if (people === serves.people) return;
  const outcome = outcomeOf(() => scaledToPeople(plan.value, people));
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  isScaled.value = true;
  emit("change", outcome.value);
}
const setEach = (eachKg: number | null) => {
  const people = plan.value.serves?.people ?? 1;
  emit("change", { serves: eachKg === null ? null : { people, eachKg } });
};
function fillPot() {
  const outcome = outcomeOf(() => asMuchAsFits(setPot.value));
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  problem.value = "";
  isScaled.value = true;
  emit("change", outcome.value);
}
</script>

<template>
  <div class="scale">
    <p class="line">
      For
      <NumberField
        label="How many eat"
        hide-label
        whole
        placeholder="6"
        :limits="EATERS"
        :model-value="plan.serves?.people ?? null"
        @update:model-value="$event !== null && setPeople($event)"
      />
      people,
      <UnitField
        label="Each eats"
        hide-label
        little
        dimension="mass"
        :units="units"
        :min="0.01"
        :max="5"
        :like="0.4"
        :model-value="plan.serves?.eachKg ?? null"
        @update:model-value="setEach"
      />
      <span>each</span>
      <button type="button" class="link" @click="fillPot">as much as the pot takes</button>
    </p>
    <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
    <ul v-else-if="isScaled" class="quiet small" role="status" aria-label="What does not scale">
      <li v-for="line in DOES_NOT_SCALE" :key="line">{{ line }}</li>
    </ul>
    <TooMuch
      v-if="!isSaidAbove"
      :plan="plan"
      :kitchen="kitchen"
      :units="units"
      @change="emit('change', $event)"
    />
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
}

.line .quantity {
  width: 96px;
}
</style>
