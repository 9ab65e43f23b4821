<script setup lang="ts">
import type { Answers } from "@kettlos/core/because/answers";
import { CLARITIES, COLOURS } from "@kettlos/core/batch/batch-schema";
import { SETS } from "@kettlos/core/extraction/set";
import { fatCapMm } from "@kettlos/core/extraction/fat-cap";
import { vesselOf } from "@kettlos/core/simulate/references";
import { showMass, type UnitSystem } from "@kettlos/core/units/show";
import { vesselAreaM2 } from "@kettlos/core/vessel/volume";
import { computed, ref, watch } from "vue";
import UnitField from "../../controls/UnitField.vue";
import type { PotState } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import SetPicture from "./SetPicture.vue";

/** When it is cold: the fat that was lifted, how it stands, how clear it is and of what colour. */
const props = defineProps<{ pot: PotState; answers: Answers; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const plan = computed(() => props.pot.batch.plan);
const result = computed(() => props.pot.cook.result);
const looks = computed(() => props.pot.cook.looks);
const fatKg = ref<number | null>(null);
watch(fatKg, (kg) => {
  if (kg !== null && kg !== result.value?.fatKg) emit("write", { kind: "fatLifted", fatKg: kg });
});
watch(
  () => result.value?.fatKg,
  (kg) => (fatKg.value = kg ?? null),
  { immediate: true },
);
const capMm = computed(() =>
  result.value?.fatKg
    ? fatCapMm(result.value.fatKg, vesselAreaM2(vesselOf(plan.value, props.pot.batch.kitchen), 0.1))
    : null,
);
</script>

<template>
  <div class="fields">
    <UnitField
      v-model="fatKg"
      :label="plan.fat === 'skimHot' ? 'Fat skimmed off hot' : 'Fat lifted off'"
      :units="units"
      dimension="mass"
      :min="0"
      :max="50"
      placeholder="none yet"
    />
    <p v-if="capMm !== null" class="quiet small">
      A cap of about {{ capMm.toFixed(0) }} mm in the pot; reckoned
      {{ showMass(answers.figures.fatKg.expected, one) }}.
    </p>
    <template v-if="plan.end === 'strained'">
      <fieldset class="marks">
        <legend>How it stands, reckoned: {{ answers.set.expected }}</legend>
        <button
          v-for="set in SETS"
          :key="set"
          type="button"
          :class="{ on: result?.set === set }"
          :aria-pressed="result?.set === set"
          @click="emit('write', { kind: 'setJudged', set })"
        >
          <SetPicture :set="set" />
          {{ set }}
        </button>
      </fieldset>
      <fieldset class="marks">
        <legend>Against the light</legend>
        <button
          v-for="clarity in CLARITIES"
          :key="clarity"
          type="button"
          :class="{ on: looks.clarity === clarity }"
          :aria-pressed="looks.clarity === clarity"
          @click="emit('write', { kind: 'looked', clarity })"
        >
          {{ clarity }}
        </button>
        <i aria-hidden="true" />
        <button
          v-for="colour in COLOURS"
          :key="colour"
          type="button"
          :class="{ on: looks.colour === colour }"
          :aria-pressed="looks.colour === colour"
          @click="emit('write', { kind: 'looked', colour })"
        >
          {{ colour }}
        </button>
      </fieldset>
    </template>
  </div>
</template>

<style scoped>
.marks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 0;
  padding: 0;
  border: 0;
}

.marks legend {
  padding-bottom: 8px;
  color: var(--quiet);
  font-size: 14px;
}

.marks button {
  display: grid;
  align-items: center;
  justify-items: center;
  min-width: 64px;
  min-height: 44px;
  padding: 6px 4px 8px;
  border: 0;
  border-bottom: 1px solid var(--tick);
  background: none;
  font-size: 14px;
}

.marks button.on {
  border-bottom: 4px solid var(--rim);
  font-weight: 700;
}

.marks i {
  width: 12px;
}
</style>
