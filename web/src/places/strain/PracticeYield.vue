<script setup lang="ts">
import { eatenOf } from "@kettlos/core/dish/eaten";
import { hiddenPotOf } from "@kettlos/core/instruments/hidden-pot";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { PotState } from "../../data/pot-state";

/** What a practice pot really gives, to be written down as if it were measured. */
const props = defineProps<{ pot: PotState; units: UnitSystem }>();
const emit = defineEmits<{ take: [{ volumeL: number; servedKg: number }] }>();
const got = computed(() => {
  const { stored, batch, cook } = props.pot;
  const trace = hiddenPotOf(stored)?.wholeTrace(cook) ?? null;
  if (trace === null) return null;
  return {
    volumeL: Math.round(trace.strained.volumeL * 100) / 100,
    servedKg: Math.round(eatenOf(batch.plan, trace).allKg * 100) / 100,
  };
});
const words = computed(() => {
  if (got.value === null) return "";
  return props.pot.batch.plan.end === "served"
    ? `${showMass(got.value.servedKg, props.units)} to serve`
    : `${showVolume(got.value.volumeL, props.units)} through the sieve, cold`;
});
</script>

<template>
  <p v-if="got !== null" class="line">
    <strong>Practice:</strong> this pot gave {{ words }}.
    <button type="button" class="button" @click="emit('take', got)">Write that down</button>
  </p>
</template>
