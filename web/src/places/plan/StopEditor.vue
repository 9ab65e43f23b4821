<script setup lang="ts">
import { vTyped } from "../../controls/v-typed";
import type { Answers } from "@kettlos/core/because/answers";
import type { Plan, Stop } from "@kettlos/core/simulate/plan-schema";
import { nameOf } from "@kettlos/core/simulate/item-facts";
import { judgedTarget } from "@kettlos/core/simulate/ruling";
import { showDuration, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import UnitField from "../../controls/UnitField.vue";
import TickChoice from "../../controls/TickChoice.vue";

/** When it is enough: by the clock, or when the level has come down. */
const props = defineProps<{
  plan: Plan;
  answers: Answers;
  units: UnitSystem;
}>();
const emit = defineEmits<{ change: [Partial<Plan>] }>();

const KINDS = [
  { value: "time", label: "for a time" },
  { value: "tender", label: "until tender" },
  { value: "liquid", label: "down to litres" },
  { value: "share", label: "to a share" },
  { value: "depth", label: "to a depth" },
] as const;
const set = (stop: Stop) => emit("change", { stop });
const kind = computed({
  get: () => props.plan.stop.by,
  set: (by: Stop["by"]) => {
    const { trace } = props.answers;
    if (by === "time") set({ by, holdMin: Math.max(1, Math.round(trace.holdMin / 5) * 5) });
    else if (by === "liquid")
      set({
        by,
        liquidL: Math.max(0.1, Math.round(trace.endLiquidL * 10) / 10),
      });
    else if (by === "tender") set({ by });
    else if (by === "share") set({ by, share: 0.6 });
    else
      set({
        by,
        depthM: Math.max(0.005, Math.round(trace.endDepthM * 1000) / 1000),
      });
  },
});
/** What can be judged by its bite here; by itself it is what is done last. */
const judged = computed(() => {
  const { trace } = props.answers;
  return props.plan.items.filter(
    (i) => i.when.at !== "nextDay" && judgedTarget(i, props.plan, trace) !== null,
  );
});
const last = computed(() => {
  const item = props.plan.items.find((i) => i.id === props.answers.trace.mainItemId);
  return item === undefined ? "" : nameOf(item).toLowerCase();
});
</script>

<template>
  <div class="stop">
    <TickChoice v-model="kind" label="When it is enough" :options="KINDS" />
    <UnitField
      v-if="plan.stop.by === 'time'"
      label="Simmer"
      :units="units"
      dimension="time"
      bare-unit="h"
      :min="1"
      :max="2880"
      :model-value="plan.stop.holdMin"
      @update:model-value="set({ by: 'time', holdMin: $event ?? 60 })"
    />
    <UnitField
      v-else-if="plan.stop.by === 'liquid'"
      label="Left in the pot, bones in"
      :units="units"
      dimension="volume"
      :min="0.1"
      :max="200"
      :model-value="plan.stop.liquidL"
      @update:model-value="set({ by: 'liquid', liquidL: $event ?? 1 })"
    />
    <label v-else-if="plan.stop.by === 'share'" class="line">
      down to
      <input
        v-typed="Math.round(plan.stop.share * 100)"
        class="written"
        type="number"
        min="5"
        max="95"
        step="5"
        @change="
          set({
            by: 'share',
            share: Math.min(
              0.95,
              Math.max(0.05, Number(($event.target as HTMLInputElement).value) / 100 || 0.6),
            ),
          })
        "
      />
      % of what went in
    </label>
    <UnitField
      v-else-if="plan.stop.by === 'depth'"
      label="Depth in the pot"
      :units="units"
      dimension="length"
      :min="0.005"
      :max="1.5"
      :model-value="plan.stop.depthM"
      @update:model-value="set({ by: 'depth', depthM: $event ?? 0.05 })"
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
    <p v-if="plan.stop.by !== 'time'" class="small">
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
  gap: 12px;
}

.line {
  display: flex;
  gap: 8px;
  align-items: center;
}

input[type="number"] {
  width: 72px;
}
</style>
