<script setup lang="ts">
import { canBe, drawnFrom } from "@kettlos/core/larder/draws";
import type { Holding } from "@kettlos/core/larder/larder";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { usualItem } from "@kettlos/core/simulate/usual-plan";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { planById, savePlan } from "../../data/repository";
import { newId } from "../../data/new-id";

/** Sends a lot into a plan: in place of the stock or bones that it asks for, or beside all else. */
const props = defineProps<{ holding: Holding }>();
const kitchenStore = useKitchenStore();
const router = useRouter();
const chosen = ref("");
/** What in a plan this could stand for. */
const placeIn = (plan: Plan) => plan.items.find((i) => canBe(i, props.holding.lot));
const plans = computed(() =>
  kitchenStore.plans
    .filter((p) => p.id !== props.holding.lot.planId)
    .map((plan) => ({ plan, asks: placeIn(plan) !== undefined }))
    .sort((a, b) => Number(b.asks) - Number(a.asks)),
);

async function take() {
  const plan = await planById(chosen.value);
  const { lot, place } = props.holding;
  if (plan === undefined || lot.ingredientId === null) return;
  const there = placeIn(plan);
  const item =
    there ??
    usualItem({
      id: newId(),
      ingredientId: lot.ingredientId,
      massKg: lot.eachKg,
      when: { at: "start" },
    });
  const drawn = drawnFrom(item, lot, place);
  await savePlan({
    ...plan,
    items:
      there === undefined
        ? [...plan.items, drawn]
        : plan.items.map((i) => (i.id === there.id ? drawn : i)),
  });
  await router.push(`/plan/${plan.id}`);
}
</script>

<template>
  <form class="beside" @submit.prevent="take">
    <label class="into"
      >Into a plan
      <select v-model="chosen" class="written">
        <option value="" disabled>which?</option>
        <option v-for="{ plan, asks } in plans" :key="plan.id" :value="plan.id">
          {{ plan.name }}{{ asks ? ", asks for it" : "" }}
        </option>
      </select></label
    >
    <button type="submit" class="button primary">Take it there</button>
  </form>
</template>

<style scoped>
.into {
  display: grid;
  flex: 1;
  color: var(--quiet);
  font-size: var(--size-small);
}
</style>
