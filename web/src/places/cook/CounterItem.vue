<script setup lang="ts">
import { ingredientOf, nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import type { Amount } from "@kettlos/core/ingredient/read-amount";
import { ref, watch } from "vue";
import AmountField from "../../controls/AmountField.vue";
import UnitField from "../../controls/UnitField.vue";
import type { LivePot } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import SwapList from "../plan/SwapList.vue";
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
  <div class="fields">
    <AmountField
      :label="`${nameOf(item)}: so much really goes in now`"
      :ingredient="ingredientOf(item)"
      :amount="amount"
      :units="units"
      @change="amount = $event"
    />
    <button
      type="button"
      class="button primary"
      @click="$emit('write', { kind: 'added', itemId: item.id, massKg: amount.massKg })"
    >
      So much is in now
    </button>
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
  gap: 12px;
}
</style>
