<script setup lang="ts">
import { BY_WORDS } from "@kettlos/core/because/answers";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import HeatSaid from "../sentence/HeatSaid.vue";
import HeatFields from "../../../controls/heat/HeatFields.vue";
import { markLabels } from "../../../drawings/mark-labels";
import SimmerRibbon from "../../../drawings/SimmerRibbon.vue";
import OtherHeats from "./OtherHeats.vue";
import StretchList from "./StretchList.vue";
import WorkStrip from "../../../drawings/WorkStrip.vue";
import { useThePlan } from "../the-plan";

/** Heat, lid and time, and what they do to the pot over the hours. */
defineEmits<{ change: [Partial<Plan>]; holdBy: [minutes: number] }>();
const { plan, kitchen, answers, units } = useThePlan();

const labels = computed(() => markLabels(plan.value, answers.value.trace, units.value));
const window = computed(() => {
  const { flavour } = answers.value;
  if (flavour === null) return null;
  return {
    from: flavour.window.from.value,
    past: flavour.window.past.value,
    word: BY_WORDS[flavour.by],
  };
});
</script>

<template>
  <section class="simmer">
    <div class="controls">
      <h2 class="visually-hidden">Simmer</h2>
      <HeatFields
        :heat="plan.heat"
        :kitchen="kitchen"
        :units="units"
        :vessel-id="plan.vesselId"
        @change="$emit('change', { heat: $event })"
      />
      <div v-if="plan.stop.by === 'time'" class="hold">
        <button
          type="button"
          class="button"
          aria-label="Half an hour shorter"
          @click="$emit('holdBy', -30)"
        >
          −
        </button>
        <b class="figure">{{ showDuration(plan.stop.holdMin) }}</b>
        <button
          type="button"
          class="button"
          aria-label="Half an hour longer"
          @click="$emit('holdBy', 30)"
        >
          +
        </button>
      </div>
      <HeatSaid @change="$emit('change', $event)" />
      <OtherHeats v-if="plan.items.length > 0" @change="$emit('change', $event)" />
      <StretchList @change="$emit('change', $event)" />
    </div>
    <WorkStrip :tasks="answers.dish.tasks" />
    <SimmerRibbon
      :trace="answers.trace"
      :band="answers.spread.band"
      :units="units"
      :labels="labels"
      :window="window"
    />
  </section>
</template>

<style scoped>
.simmer {
  min-width: 0;
}

.controls {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-7);
  align-items: center;
}

.hold {
  display: flex;
  gap: var(--space-4);
  align-items: center;
}

.hold b {
  min-width: 64px;
  text-align: center;
}

.hold .button {
  min-width: 44px;
  padding: 0;
}
</style>
