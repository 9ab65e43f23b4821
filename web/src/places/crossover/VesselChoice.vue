<script setup lang="ts">
import { suits } from "@kettlos/core/heats/heat";
import type { Target } from "@kettlos/core/convert/like";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { capacityL } from "@kettlos/core/vessel/volume";
import { computed } from "vue";

/** The vessels of this kitchen that suit a heat. */
const props = defineProps<{ target: Target; kitchen: Kitchen; units: UnitSystem }>();
defineEmits<{ change: [vesselId: string] }>();
const vessels = computed(() =>
  props.kitchen.vessels.filter((v) => suits(v, props.target.heat.method)),
);
</script>

<template>
  <ul class="choice-list">
    <li v-for="vessel in vessels" :key="vessel.id">
      <button
        type="button"
        :class="{ on: vessel.id === target.vesselId }"
        :aria-pressed="vessel.id === target.vesselId"
        @click="$emit('change', vessel.id)"
      >
        {{ vessel.name }}
        <span class="quiet small">{{ showVolume(capacityL(vessel), units) }}</span>
      </button>
    </li>
  </ul>
</template>
