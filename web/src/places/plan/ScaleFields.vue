<script setup lang="ts">
import UnitField from "../../controls/UnitField.vue";
import { useWords } from "../../data/use-words";
import { vTyped } from "../../controls/v-typed";
import { asMuchAsFits, DOES_NOT_SCALE, scaledToPeople } from "@kettlos/core/dish/scale";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import type { UnitSystem } from "@kettlos/core/units/show";
import { ref } from "vue";
import TooMuch from "./TooMuch.vue";

/** For how many, how much each; more or less of it. */
const props = defineProps<{
  plan: Plan;
  kitchen: Kitchen;
  units: UnitSystem;
  /** The screen says above the pot already that it does not all go in. */
  isSaidAbove: boolean;
}>();
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const words = useWords();

const problem = ref("");
const isScaled = ref(false);
const DEFAULT_EACH_KG = 0.4;

function setPeople(text: string) {
  const people = Number(text);
  if (!Number.isInteger(people) || people < 1 || people > 2000)
    return void (problem.value = `"${text}" is not a number of people from 1 to 2000.`);
  problem.value = "";
  const { serves } = props.plan;
  if (serves === null) return emit("change", { serves: { people, eachKg: DEFAULT_EACH_KG } });
  if (people === serves.people) return;
  const outcome = outcomeOf(() => scaledToPeople(props.plan, people));
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  isScaled.value = true;
  emit("change", outcome.value);
}
const setEach = (eachKg: number | null) => {
  const people = props.plan.serves?.people ?? 1;
  emit("change", { serves: eachKg === null ? null : { people, eachKg } });
};
function fillPot() {
  const outcome = outcomeOf(() => asMuchAsFits(props.plan, props.kitchen));
  if (!outcome.ok) return void (problem.value = words(outcome.problem.said));
  problem.value = "";
  isScaled.value = true;
  emit("change", outcome.value);
}
</script>

<template>
  <div class="scale">
    <p class="line">
      <label
        >For
        <input
          v-typed="plan.serves?.people ?? ''"
          class="written people"
          inputmode="numeric"
          aria-label="How many eat"
          placeholder="6"
          @change="setPeople(($event.target as HTMLInputElement).value)"
          @keydown.enter="setPeople(($event.target as HTMLInputElement).value)"
        />
        people,</label
      >
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
  gap: 4px 10px;
  align-items: center;
}

.people {
  width: 64px;
  text-align: right;
}

.line .quantity {
  width: 96px;
}
</style>
