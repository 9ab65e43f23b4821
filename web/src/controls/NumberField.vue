<script setup lang="ts">
import { readBareNumber, type NumberReading } from "@kettlos/core/units/read-bare-number";
import { plain } from "@kettlos/core/units/region";
import TypedField from "./TypedField.vue";

/**
 * A number of no measure, typed as people type it: how many, one part to so many, a share in %. What is out of its limits
 * is said and stays as it was typed.
 */
const props = defineProps<{
  label: string;
  /** From where to where it may lie, as its document has it. */
  limits: { readonly least: number; readonly most: number };
  whole?: boolean;
  /** Kept as a share, 0–1, and written in %. */
  share?: boolean;
  hideLabel?: boolean;
  placeholder?: string;
  needed?: boolean;
  /** Emptied, it is nothing. */
  clears?: boolean;
}>();
const value = defineModel<number | null>({ required: true });
defineEmits<{ entered: [] }>();

const factor = () => (props.share === true ? 100 : 1);
const show = (kept: number) =>
  `${plain(Math.round(kept * factor() * 1000) / 1000)}${props.share === true ? " %" : ""}`;
function read(text: string): NumberReading {
  const reading = readBareNumber(text, {
    isWhole: props.whole ?? false,
    unit: props.share === true ? "%" : "",
  });
  return reading.kind === "one"
    ? { kind: "one", value: reading.value / factor() }
    : {
        ...reading,
        choices: reading.choices.map((c) => ({ ...c, value: c.value / factor() })),
      };
}
</script>

<template>
  <TypedField
    v-model="value"
    narrow
    :label="label"
    :read="read"
    :show="show"
    :min="limits.least"
    :max="limits.most"
    :hide-label="hideLabel ?? false"
    :placeholder="placeholder ?? ''"
    :needed="needed ?? false"
    :clears="clears ?? false"
    @entered="$emit('entered')"
  />
</template>
