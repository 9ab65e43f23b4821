<script setup lang="ts">
import TickChoice from "../controls/TickChoice.vue";
import { useKitchenStore } from "../data/kitchen-store";
import { UNIT_OPTIONS } from "../words/unit-options";

/** The measures of the kitchen, changed from anywhere. */
const store = useKitchenStore();
</script>

<template>
  <TickChoice
    class="units"
    :class="{ waits: !store.isLoaded }"
    label="Units"
    :options="UNIT_OPTIONS"
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
