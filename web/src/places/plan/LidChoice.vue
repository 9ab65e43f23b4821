<script setup lang="ts">
import type { Lid } from "@kettlos/core/liquid/constants";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import TickChoice from "../../controls/TickChoice.vue";

const props = defineProps<{ plan: Plan }>();
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const LIDS: { value: Lid; label: string; hint: string }[] = [
  { value: "off", label: "lid off", hint: "All steam leaves; richest, least" },
  { value: "ajar", label: "ajar", hint: "About a third of the steam leaves" },
  { value: "on", label: "on", hint: "Nearly nothing leaves" },
];
const set = (lid: Lid) => emit("change", { heat: { ...props.plan.heat, lid } });
</script>

<template>
  <TickChoice label="Lid" :options="LIDS" :model-value="plan.heat.lid" @update:model-value="set" />
</template>
