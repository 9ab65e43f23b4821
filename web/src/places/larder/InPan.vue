<script setup lang="ts">
import { panPlan } from "@kettlos/core/larder/in-a-pan";
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
const kitchenStore = useKitchenStore();
const router = useRouter();
const count = ref<number | null>(props.holding.count);
const many = computed(() =>
  Math.min(props.holding.count, Math.max(1, Math.floor(count.value ?? 1))),
);
const plan = computed(() =>
  kitchenStore.kitchen === null
    ? null
    : panPlan(props.holding.lot, props.holding.place, many.value, kitchenStore.kitchen, newId),
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
    <button type="submit" class="button" :disabled="plan === null">
      Boil down, thicken or salt it
    </button>
    <p v-if="plan === null" class="small quiet">No pan here holds so many with room to boil.</p>
  </FieldForm>
</template>
