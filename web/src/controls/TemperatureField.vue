<script setup lang="ts">
import { showOven, showTemperature, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import QuantityField from "./QuantityField.vue";

/** A temperature in the cook's own degrees: a bare number is read as it is shown. °C inside. */
const props = defineProps<{
  label: string;
  units: UnitSystem;
  min?: number;
  max?: number;
  hideLabel?: boolean;
  needed?: boolean;
  /** Shown to the degree, as an oven is set. */
  whole?: boolean;
}>();
const value = defineModel<number | null>({ required: true });
defineEmits<{ entered: []; written: [number] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const show = (tempC: number) =>
  props.whole === true ? showOven(tempC, one.value) : showTemperature(tempC, one.value);
</script>

<template>
  <QuantityField
    v-model="value"
    :label="label"
    :hide-label="hideLabel ?? false"
    :needed="needed"
    dimension="temperature"
    :bare-unit="one === 'us' ? '°F' : '°C'"
    :show="show"
    v-bind="{ ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) }"
    @entered="$emit('entered')"
    @written="$emit('written', $event)"
  />
</template>
