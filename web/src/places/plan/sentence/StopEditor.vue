<script setup lang="ts">
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { judgedTarget } from "@kettlos/core/simulate/judged";
import { showDuration } from "@kettlos/core/units/show";
import { computed } from "vue";
import StopFields from "./StopFields.vue";
import { useThePlan } from "../the-plan";

/** When it is enough: by the clock, or when the level has come down. */
const emit = defineEmits<{ change: [Partial<Plan>] }>();
const { plan, answers } = useThePlan();

const now = computed(() => {
  const { trace } = answers.value;
  const went = trace.stretches[0];
  return {
    holdMin: went === undefined ? trace.holdMin : went.toMin - went.fromMin,
    endLiquidL: went?.endLiquidL ?? trace.endLiquidL,
    endDepthM: trace.endDepthM,
  };
});
/** What can be judged by its bite here; by itself it is what is done last. */
const judged = computed(() => {
  const { trace } = answers.value;
  return plan.value.items.filter((i) => i.when.at !== "nextDay" && judgedTarget(i, trace) !== null);
});
const last = computed(() => {
  const item = plan.value.items.find((i) => i.id === answers.value.trace.mainItemId);
  return item === undefined ? "" : nameOf(item).toLowerCase();
});
</script>

<template>
  <div class="stop">
    <StopFields
      :stop="plan.stop"
      :now="now"
      label="Simmer"
      of-what="what went in"
      @change="emit('change', { stop: $event })"
    />
    <label v-if="plan.stop.by === 'tender' && judged.length > 1"
      >Judged by
      <select
        class="written"
        :value="judged.some((i) => i.id === plan.ruledBy) ? plan.ruledBy : ''"
        @change="
          emit('change', {
            ruledBy: ($event.target as HTMLSelectElement).value || undefined,
          })
        "
      >
        <option value="">
          what is done last{{ plan.ruledBy === undefined ? `: ${last}` : "" }}
        </option>
        <option v-for="item in judged" :key="item.id" :value="item.id">{{ nameOf(item) }}</option>
      </select></label
    >
    <p v-if="plan.stop.by !== 'time' && plan.then.length === 0" class="small">
      About {{ showDuration(answers.figures.holdMin.expected) }} ({{
        showDuration(answers.figures.holdMin.low)
      }}
      to {{ showDuration(answers.figures.holdMin.high) }}).
    </p>
  </div>
</template>

<style scoped>
.stop {
  display: grid;
  gap: var(--space-5);
}
</style>
