<script setup lang="ts">
import { pressureHoldC } from "@kettlos/core/heat/pressure";
import { USUAL_PRESSURE } from "@kettlos/core/heat/usual-pressure";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import type { PressureCooker } from "@kettlos/core/vessel/vessel-schema";
import { HIGH_KPA, LOW_KPA } from "@kettlos/core/units/limits";
import { computed } from "vue";
import TickChoice from "../../controls/TickChoice.vue";
import UnitField from "../../controls/UnitField.vue";

/** What the maker says of a pressure cooker: its pressures, least liquid, and whether it vents. */
const props = defineProps<{ cooker: PressureCooker; altitudeM: number; units: UnitSystem }>();
const emit = defineEmits<{ change: [PressureCooker] }>();
const DRIVES = [
  { value: "stovetop", label: "on a ring" },
  { value: "electric", label: "electric" },
] as const;
const set = (part: Partial<PressureCooker>) => emit("change", { ...props.cooker, ...part });
/** Its pressures go with what heats it; what else its maker said stays. */
function setDrive(drive: PressureCooker["drive"]) {
  const { highKPa, lowKPa } = USUAL_PRESSURE[drive];
  set({ drive, highKPa, lowKPa });
}
const heldAt = computed(() =>
  showTemperature(
    pressureHoldC(props.cooker.highKPa, props.altitudeM),
    props.units === "us" ? "us" : "metric",
  ),
);
</script>

<template>
  <div class="fields">
    <TickChoice
      label="How it is heated"
      :options="DRIVES"
      :model-value="cooker.drive"
      @update:model-value="setDrive"
    />
    <UnitField
      label="High pressure, by the gauge"
      dimension="pressure"
      :units="units"
      :min="HIGH_KPA.least"
      :max="HIGH_KPA.most"
      needed
      :model-value="cooker.highKPa"
      @update:model-value="$event !== null && set({ highKPa: $event })"
    />
    <UnitField
      label="Low pressure, 0 for none"
      dimension="pressure"
      placeholder="it has none"
      :units="units"
      :min="0"
      :max="LOW_KPA.most"
      :model-value="cooker.lowKPa"
      @update:model-value="set({ lowKPa: ($event ?? 0) < LOW_KPA.least ? null : $event })"
    />
    <UnitField
      label="Least liquid, by its booklet"
      placeholder="not known"
      dimension="volume"
      :units="units"
      :min="0"
      :max="5"
      :model-value="cooker.minLiquidL"
      @update:model-value="set({ minLiquidL: $event })"
    />
    <label class="check">
      <input
        type="checkbox"
        :checked="cooker.vents"
        @change="set({ vents: ($event.target as HTMLInputElement).checked })"
      />
      steam leaves all the time
    </label>
    <p class="quiet">
      It holds at <b class="figure">{{ heldAt }}</b> here
    </p>
  </div>
</template>

<style scoped>
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-7);
  align-items: end;
}

label:not(.check) {
  color: var(--quiet);
  font-size: var(--size-small);
}
</style>
