<script setup lang="ts">
import type { HobHeat } from "@kettlos/core/heats/hob-schema";
import { simmerC } from "@kettlos/core/heat/hob";
import { VIGOURS, type Vigour } from "@kettlos/core/heat/constants";
import { SIMMER_LOOK } from "@kettlos/core/heat/simmer-look";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showDuration, showTemperature } from "@kettlos/core/units/show";
import QuantityField from "../../../controls/QuantityField.vue";
import { useThePlan } from "../the-plan";

/** How hard it simmers, by what it looks like and what it reads here; and whether it boils first. */
const props = defineProps<{
  heat: HobHeat;
}>();
const { kitchen, one } = useThePlan();
const emit = defineEmits<{ change: [Partial<Plan>] }>();

const setHeat = (part: Partial<HobHeat>) => emit("change", { heat: { ...props.heat, ...part } });
const isSet = (v: Vigour) => props.heat.vigour === v;
</script>

<template>
  <div class="heat">
    <ul class="choice-list">
      <li v-for="vigour in VIGOURS" :key="vigour">
        <button
          type="button"
          :class="{ on: isSet(vigour) }"
          :aria-pressed="isSet(vigour)"
          @click="setHeat({ vigour })"
        >
          {{ SIMMER_LOOK[vigour] }}
          <b class="figure">{{ showTemperature(simmerC(vigour, kitchen.altitudeM), one) }}</b>
        </button>
      </li>
    </ul>
    <label class="check">
      <input
        type="checkbox"
        :checked="heat.boilFirstMin !== null"
        @change="
          setHeat({
            boilFirstMin: ($event.target as HTMLInputElement).checked ? 5 : null,
          })
        "
      />
      bring it to the boil first and skim
    </label>
    <QuantityField
      v-if="heat.boilFirstMin !== null"
      label="Minutes at the boil"
      dimension="time"
      bare-unit="min"
      :show="showDuration"
      :min="0"
      :max="120"
      :model-value="heat.boilFirstMin"
      @update:model-value="setHeat({ boilFirstMin: $event })"
    />
  </div>
</template>

<style scoped>
.heat {
  display: grid;
  gap: var(--space-4);
}
</style>
