<script setup lang="ts">
import type { Heat } from "@kettlos/core/heats/heat-schema";
import { HEATS, isInOven, isOnRing, isSlow } from "@kettlos/core/heats/heat";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { UnitSystem } from "@kettlos/core/units/show";
import HobFields from "./HobFields.vue";
import OvenFields from "./OvenFields.vue";
import PressureFields from "./PressureFields.vue";
import SlowCookerFields from "./SlowCookerFields.vue";

/** How the pot is heated, with the fields of its own heat. */
defineProps<{
  heat: Heat;
  kitchen: Kitchen;
  units: UnitSystem;
  vesselId: string;
  /** It follows on another heat: how the pot begins is not asked. */
  isLater?: boolean;
}>();
defineEmits<{ change: [Heat] }>();
</script>

<template>
  <div class="fields" role="group" :aria-label="`Heat: ${HEATS[heat.method].name}`">
    <HobFields
      v-if="isOnRing(heat)"
      :heat="heat"
      :altitude-m="kitchen.altitudeM"
      :units="units"
      :is-later="isLater"
      @change="$emit('change', $event)"
    />
    <OvenFields
      v-else-if="isInOven(heat)"
      :heat="heat"
      :ovens="kitchen.ovens"
      :units="units"
      :is-later="isLater"
      @change="$emit('change', $event)"
    />
    <SlowCookerFields
      v-else-if="isSlow(heat)"
      :heat="heat"
      :is-later="isLater"
      @change="$emit('change', $event)"
    />
    <PressureFields
      v-else
      :units="units"
      :heat="heat"
      :cooker="kitchen.vessels.find((v) => v.id === vesselId)?.pressure ?? null"
      @change="$emit('change', $event)"
    />
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: center;
  min-width: 0;
  max-width: 100%;
}

.fields > :deep(*) {
  max-width: 100%;
}
</style>
