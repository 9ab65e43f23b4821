<script setup lang="ts">
import { hiddenPotOf } from "@kettlos/core/instruments/hidden-pot";
import { chilledC, trueChill } from "@kettlos/core/instruments/true-chill";
import { resolve } from "@kettlos/core/simulate/set-pot";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import PracticeClock from "../../controls/PracticeClock.vue";
import type { PotState } from "../../data/pot-state";
import type { NewEvent } from "../../data/repository";

/** A practice pot while it cools: its clock, and a thermometer that reads how warm it really is. */
const props = defineProps<{ pot: PotState; nowMs: number; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const course = computed(() => {
  const { stored, cook } = props.pot;
  const hidden = hiddenPotOf(stored);
  return hidden === null ? null : trueChill(resolve(stored.plan, stored.kitchen), hidden, cook);
});
const isCooling = computed(
  () => course.value !== null && props.pot.cook.chilling?.endedMs === null,
);
function measure() {
  if (course.value === null) return;
  emit("write", {
    kind: "chillRead",
    tempC: Math.round(chilledC(course.value, props.nowMs) * 2) / 2,
  });
}
</script>

<template>
  <PracticeClock :pot="pot" :now-ms="nowMs" :units="units">
    <button type="button" class="button" :disabled="!isCooling" @click="measure">
      Thermometer
    </button>
  </PracticeClock>
</template>
