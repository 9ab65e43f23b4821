<script setup lang="ts">
import type { PressureHeat } from "@kettlos/core/heats/pressure-schema";
import { showPressure, type UnitSystem } from "@kettlos/core/units/show";
import type { PressureCooker } from "@kettlos/core/vessel/vessel-schema";
import { computed } from "vue";
import TickChoice from "../TickChoice.vue";

/** Under pressure: which ring or setting, and how the pressure is let down. */
const props = defineProps<{
  heat: PressureHeat;
  cooker: PressureCooker | null;
  units: UnitSystem;
}>();
const emit = defineEmits<{ change: [PressureHeat] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const settings = computed(() =>
  (["high", "low"] as const).flatMap((value) => {
    const kPa = value === "high" ? props.cooker?.highKPa : props.cooker?.lowKPa;
    return kPa === null || kPa === undefined
      ? []
      : [{ value, label: `${value} ${showPressure(kPa, one.value)}` }];
  }),
);
const RELEASES = [
  { value: "natural", label: "natural release", hint: "It falls by itself; for stock and stew" },
  { value: "quick", label: "quick release", hint: "Valve opened; only where nothing foams" },
] as const;
const set = (part: Partial<PressureHeat>) => emit("change", { ...props.heat, ...part });
</script>

<template>
  <TickChoice
    v-if="settings.length > 1"
    label="Pressure"
    :options="settings"
    :model-value="heat.setting"
    @update:model-value="set({ setting: $event })"
  />
  <TickChoice
    label="Release"
    :options="RELEASES"
    :model-value="heat.release"
    @update:model-value="set({ release: $event })"
  />
</template>
