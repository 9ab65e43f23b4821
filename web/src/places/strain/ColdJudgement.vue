<script setup lang="ts">
import { CLARITY_WORDS, COLOUR_WORDS } from "@kettlos/core/events/sieve/look-words";
import { figure } from "@kettlos/core/units/region";
import type { Answers } from "@kettlos/core/because/answers";
import { CLARITIES, COLOURS } from "@kettlos/core/events/sieve/terms";
import { SET_WORDS, SETS } from "@kettlos/core/extraction/set";
import { fatCapMm } from "@kettlos/core/extraction/fat-cap";
import { vesselOf } from "@kettlos/core/simulate/references";
import { showMass, type UnitSystem, showLength } from "@kettlos/core/units/show";
import { vesselAreaM2 } from "@kettlos/core/vessel/volume";
import { computed, ref, watch } from "vue";
import MarkChoice from "../../controls/MarkChoice.vue";
import PotPictures from "../../controls/PotPictures.vue";
import UnitField from "../../controls/UnitField.vue";
import type { PotState } from "../../data/pot-state";
import type { NewEvent } from "../../data/repository";
import GlassPicture from "./GlassPicture.vue";
import SetPicture from "./SetPicture.vue";

/** When it is cold: the fat that was lifted, how it stands, how clear it is and of what colour. */
const props = defineProps<{ pot: PotState; answers: Answers; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const options = <T extends string>(values: readonly T[], words: Readonly<Record<T, string>>) =>
  values.map((value) => ({ value, label: words[value] }));
const SET_OPTIONS = options(SETS, SET_WORDS);
const CLARITY_OPTIONS = options(CLARITIES, CLARITY_WORDS);
const COLOUR_OPTIONS = options(COLOURS, COLOUR_WORDS);
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
    ? fatCapMm(result.value.fatKg, vesselAreaM2(vesselOf(props.pot.setPot), 0.1))
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
      A cap of about
      {{ one === "us" ? showLength(capMm / 1000, one) : `${figure(capMm, 0)} mm` }} in the pot;
      expected {{ showMass(answers.figures.fatKg.expected, one) }}.
    </p>
    <template v-if="plan.end === 'strained'">
      <MarkChoice
        :label="`How it stands, expected: ${SET_WORDS[answers.set.expected]}`"
        :options="SET_OPTIONS"
        :chosen="result?.set ?? null"
        @choose="emit('write', { kind: 'setJudged', set: $event })"
      >
        <template #picture="{ value }"><SetPicture :set="value" /></template>
      </MarkChoice>
      <div class="beside looks">
        <MarkChoice
          label="Against the light"
          :options="CLARITY_OPTIONS"
          :chosen="looks.clarity"
          @choose="emit('write', { kind: 'looked', clarity: $event })"
        >
          <template #picture="{ value }"><GlassPicture :clarity="value" /></template>
        </MarkChoice>
        <MarkChoice
          label="Colour"
          :options="COLOUR_OPTIONS"
          :chosen="looks.colour"
          @choose="emit('write', { kind: 'looked', colour: $event })"
        >
          <template #picture="{ value }"><GlassPicture :colour="value" /></template>
        </MarkChoice>
      </div>
    </template>
    <PotPictures :pot />
  </div>
</template>

<style scoped>
.looks {
  gap: var(--space-4) var(--space-8);
}
</style>
