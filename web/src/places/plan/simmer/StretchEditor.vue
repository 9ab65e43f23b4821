<script setup lang="ts">
import { findVessel } from "@kettlos/core/simulate/set-pot";
import type { Method, StretchHeat } from "@kettlos/core/heats/heat-schema";
import { HEATS, METHODS, isRest, suits } from "@kettlos/core/heats/heat";
import { laterHeat } from "@kettlos/core/convert/stretch-ideas";
import type { HeatStretch, Plan } from "@kettlos/core/simulate/plan-schema";
import { withoutStretch } from "@kettlos/core/simulate/without-stretch";
import { computed } from "vue";
import HeatFields from "../../../controls/heat/HeatFields.vue";
import { HOB_LIDS } from "../../../controls/heat/lids";
import TickChoice from "../../../controls/TickChoice.vue";
import StopFields from "../sentence/StopFields.vue";
import StretchMoves from "./StretchMoves.vue";
import { useThePlan } from "../the-plan";

/** One later stretch of the heat: on what, until when, and what comes out or goes back as it begins. */
const props = defineProps<{
  stretchId: string;
}>();
const { plan, kitchen, answers, units } = useThePlan();
const emit = defineEmits<{ change: [Partial<Plan>] }>();

const index = computed(() => plan.value.then.findIndex((s) => s.id === props.stretchId));
const stretch = computed(() => plan.value.then[index.value] ?? null);
const methods = computed(() => {
  const vessel = findVessel(plan.value, kitchen.value);
  const fits = METHODS.filter(
    (m) => vessel !== undefined && suits(vessel, m) && laterHeat(m, kitchen.value) !== null,
  );
  return [
    ...fits.map((value) => ({ value: value as Method | "rest", label: HEATS[value].name })),
    { value: "rest" as const, label: "off the heat" },
  ];
});
const now = computed(() => {
  const { trace } = answers.value;
  const went = trace.stretches[index.value + 1];
  return {
    holdMin: went === undefined ? 30 : went.toMin - went.fromMin,
    endLiquidL: went?.endLiquidL ?? trace.endLiquidL,
    endDepthM: trace.endDepthM,
  };
});
const put = (next: HeatStretch) =>
  emit("change", { then: plan.value.then.map((s) => (s.id === next.id ? next : s)) });

function setHeat(heat: StretchHeat) {
  if (stretch.value === null) return;
  const { stop, heat: was } = stretch.value;
  // Off the heat a temperature is what it cools to, on it what its middle comes to.
  const isKept =
    stop.by === "time" ||
    isRest(heat) === isRest(was) ||
    (!isRest(heat) && stop.by !== "temperature");
  const holdMin = Math.min(120, Math.max(5, Math.round(now.value.holdMin)));
  put({ ...stretch.value, heat, stop: isKept ? stop : { by: "time", holdMin } });
}
function setMethod(method: Method | "rest") {
  const heat: StretchHeat | null =
    method === "rest" ? { method, lid: "on" } : laterHeat(method, kitchen.value);
  if (heat !== null) setHeat(heat);
}
function setStrained(isStrained: boolean) {
  if (stretch.value === null) return;
  const { isStrained: _isStrained, ...rest } = stretch.value;
  put(isStrained ? { ...rest, isStrained } : rest);
}
function remove() {
  const { then, items } = withoutStretch(plan.value, props.stretchId);
  emit("change", { then, items });
}
</script>

<template>
  <div v-if="stretch !== null" class="fields">
    <h3>Then</h3>
    <TickChoice
      wraps
      label="On what"
      :options="methods"
      :model-value="stretch.heat.method"
      @update:model-value="setMethod"
    />
    <TickChoice
      v-if="isRest(stretch.heat)"
      label="Lid"
      :options="HOB_LIDS"
      :model-value="stretch.heat.lid"
      @update:model-value="setHeat({ method: 'rest', lid: $event })"
    />
    <HeatFields
      v-else
      is-later
      :heat="stretch.heat"
      :kitchen="kitchen"
      :units="units"
      :vessel-id="plan.vesselId"
      @change="setHeat"
    />
    <StopFields
      :stop="stretch.stop"
      :now="now"
      :is-off="isRest(stretch.heat)"
      label="So long"
      of-what="what is in it then"
      @change="stretch !== null && put({ ...stretch, stop: $event })"
    />
    <label class="check">
      <input
        type="checkbox"
        :checked="stretch.isStrained"
        @change="setStrained(($event.target as HTMLInputElement).checked)"
      />
      strained first: all that is in it stays out, the liquid goes on
    </label>
    <StretchMoves :stretch-id="stretchId" @change="emit('change', $event)" />
    <p>
      <button type="button" class="link" @click="remove">Take this stretch out</button>
    </p>
  </div>
</template>
