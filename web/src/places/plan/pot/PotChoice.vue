<script setup lang="ts">
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { suitsPlan } from "@kettlos/core/simulate/references";
import { showVolume } from "@kettlos/core/units/show";
import { capacityL } from "@kettlos/core/vessel/volume";
import { computed } from "vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { useThePlan } from "../the-plan";

/** Which pot and ring: each pot says whether bones and water fit before anything is in it. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { plan, kitchen, answers, units } = useThePlan();

const LIMIT_WORDS = {
  fits: "fits",
  overFillLine: "over the fill line",
  overRim: "runs over",
  heapAboveRim: "bones stand over the rim",
} as const;
const rows = computed(() =>
  kitchen.value.vessels
    .filter((v) => suitsPlan(v, plan.value))
    .map((vessel) => ({
      vessel,
      fit: [answers.value.fit, ...answers.value.otherPots].find((f) => f.vesselId === vessel.id),
    })),
);
const rings = computed(() => kitchen.value.rings.map((r) => ({ value: r.id, label: r.name })));
</script>

<template>
  <div class="pots">
    <ul class="choice-list">
      <li v-for="{ vessel, fit } in rows" :key="vessel.id">
        <button
          type="button"
          :class="{ on: vessel.id === plan.vesselId }"
          :aria-pressed="vessel.id === plan.vesselId"
          @click="emit('change', { vesselId: vessel.id })"
        >
          <span
            >{{ vessel.name }}
            <span class="quiet small">{{ showVolume(capacityL(vessel), units) }}</span></span
          >
          <span v-if="fit" class="small" :class="fit.limit === 'fits' ? 'herb' : 'ember'">{{
            LIMIT_WORDS[fit.limit]
          }}</span>
        </button>
      </li>
    </ul>
    <TickChoice
      v-if="rings.length > 1"
      label="Ring"
      :options="rings"
      :model-value="plan.ringId"
      @update:model-value="emit('change', { ringId: $event })"
    />
  </div>
</template>

<style scoped>
.pots {
  display: grid;
  gap: var(--space-5);
}
</style>
