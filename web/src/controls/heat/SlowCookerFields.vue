<script setup lang="ts">
import { KNOB_WORDS } from "@kettlos/core/heats/slow-cooker";
import type { SlowCookerHeat } from "@kettlos/core/heats/slow-cooker-schema";
import { showDuration } from "@kettlos/core/units/show";
import QuantityField from "../QuantityField.vue";
import TickChoice from "../TickChoice.vue";

/** In a slow cooker: the setting, cold or hot liquid, and HIGH before LOW. */
const props = defineProps<{ heat: SlowCookerHeat; isLater?: boolean }>();
const emit = defineEmits<{ change: [SlowCookerHeat] }>();
const SETTINGS = [
  { value: "low", label: KNOB_WORDS.low, hint: "Stays under the boil" },
  { value: "high", label: KNOB_WORDS.high, hint: "Comes near the boil" },
] as const;
const STARTS = [
  { value: "cold", label: "cold liquid" },
  { value: "hot", label: "boiling liquid", hint: "Safer and quicker for big pieces" },
] as const;
const set = (part: Partial<SlowCookerHeat>) => emit("change", { ...props.heat, ...part });
</script>

<template>
  <TickChoice
    label="Setting"
    :options="SETTINGS"
    :model-value="heat.setting"
    @update:model-value="set({ setting: $event })"
  />
  <TickChoice
    v-if="!isLater"
    label="Liquid goes in"
    :options="STARTS"
    :model-value="heat.start"
    @update:model-value="set({ start: $event })"
  />
  <QuantityField
    v-if="heat.setting === 'low' && !isLater"
    label="HIGH first for"
    dimension="time"
    bare-unit="min"
    :show="showDuration"
    :min="0"
    :max="480"
    :model-value="heat.highFirstMin"
    @update:model-value="set({ highFirstMin: $event ?? 0 })"
  />
</template>
