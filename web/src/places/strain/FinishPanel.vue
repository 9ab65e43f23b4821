<script setup lang="ts">
import { salinity } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { useWords } from "../../data/use-words";
import { bowlL, perKg, perL, type InBowl } from "@kettlos/core/batch/bowl";
import { powderGOf, thickenerGOf } from "@kettlos/core/because/stir-in-figures";
import { saltWanted, thickWanted } from "@kettlos/core/dish/wanted";
import { saltHereWords, thickHereWords } from "@kettlos/core/learn/say-taught";
import { SET_DOES_WORDS, setOf } from "@kettlos/core/extraction/set";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { BODIES, bodyOf, THICKENERS, type ThickenerId } from "@kettlos/core/seasoning/thickness";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import IngredientLine from "../../controls/IngredientLine.vue";
import TickChoice from "../../controls/TickChoice.vue";
import type { PotState } from "../../data/pot-state";
import type { NewEvent } from "../../data/repository";
import FinishReduce from "./FinishReduce.vue";
import FinishSalt from "./FinishSalt.vue";
import StirIn from "./StirIn.vue";

/** After the sieve, or at the table: boil it down, thicken it, salt it, make it set, or put something in. */
const props = defineProps<{ pot: PotState; bowl: InBowl; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const plan = computed(() => props.pot.batch.plan);
const isServed = computed(() => plan.value.end === "served");
const WHAT = [
  { value: "reduce", label: "reduce on" },
  { value: "thicken", label: "thicken" },
  { value: "salt", label: "salt" },
  { value: "set", label: "firmer set" },
  { value: "stir", label: "something in" },
] as const;
const ways = computed(() => WHAT.filter((w) => w.value !== "set" || !isServed.value));
const what = ref<(typeof WHAT)[number]["value"]>(isServed.value ? "salt" : "reduce");
const nowL = computed(() => bowlL(props.bowl));
const flourGL = computed(() => perL(props.bowl, props.bowl.flourG));
const set = computed(() => SET_DOES_WORDS[setOf(perL(props.bowl, props.bowl.gelatinG))]);

const thickener = ref<ThickenerId>("cornStarch");
/** What the plan wants, else what was wanted of such dishes here, else what coats a spoon. */
const firstGL = thickWanted(plan.value, props.pot.batch.kitchen);
const firstBody = BODIES.slice(1).find((b) => firstGL !== null && b.id === bodyOf(firstGL).id);
const wantedGL = ref(String((firstBody ?? BODIES[2]).from.value));
const BODY_OPTIONS = BODIES.slice(1).map((b) => ({ value: String(b.from.value), label: b.name }));
const THICKENER_OPTIONS = Object.entries(THICKENERS).map(([value, t]) => ({
  value: value as ThickenerId,
  label: t.name,
}));
const thickenerG = computed(() =>
  thickenerGOf(props.bowl, Number(wantedGL.value), thickener.value),
);
/** Powder that takes it to the next set; null where it is as firm as powder should make it. */
const powder = computed(() => powderGOf(props.bowl));

const stir = (ingredientId: string, massKg: number) => {
  if (massKg > 0) emit("write", { kind: "stirredIn", ingredientId, massKg });
};
const done = computed(() =>
  props.pot.cook.finishing.map((f) => {
    switch (f.kind) {
      case "reducedTo":
        return `down to ${showVolume(f.volumeL, one.value)}`;
      case "stirredIn":
        return `${showMass(f.massKg, one.value)} ${ingredientById(f.ingredientId).name.toLowerCase()}`;
      case "handedOn":
        return `${showMass(f.massKg, one.value)} into the next pot`;
    }
  }),
);
</script>

<template>
  <section class="finish" aria-labelledby="finish-title">
    <h3 id="finish-title">
      {{ isServed ? "Still to be put right" : "Boil it down, thicken, salt it" }}
    </h3>
    <p>
      Now
      <template v-if="isServed"
        ><b class="figure result">{{ showMass(bowl.massKg, units) }}</b
        >, of it {{ showVolume(nowL, units) }} sauce, salt
        {{ inWords(salinity(perKg(bowl, bowl.saltG), "kg"), units) }},
        {{ bodyOf(flourGL).name }}</template
      ><template v-else
        ><b class="figure result">{{ showVolume(nowL, units) }}</b
        >, salt {{ inWords(salinity(perL(bowl, bowl.saltG), "L"), units) }},
        {{ bodyOf(flourGL).name }}, when cold it {{ set }}</template
      ><template v-if="done.length > 0">
        {{ " " }}<span class="quiet">({{ done.join(", ") }})</span></template
      >.
    </p>
    <TickChoice v-model="what" label="What is done" :options="ways" />
    <FinishReduce
      v-if="what === 'reduce'"
      :pot="pot"
      :bowl="bowl"
      :units="units"
      :is-served="isServed"
      @reduced="emit('write', { kind: 'reducedTo', volumeL: $event })"
    />
    <template v-else-if="what === 'thicken'">
      <TickChoice v-model="wantedGL" label="How thick" :options="BODY_OPTIONS" />
      <p v-for="line in thickHereWords(plan, pot.batch.kitchen)" :key="line" class="quiet small">
        {{ line }}
      </p>
      <TickChoice v-model="thickener" label="With" :options="THICKENER_OPTIONS" />
      <p v-if="!thickenerG.ok" class="ember">{{ words(thickenerG.problem.said) }}</p>
      <p v-else-if="thickenerG.value.expected === 0">It is as thick already.</p>
      <StirIn v-else :grams="thickenerG.value" :units="one" @done="stir(thickener, $event)">
        of {{ THICKENERS[thickener].name }}, stirred smooth with cold water, in at the simmer.
      </StirIn>
    </template>
    <FinishSalt
      v-else-if="what === 'salt'"
      :bowl="bowl"
      :units="one"
      :is-served="isServed"
      :wanted-per="saltWanted(plan, pot.batch.kitchen)"
      :here="saltHereWords(plan, pot.batch.kitchen)[0]"
      @stir="stir"
    />
    <template v-else-if="what === 'set'">
      <p v-if="powder === null">It is as firm as powder should make it.</p>
      <StirIn v-else :grams="powder.g" :units="one" @done="stir('gelatinPowder', $event)">
        of gelatin powder, soaked in cold water, melted in hot: then it
        {{ SET_DOES_WORDS[powder.set] }}.
      </StirIn>
    </template>
    <IngredientLine
      v-else
      label="Stirred in, or put back"
      :placeholder="one === 'us' ? '14 oz lamb neck meat' : '400 g lamb neck meat'"
      @put="(ingredient, amount) => stir(ingredient.id, amount.massKg)"
    />
  </section>
</template>

<style scoped>
.finish {
  display: grid;
  gap: var(--space-4);
}
</style>
