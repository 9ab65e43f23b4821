<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { weekdayDateOf, weekdayDateClockOf } from "@kettlos/core/units/moments";
import { lastsDaysOf } from "@kettlos/core/because/larder-figures";
import { lasts } from "@kettlos/core/larder/daily-use";
import { heldKg, isUsable } from "@kettlos/core/larder/larder";
import { litresOf } from "@kettlos/core/larder/lot-amounts";
import { petHazardsIn } from "@kettlos/core/larder/pet-hazards";
import { toFreezeL } from "@kettlos/core/portion/lasting";
import type { DailyUse } from "@kettlos/core/simulate/keeping-words";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { potMinutes } from "../../data/pot-minutes";
import DailyUseForm from "./DailyUseForm.vue";

/** Who takes of a stock every day: until when it lasts, and by when it is made again. */
const props = defineProps<{ units: UnitSystem }>();
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const stocks = computed(() => kitchenStore.plans.filter((p) => p.end === "strained"));

const rows = computed(() =>
  (kitchenStore.kitchen?.dailyUses ?? []).map((use) => {
    const held = larderStore.larder.holdings.filter(
      (h) => h.lot.planId === use.planId && isUsable(h, pots.nowMs),
    );
    const haveL = litresOf(heldKg(held));
    const plan = kitchenStore.plans.find((p) => p.id === use.planId) ?? null;
    const { kitchen } = kitchenStore;
    const potMin = plan === null || kitchen === null ? 0 : potMinutes(resolve(plan, kitchen));
    const inFridge = litresOf(heldKg(held.filter((h) => h.place === "fridge")));
    const reckoned = lasts(use, haveL, potMin, pots.nowMs);
    return {
      use,
      plan,
      haveL,
      ...reckoned,
      why: lastsDaysOf(use, haveL, potMin, pots.nowMs),
      tooMuchInFridgeL: toFreezeL(inFridge, reckoned.perDayL),
      hazards: plan?.feeds === "animals" ? held.flatMap((h) => petHazardsIn(h.lot)) : [],
    };
  }),
);
const isAdding = ref(false);
const keep = (dailyUses: DailyUse[]) => void kitchenStore.change({ dailyUses });
function add(use: DailyUse) {
  isAdding.value = false;
  keep([...(kitchenStore.kitchen?.dailyUses ?? []), use]);
}
const remove = (id: string) => kitchenStore.remove("dailyUses", id);
</script>

<template>
  <section v-if="stocks.length > 0" class="daily" aria-labelledby="daily-title">
    <h2 id="daily-title">Every day</h2>
    <ul>
      <li v-for="row in rows" :key="row.use.id">
        <p>
          <strong>{{ row.use.who }}</strong>: {{ showVolume(row.perDayL, one) }} a day of
          {{ row.plan?.name.toLowerCase() ?? "a plan that is gone" }}
        </p>
        <p v-if="row.haveL < row.perDayL" class="ember">
          Not enough for a day: {{ showVolume(row.haveL, one) }} left.
        </p>
        <p v-else>
          {{ showVolume(row.haveL, one) }} last
          <b class="figure">{{ Math.floor(row.days) }} days</b>, until
          {{ weekdayDateOf(row.untilMs) }}; put the next pot on by
          {{ weekdayDateClockOf(row.makeByMs) }}. <WhyFigure :estimate="row.why" />
        </p>
        <p v-if="row.tooMuchInFridgeL > 0.02" class="small ember">
          Freeze {{ showVolume(row.tooMuchInFridgeL, one) }} of it: the fridge keeps it three days.
        </p>
        <p v-if="row.hazards.length > 0" class="small ember">
          <strong>Take care:</strong> not for animals:
          {{ row.hazards.map((h) => `${h.name.toLowerCase()}, ${h.why}`).join("; ") }}.
        </p>
        <p v-if="row.plan?.feeds === 'animals'" class="small quiet">
          Treats stay under a tenth of what an animal eats; an ill animal goes to the vet.
        </p>
        <p class="beside">
          <RouterLink v-if="row.plan" :to="`/plan/${row.plan.id}`">Make it again</RouterLink>
          <button type="button" class="link" @click="remove(row.use.id)">Take off the list</button>
        </p>
      </li>
    </ul>
    <DailyUseForm v-if="isAdding" :stocks="stocks" :units="units" @add="add" />
    <p v-else>
      <button type="button" class="button" @click="isAdding = true">
        Someone takes of it every day
      </button>
    </p>
  </section>
</template>

<style scoped>
.daily,
ul {
  display: grid;
  gap: var(--space-5);
}

ul {
  grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
  gap: var(--space-6) var(--space-8);
}

li {
  padding-left: var(--space-5);
  border-left: 4px solid var(--tick);
}
</style>
