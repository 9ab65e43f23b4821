<script setup lang="ts">
import { boiledDown, bowlL, perL, stirredIn, type InBowl } from "@kettlos/core/batch/bowl";
import { REDUCTIONS } from "@kettlos/core/batch/reduce-on";
import { reduceMinOf } from "@kettlos/core/because/finish-figures";
import { powderGOf, saltGOf, thickenerGOf } from "@kettlos/core/because/stir-in-figures";
import { SET_DOES, setOf } from "@kettlos/core/extraction/set";
import { ingredientById } from "@kettlos/core/ingredient/catalogue";
import { SALTY_BROTH_G_L, SIPPING_SALT_G_L, teaspoonsOf } from "@kettlos/core/seasoning/salt";
import { BODIES, bodyOf, THICKENERS, type ThickenerId } from "@kettlos/core/seasoning/thickness";
import { showDuration, showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { capacityL } from "@kettlos/core/vessel/volume";
import { computed, ref, watch } from "vue";
import IngredientLine from "../../controls/IngredientLine.vue";
import TickChoice from "../../controls/TickChoice.vue";
import WhyFigure from "../../controls/WhyFigure.vue";
import UnitField from "../../controls/UnitField.vue";
import type { PotState } from "../../data/pots-store";
import type { NewEvent } from "../../data/repository";
import StirIn from "./StirIn.vue";

/** After the sieve: boil it down, thicken it, salt it, make it set, or put the meat back. */
const props = defineProps<{ pot: PotState; bowl: InBowl; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const WHAT = [
  { value: "reduce", label: "reduce on" },
  { value: "thicken", label: "thicken" },
  { value: "salt", label: "salt" },
  { value: "set", label: "firmer set" },
  { value: "stir", label: "something in" },
] as const;
const what = ref<(typeof WHAT)[number]["value"]>("reduce");
const nowL = computed(() => bowlL(props.bowl));
const now = computed(() => ({
  salt: perL(props.bowl, props.bowl.saltG),
  gelatin: perL(props.bowl, props.bowl.gelatinG),
  flour: perL(props.bowl, props.bowl.flourG),
}));

const kitchen = computed(() => props.pot.batch.kitchen);
const vessels = computed(() =>
  kitchen.value.vessels.filter(
    (v) => (v.kind === "pot" || v.kind === "pan") && capacityL(v) * v.fillShare > nowL.value,
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
  return { salt: perL(bowl, bowl.saltG), set: setOf(perL(bowl, bowl.gelatinG)) };
});
function reduced() {
  if (toL.value === null || toL.value >= nowL.value) return;
  emit("write", { kind: "reducedTo", volumeL: toL.value });
  toL.value = null;
}

const thickener = ref<ThickenerId>("cornStarch");
const wantedGL = ref(String(BODIES[2].from.value));
const BODY_OPTIONS = BODIES.slice(1).map((b) => ({ value: String(b.from.value), label: b.name }));
const THICKENER_OPTIONS = Object.entries(THICKENERS).map(([value, t]) => ({
  value: value as ThickenerId,
  label: t.name,
}));
const thickenerG = computed(() =>
  thickenerGOf(props.bowl, Number(wantedGL.value), thickener.value),
);

/** An emptied field holds "". */
const saltGL = ref<number | "">(SIPPING_SALT_G_L.value);
const saltG = computed(() => saltGOf(props.bowl, saltGL.value === "" ? 0 : saltGL.value));
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
const after = computed(() =>
  saltG.value.expected > 0
    ? stirredIn(props.bowl, "tableSalt", saltG.value.expected / 1000)
    : props.bowl,
);
const isTooSalty = computed(() => saltGL.value !== "" && now.value.salt > saltGL.value + 0.05);
</script>

<template>
  <section class="finish" aria-labelledby="finish-title">
    <h2 id="finish-title">Then</h2>
    <p>
      Now <b class="figure result">{{ showVolume(nowL, units) }}</b>, salt
      {{ now.salt.toFixed(1) }} g/L, {{ bodyOf(now.flour).name }}, when cold it
      {{ SET_DOES[setOf(now.gelatin)]
      }}<template v-if="done.length > 0">
        <span class="quiet">({{ done.join(", ") }})</span></template
      >.
    </p>
    <TickChoice v-model="what" label="What is done" :options="WHAT" />
    <template v-if="what === 'reduce'">
      <p class="beside">
        <button
          v-for="r in REDUCTIONS"
          :key="r.id"
          type="button"
          class="button"
          @click="toL = nowL * r.share.value"
        >
          {{ r.name }}, {{ r.share.source }}
        </button>
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
        {{ reduction.problem.message }}
      </p>
      <p v-else-if="reduction !== null && reduction.ok && then !== null">
        At a steady simmer, lid off, about
        <b class="figure">{{ showDuration(reduction.value.expected) }}</b> ({{
          showDuration(reduction.value.low)
        }}
        to {{ showDuration(reduction.value.high) }}) <WhyFigure :estimate="reduction.value" />. Then
        salt {{ then.salt.toFixed(1) }} g/L, and it {{ SET_DOES[then.set] }}.
        <strong v-if="then.salt > SALTY_BROTH_G_L.value" class="ember">Too salty by itself.</strong>
      </p>
      <button type="button" class="button primary" :disabled="reduction === null" @click="reduced">
        It is down there
      </button>
    </template>
    <template v-else-if="what === 'thicken'">
      <TickChoice v-model="wantedGL" label="How thick" :options="BODY_OPTIONS" />
      <TickChoice v-model="thickener" label="With" :options="THICKENER_OPTIONS" />
      <p v-if="!thickenerG.ok" class="ember">{{ thickenerG.problem.message }}</p>
      <p v-else-if="thickenerG.value.expected === 0">It is as thick already.</p>
      <StirIn v-else :grams="thickenerG.value" :units="one" @done="stir(thickener, $event)">
        of {{ THICKENERS[thickener].name }}, stirred smooth with cold water, in at the simmer.
      </StirIn>
    </template>
    <template v-else-if="what === 'salt'">
      <label class="small quiet in"
        >Salt wanted, g/L
        <input v-model.number="saltGL" class="written" type="number" min="0" max="30" step="0.5"
      /></label>
      <p v-if="saltGL === ''">Say how salty it shall be.</p>
      <p v-else-if="isTooSalty" class="ember">
        It holds {{ now.salt.toFixed(1) }} g/L already: thin it with unsalted stock or water.
      </p>
      <StirIn
        v-else-if="saltG.expected > 0.05"
        :grams="saltG"
        :units="one"
        @done="stir('tableSalt', $event)"
      >
        fine salt, about {{ teaspoonsOf(saltG.expected) }} level teaspoons, for
        {{ perL(after, after.saltG).toFixed(1) }} g/L. Half of it first, then taste.
      </StirIn>
      <p v-else>It is as salty as that already.</p>
    </template>
    <template v-else-if="what === 'set'">
      <p v-if="powder === null">It is as firm as powder should make it.</p>
      <StirIn v-else :grams="powder.g" :units="one" @done="stir('gelatinPowder', $event)">
        of gelatin powder, soaked in cold water, melted in hot: then it {{ SET_DOES[powder.set] }}.
      </StirIn>
    </template>
    <IngredientLine
      v-else
      label="Stirred in, or put back"
      placeholder="400 g lamb neck meat"
      @put="(ingredient, amount) => stir(ingredient.id, amount.massKg)"
    />
    <p v-if="what === 'reduce'" class="quiet small">
      Measured cold; {{ showMass(nowL * COLD_DENSITY_KG_L, one) }} on the scale now.
    </p>
  </section>
</template>

<style scoped>
.finish {
  display: grid;
  gap: 10px;
}

.finish > .button {
  justify-self: start;
}

.in {
  display: grid;
}
</style>
