<script setup lang="ts">
import { allergenWords } from "@kettlos/core/ingredient/allergen-words";
import { inWords } from "@kettlos/core/units/said";
import { figure } from "@kettlos/core/units/region";
import { swapsFor, type SwapChange } from "@kettlos/core/dish/substitution";
import { swapped } from "@kettlos/core/dish/swapped";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan, PlanItem } from "@kettlos/core/simulate/plan-schema";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import { cleared } from "../data/cleared";

/** What would do instead, and what each changes in the pot. */
const props = defineProps<{ item: PlanItem; plan: Plan; kitchen: Kitchen; units: UnitSystem }>();
const emit = defineEmits<{ change: [Partial<PlanItem>] }>();

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const swaps = computed(() => swapsFor(props.plan, props.item.id, props.kitchen));
const sign = (n: number) => (n > 0 ? "+" : "−");

function words(c: SwapChange): string {
  const said = [
    Math.abs(c.liquidL) >= 0.03
      ? `${sign(c.liquidL)}${showVolume(Math.abs(c.liquidL), one.value)} liquid`
      : "",
    Math.abs(c.saltG) >= 0.5 ? `${sign(c.saltG)}${figure(Math.abs(c.saltG), 0)} g salt` : "",
    Math.abs(c.fatG) >= 5 ? `${sign(c.fatG)}${figure(Math.abs(c.fatG), 0)} g fat` : "",
    Math.abs(c.flourGL) >= 2 ? (c.flourGL > 0 ? "thicker" : "thinner") : "",
    c.cookMin !== null && Math.abs(c.cookMin) >= 5
      ? c.cookMin > 0
        ? "cooks longer"
        : "done sooner"
      : "",
    c.allergensIn.length > 0 ? `brings ${allergenWords(c.allergensIn)}` : "",
    c.allergensOut.length > 0 ? `no ${allergenWords(c.allergensOut)}` : "",
  ].filter(Boolean);
  return said.length === 0 ? "changes nothing to speak of" : said.join(" · ");
}

function take(ingredientId: string, massKg: number) {
  const next = swapped(props.item, ingredientId, massKg);
  emit("change", { ...cleared("counted", "label", "target", "fromPlanId", "fromLotId"), ...next });
}
</script>

<template>
  <ul v-if="swaps.length > 0" class="choice-list">
    <li v-for="swap in swaps" :key="swap.ingredientId">
      <button type="button" @click="take(swap.ingredientId, swap.massKg)">
        <span>
          <strong>{{ swap.name }}</strong>
          <span class="quiet small change">{{
            swap.change.ok ? words(swap.change.value) : inWords(swap.change.problem.said, units)
          }}</span>
        </span>
        <b class="figure">{{ showMass(swap.massKg, one) }}</b>
      </button>
    </li>
  </ul>
  <p v-else class="quiet small">
    Nothing stands in for it as it is. Take it off, and put something else in.
  </p>
</template>

<style scoped>
.change {
  display: block;
}
</style>
