<script setup lang="ts">
import type { NumberReading } from "@kettlos/core/units/read-bare-number";
import { readQuantity, type Quantity } from "@kettlos/core/units/read-quantity";
import type { Dimension } from "@kettlos/core/units/unit-table";
import TypedField from "./TypedField.vue";

/** A quantity typed as people type it, kept in base units. */
const props = defineProps<{
  label: string;
  dimension: Dimension;
  /** Unit of a bare number. */
  bareUnit: string;
  show: (value: number) => string;
  min?: number;
  max?: number;
  /** Weight of a litre, kg, where ounces of weight may stand for a volume. */
  densityKgL?: number;
  hideLabel?: boolean;
  placeholder?: string;
  /** What it stands in is not kept without it. */
  needed?: boolean;
  /** Emptied, it is nothing; else what stood there stays until something is written. */
  clears?: boolean;
}>();
const value = defineModel<number | null>({ required: true });
defineEmits<{ entered: []; written: [number] }>();

const numberOf = ({ dimension, value: number }: Quantity): number =>
  dimension === "mass" && props.dimension === "volume" ? number / (props.densityKgL ?? 1) : number;

function read(text: string): NumberReading {
  const { dimension, bareUnit } = props;
  const reading = readQuantity(text, { dimension, bareUnit });
  return reading.kind === "one"
    ? { kind: "one", value: numberOf(reading.quantity) }
    : {
        ...reading,
        choices: reading.choices.map(({ label, quantity }) => ({
          label,
          value: numberOf(quantity),
        })),
      };
}
</script>

<template>
  <TypedField
    v-model="value"
    :label="label"
    :read="read"
    :show="show"
    :hide-label="hideLabel ?? false"
    :placeholder="placeholder ?? ''"
    :needed="needed ?? false"
    :clears="clears ?? false"
    v-bind="{ ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) }"
    @entered="$emit('entered')"
    @written="$emit('written', $event)"
  />
</template>
