<script setup lang="ts">
import { PSI_KPA } from "@kettlos/core/units/unit-table";
import { vTyped } from "../../controls/v-typed";
import {
  ELECTRIC_HIGH_KPA,
  ELECTRIC_LOW_KPA,
  pressureHoldC,
  STOVETOP_SECOND_RING_KPA,
} from "@kettlos/core/heat/pressure";
import { showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import type { PressureCooker } from "@kettlos/core/vessel/vessel-schema";
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
const setDrive = (drive: PressureCooker["drive"]) =>
  set(
    drive === "electric"
      ? { drive, highKPa: ELECTRIC_HIGH_KPA, lowKPa: ELECTRIC_LOW_KPA }
      : { drive, highKPa: STOVETOP_SECOND_RING_KPA, lowKPa: null },
  );
const heldAt = computed(() =>
  showTemperature(
    pressureHoldC(props.cooker.highKPa, props.altitudeM),
    props.units === "us" ? "us" : "metric",
  ),
);
/** Gauges are marked in psi where °F is read. */
const unit = computed(() =>
  props.units === "us" ? { name: "psi", kPa: PSI_KPA } : { name: "kPa", kPa: 1 },
);
const shown = (kPa: number) => Math.round((kPa / unit.value.kPa) * 10) / 10;
const typedKPa = (event: Event) =>
  Math.round(Number((event.target as HTMLInputElement).value) * unit.value.kPa * 10) / 10;
</script>

<template>
  <div class="fields">
    <TickChoice
      label="How it is heated"
      :options="DRIVES"
      :model-value="cooker.drive"
      @update:model-value="setDrive"
    />
    <label
      >High pressure, {{ unit.name }} gauge
      <input
        v-typed="shown(cooker.highKPa)"
        class="written"
        type="number"
        :min="shown(20)"
        :max="shown(150)"
        step="any"
        @change="set({ highKPa: typedKPa($event) })"
    /></label>
    <label
      >Low pressure, {{ unit.name }}, 0 for none
      <input
        v-typed="shown(cooker.lowKPa ?? 0)"
        class="written"
        type="number"
        min="0"
        :max="shown(120)"
        step="any"
        @change="set({ lowKPa: typedKPa($event) >= 10 ? typedKPa($event) : null })"
    /></label>
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
  gap: 8px 24px;
  align-items: end;
}

label:not(.check) {
  color: var(--quiet);
  font-size: 14px;
}

input[type="number"] {
  display: block;
  width: 96px;
}
</style>
