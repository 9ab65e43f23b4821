<script setup lang="ts">
import { VIGOUR_WORD } from "@kettlos/core/heat/heat-word";
import type { HobHeat } from "@kettlos/core/heats/hob-schema";
import { simmerC } from "@kettlos/core/heat/hob";
import { VIGOURS } from "@kettlos/core/heat/constants";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import TickChoice from "../TickChoice.vue";
import { HOB_LIDS } from "./lids";

/** On a ring: how it simmers, and the lid. */
const props = defineProps<{
  heat: HobHeat;
  altitudeM: number;
  units: UnitSystem;
  isLater?: boolean;
}>();
const emit = defineEmits<{ change: [HobHeat] }>();
const vigours = computed(() =>
  VIGOURS.map((value) => ({
    value,
    label: `${VIGOUR_WORD[value]} ${showTemperature(simmerC(value, props.altitudeM), props.units === "us" ? "us" : "metric")}`,
  })),
);
const set = (part: Partial<HobHeat>) => emit("change", { ...props.heat, ...part });
</script>

<template>
  <TickChoice
    :wraps="isLater"
    label="Simmer"
    :options="vigours"
    :model-value="heat.vigour"
    @update:model-value="set({ vigour: $event })"
  />
  <TickChoice
    label="Lid"
    :options="HOB_LIDS"
    :model-value="heat.lid"
    @update:model-value="set({ lid: $event })"
  />
</template>
