<script setup lang="ts">
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { heatOf } from "@kettlos/core/heats/heat";
import { weekdayClockOf } from "@kettlos/core/units/moments";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import CautionList from "../../controls/CautionList.vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import { flavourCaution } from "./dish/flavour-caution";
import ReadyBy from "./simmer/ReadyBy.vue";
import { useThePlan } from "./the-plan";

/** What to mind, when to start, and the button that puts the pot on. */
const props = defineProps<{
  vessel: Vessel | undefined;
  canStart: boolean;
}>();
const { plan, answers, units } = useThePlan();
defineEmits<{ change: [Partial<Plan>]; putOn: []; practise: [] }>();

const cautions = computed(() => answers.value.cautions.filter((c) => c.places.includes("plan")));
const grave = computed(() => [
  ...cautions.value.filter((c) => c.severity === "danger"),
  ...flavourCaution(answers.value, units.value),
  ...cautions.value.filter((c) => c.severity === "caution"),
]);
const notes = computed(() => cautions.value.filter((c) => c.severity === "note"));
const startWords = computed(
  () => heatOf(plan.value.heat).begin(plan.value.heat, props.vessel).title,
);
const clock = (ms: number) => weekdayClockOf(ms);
</script>

<template>
  <aside class="side">
    <CautionList :cautions="grave" />
    <ReadyBy
      :ready-at="plan.readyAt"
      :word="plan.end === 'served' ? 'Ready' : 'Strained'"
      @change="$emit('change', { readyAt: $event })"
    />
    <p v-if="answers.start !== null" class="small">
      <strong>{{ startWords }} {{ clock(answers.start.lightMs) }}</strong
      >, by {{ clock(answers.start.lightSurelyMs) }} to be sure; prepare from
      {{ clock(answers.start.prepareMs) }}.
      <WhyFigure :estimate="answers.figures.totalMin" />
    </p>
    <button type="button" class="button primary go" :disabled="!canStart" @click="$emit('putOn')">
      Put it on <kbd>P</kbd>
    </button>
    <button type="button" class="link" :disabled="!canStart" @click="$emit('practise')">
      Practise it first, on a made-up pot with a fast clock
    </button>
    <CautionList :cautions="notes" />
  </aside>
</template>

<style scoped>
.side {
  display: grid;
  gap: var(--space-3);
  align-content: start;
  padding-top: var(--space-4);
}

/* On a narrow or a short screen what the plan is for stays in sight: it lies at the foot of the whole plan. */
@media (width <= 1100px), (height <= 480px) {
  .side {
    display: contents;
  }

  .side > :not(.go) {
    margin: var(--space-4) var(--space-6) 0;
  }

  .go {
    position: sticky;
    bottom: 0;
    z-index: 3;
    width: 100%;
    min-height: 48px;
    margin-top: var(--space-4);
    border-radius: 0;
  }
}
</style>
