<script setup lang="ts">
import type { Limits } from "@kettlos/core/units/limits";
import { readBareNumber, type NumberReading } from "@kettlos/core/units/read-bare-number";
import { plain } from "@kettlos/core/units/region";
import { computed } from "vue";
import TypedField from "./TypedField.vue";

/**
 * A number of no measure, typed as people type it: how many, one part to so many, a share in %. What is out of its limits
 * is said and stays as it was typed.
 */
const props = defineProps<{
  label: string;
  /** From where to where it may lie, as its document has it. */
  limits: Limits;
  whole?: boolean;
  /** Kept as a share, 0–1, and written in %. */
  share?: boolean;
  hideLabel?: boolean;
  placeholder?: string;
  /** Emptied, it is nothing. */
  clears?: boolean;
}>();
const value = defineModel<number | null>({ required: true });

const factor = computed(() => (props.share === true ? 100 : 1));
const unit = computed(() => (props.share === true ? "%" : ""));
const show = (kept: number) =>
  `${plain(Math.round(kept * factor.value * 1000) / 1000)} ${unit.value}`.trim();
function read(text: string): NumberReading {
  const { least, most } = props.limits;
  const reading = readBareNumber(text, {
    isWhole: props.whole ?? false,
    unit: unit.value,
    limits: { least: least * factor.value, most: most * factor.value },
  });
  const kept = (typed: number) => typed / factor.value;
  return reading.kind === "one"
    ? { kind: "one", value: kept(reading.value) }
    : { ...reading, choices: reading.choices.map((c) => ({ ...c, value: kept(c.value) })) };
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
    :clears="clears ?? false"
  />
</template>
