<script setup lang="ts">
import { either } from "@kettlos/core/units/said";
import { useWords } from "../../../data/use-words";
import NumberField from "../../../controls/NumberField.vue";
import { SHARE_LEFT, HOLD_MIN } from "@kettlos/core/units/limits";
import { BODIES, bodyOf } from "@kettlos/core/seasoning/thickness";
import type { Stop } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import UnitField from "../../../controls/UnitField.vue";
import TemperatureField from "../../../controls/TemperatureField.vue";
import TickChoice from "../../../controls/TickChoice.vue";
import { useThePlan } from "../the-plan";

/** Until when: by the clock, until tender, or when the level has come down. */
const props = defineProps<{
  stop: Stop;
  /** As it is worked out now: where another end begins from. */
  now: { readonly holdMin: number; readonly endLiquidL: number; readonly endDepthM: number };
  /** What the time is of, and what a share is of. */
  label: string;
  ofWhat: string;
  /** Off the heat it stands: the clock says when, or how cool it is. */
  isOff?: boolean;
}>();
const { units } = useThePlan();
const emit = defineEmits<{ change: [Stop] }>();

const words = useWords();
const ALL = computed(
  () =>
    [
      { value: "time", label: "for a time" },
      { value: "tender", label: "until tender" },
      { value: "liquid", label: words([either("down to litres", "down to quarts")]) },
      { value: "share", label: "to a share" },
      { value: "depth", label: "to a depth" },
      { value: "thick", label: "until so thick" },
      { value: "temperature", label: "to a temperature" },
    ] as const,
);
const WHEN_OFF: ReadonlySet<Stop["by"]> = new Set(["time", "temperature"]);
const KINDS = computed(() =>
  props.isOff ? ALL.value.filter((k) => WHEN_OFF.has(k.value)) : ALL.value,
);
/** A roast's middle, and soup that can be eaten. */
const HOT_C = 71;
const EATEN_C = 65;
const THICK_GL = 60;
const thicknesses = BODIES.filter((b) => b.from.value > 0);
const set = (stop: Stop) => emit("change", stop);
function setThick(id: string) {
  const body = BODIES.find((b) => b.id === id);
  if (body !== undefined) set({ by: "thick", flourGL: body.from.value });
}
const kind = computed({
  get: () => props.stop.by,
  set: (by: Stop["by"]) => {
    const { holdMin, endLiquidL, endDepthM } = props.now;
    if (by === "time") set({ by, holdMin: Math.max(1, Math.round(holdMin / 5) * 5) });
    else if (by === "liquid") set({ by, liquidL: Math.max(0.1, Math.round(endLiquidL * 10) / 10) });
    else if (by === "tender") set({ by });
    else if (by === "share") set({ by, share: 0.6 });
    else if (by === "thick") set({ by, flourGL: THICK_GL });
    else if (by === "temperature") set({ by, tempC: props.isOff ? EATEN_C : HOT_C });
    else set({ by, depthM: Math.max(0.005, Math.round(endDepthM * 1000) / 1000) });
  },
});
</script>

<template>
  <div class="fields">
    <TickChoice v-model="kind" wraps label="When it is enough" :options="KINDS" />
    <UnitField
      v-if="stop.by === 'time'"
      :label="label"
      :units="units"
      dimension="time"
      bare-unit="h"
      :min="1"
      :max="HOLD_MIN.most"
      :model-value="stop.holdMin"
      @update:model-value="set({ by: 'time', holdMin: $event ?? 60 })"
    />
    <UnitField
      v-else-if="stop.by === 'liquid'"
      label="Left in the pot, bones in"
      :units="units"
      dimension="volume"
      :min="0.1"
      :max="200"
      :model-value="stop.liquidL"
      @update:model-value="set({ by: 'liquid', liquidL: $event ?? 1 })"
    />
    <div v-else-if="stop.by === 'share'" class="line">
      down to
      <NumberField
        label="How much is left, %"
        hide-label
        share
        :limits="SHARE_LEFT"
        :model-value="stop.share"
        @update:model-value="$event !== null && set({ by: 'share', share: $event })"
      />
      of {{ ofWhat }}
    </div>
    <UnitField
      v-else-if="stop.by === 'depth'"
      label="Depth in the pot"
      :units="units"
      dimension="length"
      :min="0.005"
      :max="1.5"
      :model-value="stop.depthM"
      @update:model-value="set({ by: 'depth', depthM: $event ?? 0.05 })"
    />
    <label v-else-if="stop.by === 'thick'" class="line">
      until it is
      <select
        class="written"
        :value="bodyOf(stop.flourGL).id"
        @change="setThick(($event.target as HTMLSelectElement).value)"
      >
        <option v-for="body in thicknesses" :key="body.id" :value="body.id">{{ body.name }}</option>
      </select>
    </label>
    <TemperatureField
      v-else-if="stop.by === 'temperature'"
      :label="isOff ? 'The liquid down to' : 'In the middle of it'"
      :units="units"
      :min="30"
      :max="120"
      :model-value="stop.tempC"
      @update:model-value="$event !== null && set({ by: 'temperature', tempC: $event })"
    />
  </div>
</template>

<style scoped>
.line {
  display: flex;
  gap: var(--space-4);
  align-items: center;
}
</style>
