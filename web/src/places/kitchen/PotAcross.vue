<script setup lang="ts">
import type { UnitSystem } from "@kettlos/core/units/show";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { computed } from "vue";
import UnitField from "../../controls/UnitField.vue";

/** How wide a pot is at its rim or on its floor: one way where it is round, else two. */
const props = defineProps<{ vessel: Vessel; at: "topM" | "bottomM"; units: UnitSystem }>();
const emit = defineEmits<{ change: [Partial<Vessel>] }>();

const isRound = computed(() => props.vessel.shape === "round");
const NAMES = {
  topM: { round: "Across at the rim", ways: ["Length at the rim", "Width at the rim"] },
  bottomM: { round: "Across at the floor", ways: ["Length at the floor", "Width at the floor"] },
} as const;
const names = computed(() => {
  const { round, ways } = NAMES[props.at];
  return isRound.value ? [round] : ways;
});

function set(index: number, value: number | null) {
  if (value === null) return;
  const [length, width] = props.vessel[props.at];
  const size: [number, number] = isRound.value
    ? [value, value]
    : index === 0
      ? [value, width]
      : [length, value];
  emit("change", { [props.at]: size });
}
</script>

<template>
  <UnitField
    v-for="(name, index) in names"
    :key="name"
    :label="name"
    :units="units"
    dimension="length"
    :min="0.05"
    :max="1.5"
    :model-value="vessel[at][index] ?? null"
    @update:model-value="set(index, $event)"
  />
</template>
