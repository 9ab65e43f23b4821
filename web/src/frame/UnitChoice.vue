<script setup lang="ts">
import type { UnitSystem } from "@kettlos/core/units/show";
import TickChoice from "../controls/TickChoice.vue";
import { useKitchenStore } from "../data/kitchen-store";

/** The measures of the kitchen, changed from anywhere. */
const store = useKitchenStore();
const UNITS: { value: UnitSystem; label: string }[] = [
  { value: "metric", label: "metric" },
  { value: "us", label: "US" },
  { value: "both", label: "both" },
];
</script>

<template>
  <TickChoice
    class="units"
    :class="{ waits: !store.isLoaded }"
    label="Units"
    :options="UNITS"
    :model-value="store.units"
    @update:model-value="store.change({ units: $event })"
  />
</template>

<style scoped>
.units :deep(.ticks) {
  height: 48px;
  border-bottom: 0;
  font-size: var(--size-small);
}

/* Until they are known its room is kept. */
.waits {
  visibility: hidden;
}
</style>
