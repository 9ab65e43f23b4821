<script setup lang="ts">
import {
  showDuration,
  showLength,
  showMass,
  showPressure,
  showVolume,
  type UnitSystem,
} from "@kettlos/core/units/show";
import type { Dimension } from "@kettlos/core/units/unit-table";
import { computed } from "vue";
import QuantityField from "./QuantityField.vue";

/** A quantity field that shows and takes bare numbers in the cook's own units. */
const props = defineProps<{
  label: string;
  dimension: Exclude<Dimension, "temperature">;
  units: UnitSystem;
  min?: number;
  max?: number;
  hideLabel?: boolean;
  needed?: boolean;
  clears?: boolean;
  placeholder?: string;
  /** What one might write, in base units: shown while it is empty. */
  like?: number;
  /** Of what comes by the gram and the millilitre: a bare number is so many g or oz, mL or cups. */
  little?: boolean;
  /** For a time: hours where a bare number means hours. */
  bareUnit?: string;
}>();
const value = defineModel<number | null>({ required: true });
defineEmits<{ entered: [] }>();

const BARE = {
  volume: { metric: "L", us: "qt" },
  mass: { metric: "kg", us: "lb" },
  length: { metric: "cm", us: "in" },
  pressure: { metric: "kPa", us: "psi" },
  time: { metric: "min", us: "min" },
} as const;
const BARE_LITTLE = {
  ...BARE,
  volume: { metric: "mL", us: "cup" },
  mass: { metric: "g", us: "oz" },
} as const;
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const bare = computed(
  () => props.bareUnit ?? (props.little ? BARE_LITTLE : BARE)[props.dimension][one.value],
);
const show = (v: number): string => {
  switch (props.dimension) {
    case "volume":
      return showVolume(v, one.value);
    case "mass":
      return showMass(v, one.value);
    case "length":
      return showLength(v, one.value);
    case "pressure":
      return showPressure(v, one.value);
    case "time":
      return showDuration(v);
  }
};
</script>

<template>
  <QuantityField
    v-model="value"
    :label="label"
    :dimension="dimension"
    :bare-unit="bare"
    :show="show"
    :min="min ?? 0"
    :max="max ?? Infinity"
    :hide-label="hideLabel ?? false"
    :needed="needed"
    :clears="clears"
    :placeholder="placeholder ?? (like === undefined ? bare : show(like))"
    :density-kg-l="1"
    @entered="$emit('entered')"
  />
</template>
