<script setup lang="ts">
import { salinity } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { useWords } from "../../data/use-words";
import { boiledDown, bowlL, perKg, perL, type InBowl } from "@kettlos/core/batch/bowl";
import { REDUCTIONS } from "@kettlos/core/batch/reduce-on";
import { reduceMinOf } from "@kettlos/core/because/finish-figures";
import { SET_DOES_WORDS, setOf } from "@kettlos/core/extraction/set";
import { SALTY_BROTH_G_L, SALTY_DISH_G_KG } from "@kettlos/core/seasoning/salt";
import { bodyOf } from "@kettlos/core/seasoning/thickness";
import { showDuration, showMass, type UnitSystem } from "@kettlos/core/units/show";
import { capacityL } from "@kettlos/core/vessel/volume";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { computed, ref, watch } from "vue";
import UnitField from "../../controls/UnitField.vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import type { PotState } from "../../data/pot-state";

/** A strained stock, or a dish's sauce alone, boiled down on: how long, and how salty and firm it is then. */
const props = defineProps<{
  pot: PotState;
  bowl: InBowl;
  units: UnitSystem;
  isServed: boolean;
}>();
const emit = defineEmits<{ reduced: [volumeL: number] }>();
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const nowL = computed(() => bowlL(props.bowl));
const kitchen = computed(() => props.pot.batch.kitchen);
const vessels = computed(() =>
  kitchen.value.vessels.filter(
    (v) =>
      (v.kind === "pot" || v.kind === "pan" || v.kind === "casserole") &&
      capacityL(v) * v.fillShare > nowL.value,
  ),
);
const vesselId = ref("");
watch(
  vessels,
  (all) => {
    // The widest is the quickest.
    const widest = all.toSorted((a, b) => b.topM[0] - a.topM[0])[0];
    if (!all.some((v) => v.id === vesselId.value)) vesselId.value = widest?.id ?? "";
  },
  { immediate: true },
);
const toL = ref<number | null>(null);
const reduction = computed(() => {
  if (toL.value === null || toL.value >= nowL.value || vesselId.value === "") return null;
  return reduceMinOf(
    props.bowl,
    toL.value,
    vesselId.value,
    props.pot.batch.plan.ringId,
    kitchen.value,
  );
});
const then = computed(() => {
  if (toL.value === null || !(toL.value > 0)) return null;
  const bowl = boiledDown(props.bowl, toL.value);
  const saltPer = props.isServed ? perKg(bowl, bowl.saltG) : perL(bowl, bowl.saltG);
  return {
    salt: inWords(salinity(saltPer, props.isServed ? "kg" : "L"), props.units),
    isSalty: saltPer > (props.isServed ? SALTY_DISH_G_KG : SALTY_BROTH_G_L).value,
    becomes: props.isServed
      ? `the sauce is ${bodyOf(perL(bowl, bowl.flourG)).name}`
      : `it ${SET_DOES_WORDS[setOf(perL(bowl, bowl.gelatinG))]}`,
  };
});
function reduced() {
  if (toL.value === null || toL.value >= nowL.value) return;
  emit("reduced", toL.value);
  toL.value = null;
}
</script>

<template>
  <p class="beside">
    <template v-if="!isServed">
      <button
        v-for="r in REDUCTIONS"
        :key="r.id"
        type="button"
        class="button"
        @click="toL = nowL * r.share.value"
      >
        {{ r.word }}, {{ r.share.source }}
      </button>
    </template>
    <template v-else>Lift out what would fall apart, and boil the sauce down alone.</template>
  </p>
  <div class="beside">
    <UnitField v-model="toL" label="Down to" dimension="volume" :units="units" :min="0.01" />
    <label v-if="vessels.length > 0" class="small quiet in"
      >In the
      <select v-model="vesselId" class="written">
        <option v-for="v in vessels" :key="v.id" :value="v.id">{{ v.name }}</option>
      </select></label
    >
  </div>
  <p v-if="vessels.length === 0" class="ember small">No pot here holds it with room to boil.</p>
  <p v-else-if="reduction !== null && !reduction.ok" class="ember small">
    {{ words(reduction.problem.said) }}
  </p>
  <p v-else-if="reduction !== null && reduction.ok && then !== null">
    At a steady simmer, lid off, about
    <b class="figure">{{ showDuration(reduction.value.expected) }}</b> ({{
      showDuration(reduction.value.low)
    }}
    to {{ showDuration(reduction.value.high) }}) <WhyFigure :estimate="reduction.value" />. Then
    salt {{ then.salt }}, and {{ then.becomes }}.
    <strong v-if="then.isSalty" class="ember">Too salty by itself.</strong>
  </p>
  <p v-if="toL !== null && toL >= nowL" class="small">It holds no more than that: say less.</p>
  <button type="button" class="button primary" :disabled="reduction === null" @click="reduced">
    It is down there
  </button>
  <p class="quiet small">
    Measured cold; {{ showMass(nowL * COLD_DENSITY_KG_L, one) }} {{ isServed ? "of sauce" : "" }} on
    the scale now.
  </p>
</template>

<style scoped>
.in {
  display: grid;
}

.button.primary {
  justify-self: start;
}
</style>
