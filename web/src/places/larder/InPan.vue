<script setup lang="ts">
import UnitField from "../../controls/UnitField.vue";
import { liquidKgOf, panPlan } from "@kettlos/core/larder/in-a-pan";
import type { Holding } from "@kettlos/core/larder/larder";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import CountField from "../../controls/CountField.vue";
import FieldForm from "../../controls/FieldForm.vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { newId } from "../../data/new-id";
import { savePlan } from "../../data/repository";

/** What is in containers already, to be boiled down, thickened or salted: a plan for a pan with it in. */
const props = defineProps<{ holding: Holding }>();
/** Less is no sauce to boil down. */
const LEAST_LIQUID_KG = 0.02;
const kitchenStore = useKitchenStore();
const router = useRouter();
const count = ref<number | null>(props.holding.count);
const many = computed(() =>
  Math.min(props.holding.count, Math.max(1, Math.floor(count.value ?? 1))),
);
const known = computed(() => liquidKgOf(props.holding.lot, many.value));
/** What the cook says of it, where that is another than was reckoned. */
const said = ref<number | null>(null);
const allKg = computed(() => props.holding.lot.eachKg * many.value);
const liquidKg = computed(() => {
  const kg = said.value ?? known.value;
  return kg === null ? null : Math.min(allKg.value, kg);
});
const units = computed(() => (kitchenStore.units === "us" ? "us" : "metric"));
const plan = computed(() =>
  kitchenStore.kitchen === null || liquidKg.value === null
    ? null
    : panPlan(
        props.holding.lot,
        props.holding.place,
        { count: many.value, liquidKg: liquidKg.value },
        kitchenStore.kitchen,
        newId,
      ),
);
async function take() {
  if (plan.value === null) return;
  await savePlan(plan.value);
  await router.push(`/plan/${plan.value.id}`);
}
</script>

<template>
  <FieldForm class="beside" @keep="take">
    <CountField v-model="count" label="How many into a pan" :min="1" :max="holding.count" />
    <UnitField
      v-if="!holding.lot.isLiquid"
      label="How much of it is liquid"
      little
      dimension="mass"
      :units="units"
      :min="LEAST_LIQUID_KG"
      :max="allKg"
      :model-value="liquidKg"
      @update:model-value="said = $event"
    />
    <button type="submit" class="button" :disabled="plan === null">
      Boil down, thicken or salt it
    </button>
    <p v-if="plan === null" class="small quiet">
      {{
        liquidKg === null
          ? "Say how much of it is liquid: only that boils down."
          : "No pan here holds so many with room to boil."
      }}
    </p>
  </FieldForm>
</template>
