<script setup lang="ts">
import type { Answers } from "@kettlos/core/because/answers";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { useKitchenStore } from "../../data/kitchen-store";
import PieceBoundary from "../../frame/PieceBoundary.vue";
import { provideThePlan } from "./the-plan";

/** A piece of the screen: what stands in it has the plan as this piece's turn shows it, and an error stays within. */
const props = defineProps<{ what: string; plan: Plan; kitchen: Kitchen; answers: Answers }>();
const kitchenStore = useKitchenStore();
provideThePlan(() => ({
  plan: props.plan,
  plans: kitchenStore.plans,
  kitchen: props.kitchen,
  answers: props.answers,
  units: kitchenStore.units,
}));
</script>

<template>
  <PieceBoundary :what="what" :of="plan"><slot /></PieceBoundary>
</template>
