<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { useWords } from "../../../data/use-words";
import { linkedTo, stockNeeds } from "@kettlos/core/dish/linked";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import { yieldOf } from "../../../data/stock-yields";
import { cleared } from "../../../data/cleared";
import { useThePlan } from "../the-plan";

/** Takes a liquid from another plan's pot: its salt, gelatin and alcohol come along. */
const props = defineProps<{
  item: PlanItem;
}>();
const { plan, plans, kitchen } = useThePlan();
const emit = defineEmits<{ change: [Partial<PlanItem>] }>();
const words = useWords();

const stocks = computed(() =>
  plans.value.filter(
    (p) =>
      p.id !== plan.value.id &&
      p.end === "strained" &&
      !p.items.some((i) => i.fromPlanId === plan.value.id),
  ),
);
const need = computed(() => {
  const from = plans.value.find((p) => p.id === props.item.fromPlanId);
  const yields = from === undefined ? null : yieldOf(resolve(from, kitchen.value));
  return yields?.ok === true ? (stockNeeds(plan.value, [yields.value])[0] ?? null) : null;
});

function take(event: Event) {
  const id = (event.target as HTMLSelectElement).value;
  const from = stocks.value.find((p) => p.id === id);
  if (from === undefined) return emit("change", cleared("fromPlanId", "label"));
  const yields = yieldOf(resolve(from, kitchen.value));
  if (!yields.ok) return;
  const { fromPlanId, label } = linkedTo(props.item, yields.value);
  emit("change", {
    ingredientId: "houseStock",
    ...(fromPlanId === undefined ? {} : { fromPlanId }),
    ...(label === undefined ? {} : { label }),
  });
}
</script>

<template>
  <label v-if="stocks.length > 0" class="link-from">
    <span class="quiet small">From another pot</span>
    <select class="written" :value="item.fromPlanId ?? ''" @change="take">
      <option value="">bought, or in the house</option>
      <option v-for="p in stocks" :key="p.id" :value="p.id">{{ p.name }}</option>
    </select>
  </label>
  <p v-if="need" class="small" :class="{ ember: need.state === 'short' }" role="status">
    {{ words(need.text) }}
  </p>
</template>

<style scoped>
.link-from {
  display: grid;
}
</style>
