<script setup lang="ts">
import { ingredientOf, nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { amountFarOff } from "@kettlos/core/batch/far-off";
import { showMass, type UnitSystem } from "@kettlos/core/units/show";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import { ref, watch } from "vue";
import AmountField from "../../controls/AmountField.vue";
import DoubtAsk from "../../controls/DoubtAsk.vue";
import { notAsPlannedWords } from "../../controls/far-off-words";
import { useDoubt } from "../../controls/use-doubt";
import UnitField from "../../controls/UnitField.vue";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import SwapList from "../../controls/SwapList.vue";
import { newId } from "../../data/new-id";

/** Something on the counter, other than as planned: another amount, part of it, instead, not at all. */
const props = defineProps<{ item: PlanItem; pot: LivePot; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const partKg = ref<number | null>(null);
/** What is typed here goes in with its button, not by leaving the field. */
const amount = ref<Amount>({ massKg: 0 });
watch(
  () => props.item,
  ({ massKg, counted }) => (amount.value = { massKg, ...(counted ? { counted } : {}) }),
  { immediate: true },
);

const { asked, guard, confirm, withdraw } = useDoubt(() => {
  const far = amountFarOff(amount.value.massKg, props.item.massKg);
  return far === null
    ? null
    : notAsPlannedWords(
        showMass(amount.value.massKg, props.units),
        showMass(far.reckoned.expected, props.units),
      );
});
const putIn = () =>
  emit("write", { kind: "added", itemId: props.item.id, massKg: amount.value.massKg });
const problem = ref("");

function split() {
  if (partKg.value === null) return void (problem.value = "Say first how much is kept apart.");
  problem.value = "";
  emit("write", {
    kind: "split",
    itemId: props.item.id,
    intoId: newId(),
    massKg: partKg.value,
  });
}
function swap(part: Partial<PlanItem>) {
  const { ingredientId, massKg } = part;
  if (ingredientId !== undefined && massKg !== undefined)
    emit("write", { kind: "swapped", itemId: props.item.id, ingredientId, massKg });
}
</script>

<template>
  <div class="fields" @input="withdraw">
    <AmountField
      :label="`${nameOf(item)}: so much really goes in now`"
      :ingredient="ingredientOf(item)"
      :amount="amount"
      :units="units"
      @change="amount = $event"
    />
    <DoubtAsk :asked="asked" @yes="confirm(putIn)" @no="withdraw" />
    <button type="button" class="button primary" @click="guard(putIn)">So much is in now</button>
    <div class="beside">
      <UnitField
        v-model="partKg"
        label="Keep part of it for later"
        dimension="mass"
        :units="units"
        :min="0.001"
        :max="item.massKg * 0.98"
        @entered="split"
      />
      <button type="button" class="button" @click="split">Split it</button>
    </div>
    <p v-if="problem" class="ember small" role="alert">{{ problem }}</p>
    <SwapList
      :item="item"
      :plan="pot.batch.plan"
      :kitchen="pot.batch.kitchen"
      :units="units"
      @change="swap"
    />
    <button
      type="button"
      class="button"
      @click="$emit('write', { kind: 'leftOut', itemId: item.id })"
    >
      Leave it out
    </button>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: var(--space-5);
}
</style>
