<script setup lang="ts">
import type { UnitSystem } from "@kettlos/core/units/show";
import { ref } from "vue";
import UnitField from "../../controls/UnitField.vue";

/** What is left after the meal: by the scale, or as a cook says it. The rest was eaten. */
const props = defineProps<{ allKg: number; isLiquid: boolean; units: UnitSystem }>();
const emit = defineEmits<{ eaten: [massKg: number] }>();
const SHARES = [
  { said: "All eaten", share: 0 },
  { said: "About a third left", share: 1 / 3 },
  { said: "About two thirds left", share: 2 / 3 },
] as const;
const leftKg = ref<number | null>(null);
function say(kg: number | null) {
  leftKg.value = kg;
  if (kg !== null && kg < props.allKg) emit("eaten", props.allKg - kg);
}
</script>

<template>
  <UnitField
    v-if="!isLiquid"
    :model-value="leftKg"
    label="Left over after the meal"
    :units="units"
    dimension="mass"
    :min="0"
    :max="allKg"
    @update:model-value="say"
  />
  <p class="beside">
    <button
      v-for="{ said, share } in SHARES"
      :key="said"
      type="button"
      class="button"
      @click="say(allKg * share)"
    >
      {{ said }}
    </button>
  </p>
</template>
