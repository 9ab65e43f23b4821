<script setup lang="ts">
import type { OvenHeat } from "@kettlos/core/heats/oven-schema";
import type { Oven } from "@kettlos/core/heat/oven-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import TemperatureField from "../TemperatureField.vue";
import TickChoice from "../TickChoice.vue";
import { OVEN_LIDS } from "./lids";

/** In the oven: how hot, the lid, and whether the pot goes in hot. */
const props = defineProps<{
  heat: OvenHeat;
  ovens: readonly Oven[];
  units: UnitSystem;
  isLater?: boolean;
}>();
const emit = defineEmits<{ change: [OvenHeat] }>();
const ovens = computed(() => props.ovens.map((o) => ({ value: o.id, label: o.name })));
const maxC = computed(() => props.ovens.find((o) => o.id === props.heat.ovenId)?.maxC ?? 250);
const STARTS = [
  { value: "hot", label: "in hot", hint: "Brought to the simmer on the ring first" },
  { value: "cold", label: "in cold", hint: "Straight from the counter: it warms slowly" },
] as const;
const set = (part: Partial<OvenHeat>) => emit("change", { ...props.heat, ...part });
</script>

<template>
  <TemperatureField
    whole
    label="Oven"
    hide-label
    :units="units"
    :min="80"
    :max="maxC"
    :model-value="heat.ovenC"
    @update:model-value="set({ ovenC: $event ?? 150 })"
  />
  <TickChoice
    v-if="ovens.length > 1"
    label="Which oven"
    :options="ovens"
    :model-value="heat.ovenId"
    @update:model-value="set({ ovenId: $event })"
  />
  <TickChoice
    label="Lid in the oven"
    :options="OVEN_LIDS"
    :model-value="heat.lid"
    @update:model-value="set({ lid: $event })"
  />
  <TickChoice
    v-if="!isLater"
    label="How it goes in"
    :options="STARTS"
    :model-value="heat.start"
    @update:model-value="set({ start: $event })"
  />
</template>
