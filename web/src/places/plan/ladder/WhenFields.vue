<script setup lang="ts">
import { HOLD_MIN } from "@kettlos/core/units/limits";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import type { PlanItem, When } from "@kettlos/core/simulate/plan-schema";
import { usualTarget } from "@kettlos/core/simulate/judged";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import QuantityField from "../../../controls/QuantityField.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { stretchNames } from "../simmer/stretch-names";
import { useThePlan } from "../the-plan";

/** When something goes in: a moment by the clock, or when something else is tender. */
const props = defineProps<{ item: PlanItem }>();
const { plan } = useThePlan();
const emit = defineEmits<{ change: [When] }>();

/** What can be waited for: it is judged, and does not itself wait for this. */
const awaited = computed(() =>
  plan.value.items.filter(
    (i) =>
      i.id !== props.item.id &&
      usualTarget(i, plan.value) !== null &&
      (i.when.at !== "whenTender" || i.when.itemId !== props.item.id),
  ),
);
/** The later stretches of the heat, as they are named. */
const later = computed(() => stretchNames(plan.value));
const options = computed(() => [
  { value: "start" as const, label: "at start" },
  { value: "after" as const, label: "after" },
  ...(awaited.value.length > 0 ? [{ value: "whenTender" as const, label: "when tender" }] : []),
  { value: "beforeEnd" as const, label: "before the end" },
  ...(later.value.length > 0 ? [{ value: "stretch" as const, label: "with a later heat" }] : []),
  { value: "offHeat" as const, label: "off the heat" },
  ...(plan.value.end === "strained" ? [{ value: "afterStrain" as const, label: "strained" }] : []),
  { value: "nextDay" as const, label: "next day" },
]);
const at = computed({
  get: () => props.item.when.at,
  set: (value: When["at"]) => {
    if (value === "beforeEnd") emit("change", { at: value, min: 30 });
    else if (value === "after") emit("change", { at: value, min: 0 });
    else if (value === "stretch")
      emit("change", { at: value, stretchId: later.value[0]?.value ?? "" });
    else if (value === "whenTender")
      emit("change", { at: value, itemId: awaited.value[0]?.id ?? "" });
    else emit("change", { at: value });
  },
});
</script>

<template>
  <TickChoice v-model="at" wraps label="When it goes in" :options="options" />
  <QuantityField
    v-if="item.when.at === 'beforeEnd'"
    label="Before the end"
    dimension="time"
    bare-unit="min"
    :show="showDuration"
    :min="1"
    :max="HOLD_MIN.most"
    :model-value="item.when.min"
    @update:model-value="emit('change', { at: 'beforeEnd', min: $event ?? 30 })"
  />
  <QuantityField
    v-else-if="item.when.at === 'after'"
    label="After it simmers (0: once it boils)"
    dimension="time"
    bare-unit="min"
    :show="showDuration"
    :min="0"
    :max="HOLD_MIN.most"
    :model-value="item.when.min"
    @update:model-value="emit('change', { at: 'after', min: $event ?? 0 })"
  />
  <TickChoice
    v-else-if="item.when.at === 'stretch'"
    wraps
    label="With which heat"
    :options="later"
    :model-value="item.when.stretchId"
    @update:model-value="emit('change', { at: 'stretch', stretchId: $event })"
  />
  <TickChoice
    v-else-if="item.when.at === 'whenTender'"
    label="What shall be tender"
    :options="awaited.map((i) => ({ value: i.id, label: nameOf(i).toLowerCase() }))"
    :model-value="item.when.itemId"
    @update:model-value="emit('change', { at: 'whenTender', itemId: $event })"
  />
</template>
