<script setup lang="ts">
import type { Answers } from "@kettlos/core/because/answers";
import { bowlL, type InBowl } from "@kettlos/core/batch/bowl";
import { productsOf, solidsName } from "@kettlos/core/batch/products";
import { codeOf } from "@kettlos/core/cool/codes";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import UnitField from "../../controls/UnitField.vue";
import type { PotState } from "../../data/pot-state";
import type { NewEvent } from "../../data/repository";
import { useWords } from "../../data/use-words";
import { keptApartKg } from "./kept-apart";

/** Two things out of one pot: its liquid, and what is eaten of its solids, each by weight and by guest. */
const props = defineProps<{ pot: PotState; answers: Answers; bowl: InBowl; units: UnitSystem }>();
const emit = defineEmits<{ write: [NewEvent] }>();
const words = useWords();
const one = computed(() => (props.units === "us" ? "us" : "metric"));
const plan = computed(() => props.pot.batch.plan);
const isStock = computed(() => plan.value.end === "strained");
const apartKg = computed(() => props.pot.cook.apartKg);

/** What the simulation has of solids to eat. */
const reckonedKg = computed(() => keptApartKg(props.pot, props.answers) ?? 0);
const mostKg = computed(() => (isStock.value ? 500 : props.bowl.massKg));
const name = computed(() => solidsName(plan.value));
/** Emptied, nothing is kept apart any more. */
function say(given: number | null) {
  const massKg = Math.min(given ?? 0, mostKg.value);
  if (massKg !== apartKg.value) emit("write", { kind: "keptApart", massKg });
}

const guests = computed(() => plan.value.serves?.people ?? null);
const products = computed(() =>
  productsOf(props.pot.batch, props.pot.cook).map((p) => {
    const show = (share: number) =>
      p.isLiquid
        ? showVolume(bowlL(p.bowl) * share, one.value)
        : showMass(p.bowl.massKg * share, one.value);
    return {
      key: p.product ?? "all",
      name: p.product === "solids" ? name.value : isStock.value ? "the broth" : "the sauce",
      all: show(1),
      each: guests.value === null ? null : show(1 / guests.value),
    };
  }),
);
const code = computed(() => codeOf(props.pot.batch.kitchen));
</script>

<template>
  <section class="apart" aria-labelledby="apart-title">
    <h3 id="apart-title">
      {{ isStock ? "What is eaten of the sieve" : "The sauce by itself" }}
    </h3>
    <p class="quiet small">
      {{
        isStock
          ? `What is kept of it to be eaten (${name}, and meat off the bones): it is portioned beside the broth.`
          : `Lift out what is shared out apart (${name}) and weigh it: then it and the sauce are portioned each by themselves.`
      }}
    </p>
    <div class="beside">
      <UnitField
        :model-value="apartKg > 0 ? apartKg : null"
        :label="isStock ? 'Weight of what is kept' : `Weight of ${name}`"
        dimension="mass"
        :units="units"
        :min="0"
        :max="mostKg"
        @update:model-value="say"
      />
      <button v-if="apartKg === 0" type="button" class="button" @click="say(reckonedKg)">
        About {{ showMass(reckonedKg, one) }}, as estimated
      </button>
      <button v-else type="button" class="button" @click="say(0)">All in one again</button>
    </div>
    <ul v-if="apartKg > 0">
      <li v-for="p in products" :key="p.key">
        <strong>{{ p.name }}</strong> <b class="figure result">{{ p.all }}</b>
        <span v-if="p.each !== null" class="quiet">{{ p.each }} for each of {{ guests }}</span>
      </li>
    </ul>
    <p v-if="apartKg > 0" class="small">
      <strong>Take care:</strong> what is not eaten hot is chilled too, the solids flat and shallow
      beside the liquid. {{ words(code.text) }} <span class="quiet">{{ code.whose }}</span>
    </p>
  </section>
</template>

<style scoped>
.apart {
  display: grid;
  gap: var(--space-4);
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) max-content max-content;
  gap: 0 var(--space-5);
  align-items: baseline;
  padding: var(--space-2) 0;
  border-bottom: 1px solid var(--hair);
}
</style>
