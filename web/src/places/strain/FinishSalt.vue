<script setup lang="ts">
import { salinity, G_PER_PERCENT } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { perKg, perL, stirredIn, type InBowl } from "@kettlos/core/batch/bowl";
import { dilutionOf, saltGOf } from "@kettlos/core/because/stir-in-figures";
import { teaspoonsOf } from "@kettlos/core/seasoning/salt";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { computed, ref, watch } from "vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import StirIn from "./StirIn.vue";

/** Salt up to what is wanted: by the litre of a stock, by the kilogram of all of a dish. */
const props = defineProps<{
  bowl: InBowl;
  units: "metric" | "us";
  isServed: boolean;
  /** What the plan says, else what was wanted of such pots here, else what suits most. */
  wantedPer: number;
  /** What was learned of it here, in a sentence. */
  here: string | undefined;
}>();
defineEmits<{ stir: [ingredientId: string, massKg: number] }>();
const unit = computed(() => (props.isServed ? "kg" : "L"));
const per = (bowl: InBowl) => (props.isServed ? perKg(bowl, bowl.saltG) : perL(bowl, bowl.saltG));
const salty = (value: number) => inWords(salinity(value, unit.value), props.units);
/** What is typed: g per L or kg, or its share where nobody has litres and kilograms; an emptied field holds "". */
const perTyped = computed(() => (props.units === "us" ? G_PER_PERCENT : 1));
const typedOf = (value: number) => Math.round((value / perTyped.value) * 1000) / 1000;
const typed = ref<number | "">(typedOf(props.wantedPer));
const wanted = computed(() => (typed.value === "" ? "" : typed.value * perTyped.value));
watch(perTyped, (_now, before) => {
  if (typed.value !== "") typed.value = typedOf(typed.value * before);
});
const saltG = computed(() =>
  saltGOf(props.bowl, wanted.value === "" ? 0 : wanted.value, unit.value),
);
const after = computed(() =>
  saltG.value.expected > 0
    ? stirredIn(props.bowl, "tableSalt", saltG.value.expected / 1000)
    : props.bowl,
);
/** Nearer than a tongue tells, g/L or g/kg. */
const NO_MATTER = 0.15;
const isTooSalty = computed(
  () => wanted.value !== "" && per(props.bowl) > wanted.value + NO_MATTER,
);
const isShort = computed(() => wanted.value !== "" && per(props.bowl) < wanted.value - NO_MATTER);
const thinner = computed(() =>
  wanted.value === "" || wanted.value <= 0
    ? null
    : dilutionOf(props.bowl, wanted.value, unit.value),
);
const showMore = (amount: number) =>
  props.isServed ? showMass(amount, props.units) : showVolume(amount, props.units);
</script>

<template>
  <label class="small quiet in"
    >Salt wanted, {{ units === "us" ? "%" : `g/${unit}` }}
    <input
      v-model.number="typed"
      class="written"
      type="number"
      min="0"
      :max="units === 'us' ? 3 : 30"
      :step="units === 'us' ? 0.01 : 0.1"
  /></label>
  <p v-if="here !== undefined" class="quiet small">{{ here }}</p>
  <p v-if="wanted === ''">Say how salty it shall be.</p>
  <p v-else-if="isTooSalty" class="ember">
    It holds {{ salty(per(bowl)) }} already: thin it with unsalted stock or water<template
      v-if="thinner !== null"
      >, {{ showMore(thinner.expected) }} of it. <WhyFigure :estimate="thinner" /></template
    ><template v-else>.</template>
  </p>
  <StirIn
    v-else-if="isShort"
    :grams="saltG"
    :units="units"
    @done="$emit('stir', 'tableSalt', $event)"
  >
    fine salt, about {{ teaspoonsOf(saltG.expected) }} level teaspoons, for {{ salty(per(after)) }}.
    Half of it first, then taste.
  </StirIn>
  <p v-else>It is as salty as that already.</p>
</template>

<style scoped>
.in {
  display: grid;
}
</style>
