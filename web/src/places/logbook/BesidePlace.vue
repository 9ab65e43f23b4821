<script setup lang="ts">
import { useWords } from "../../data/use-words";
import { dayOf, dateClockOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import { showVolume } from "@kettlos/core/units/show";
import { vesselOf } from "@kettlos/core/simulate/references";
import { depthToRimM } from "@kettlos/core/vessel/volume";
import { outcomeOf } from "@kettlos/core/units/problem";
import { computed } from "vue";
import { useRoute } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import type { PotState } from "../../data/pot-state";
import { useWholePots } from "../../data/use-pot";
import PictureRow from "../../controls/PictureRow.vue";
import { picturesOf } from "../../data/pictures";
import { useLive } from "../../data/use-live";
import SmallPot from "../../drawings/SmallPot.vue";
import TwoCourses from "../../drawings/TwoCourses.vue";
import PieceBoundary from "../../frame/PieceBoundary.vue";
import BothTables from "./BothTables.vue";
import DifferenceSteps from "./DifferenceSteps.vue";
import { differenceWords } from "./part-words";
import { sharedScale } from "../../drawings/shared-scale";
import { useCompared } from "./use-compared";

/** Two pots side by side: how each went, what came of it, and where the difference is from. */
const store = useKitchenStore();
const route = useRoute();
const words = useWords();
/** One that is still on has nothing to be held against another yet. */
const found = useWholePots(() => [String(route.params["oneId"]), String(route.params["otherId"])]);
const potOf = (i: number): PotState | null => {
  const pot = found.value?.[i] ?? null;
  return pot === null || pot.cook.offMs === null ? null : pot;
};
/** The earlier one stands first: what was changed since is what one asks. */
const pair = computed<readonly [PotState, PotState] | null>(() => {
  const [a, b] = [potOf(0), potOf(1)];
  if (a === null || b === null) return null;
  return begunMs(a) <= begunMs(b) ? [a, b] : [b, a];
});
const { compared, why } = useCompared(
  () => pair.value?.[0] ?? null,
  () => pair.value?.[1] ?? null,
);
const units = computed(() => store.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const isOneDish = computed(
  () => pair.value?.[0].batch.plan.name === pair.value?.[1].batch.plan.name,
);
const isOfHere = computed(
  () => pair.value?.every((p) => p.batch.kitchen.id === store.kitchen?.id) === true,
);
const names = computed<readonly [string, string]>(() => {
  const nameOf = (pot: PotState | undefined) => {
    if (pot === undefined) return "";
    return isOneDish.value ? dayOf(begunMs(pot)) : pot.batch.plan.name;
  };
  const [a, b] = [nameOf(pair.value?.[0]), nameOf(pair.value?.[1])];
  // Twice on one day, or on that day of another year.
  if (a !== b || pair.value === null) return [a, b];
  return [dateClockOf(begunMs(pair.value[0])), dateClockOf(begunMs(pair.value[1]))];
});
const sentence = computed(() =>
  compared.value === null
    ? ""
    : differenceWords(
        compared.value.difference,
        isOneDish.value ? "the second time" : `of the ${names.value[1].toLowerCase()}`,
        one.value,
      ),
);
/** What keeps the figures from being sure. */
const doubts = computed(() => {
  const found = compared.value?.difference;
  if (found === undefined || pair.value === null) return [];
  const both = [found.from, found.to].map((came, i) => ({ came, pot: pair.value?.[i], i }));
  const namesOf = (list: typeof both) => list.map(({ i }) => names.value[i] ?? "").join(" and ");
  const unmeasured = both.filter(({ came }) => !came.isMeasured);
  const unknown = both.filter(({ pot }) => pot?.cook.interruptions.some((g) => g.isUnknown));
  return [
    ...(unmeasured.length > 0
      ? [`What came of ${namesOf(unmeasured)} was not measured: it stands as estimated.`]
      : []),
    ...(unknown.length > 0
      ? [`How long ${namesOf(unknown)} stood without heat nobody knows: its steam is a guess.`]
      : []),
  ];
});

const ids = computed(() => pair.value?.map((p) => p.batch.id) ?? []);
const pictures = useLive(() => Promise.all(ids.value.map(picturesOf)), [ids]);
/** Those of the two that have pictures. */
const pictured = computed(() =>
  ids.value
    .map((id, i) => ({ id, name: names.value[i] ?? "", pictures: pictures.value?.[i] ?? [] }))
    .filter((p) => p.pictures.length > 0),
);
const scale = computed(() =>
  pair.value === null
    ? 0
    : sharedScale(
        pair.value.map(({ setPot }) => {
          const vessel = outcomeOf(() => vesselOf(setPot));
          return vessel.ok ? vessel.value : null;
        }),
        110,
      ),
);
const drawn = computed(() =>
  (pair.value ?? []).flatMap((pot, i) => {
    const vessel = outcomeOf(() => vesselOf(pot.setPot));
    const found = compared.value?.difference;
    if (!vessel.ok || found === undefined) return [];
    const litres = i === 0 ? found.from.litres : found.to.litres;
    return [
      {
        pot,
        name: names.value[i] ?? "",
        vessel: vessel.value,
        litres,
        levelM: depthToRimM(vessel.value, litres),
      },
    ];
  }),
);
</script>

<template>
  <div class="place">
    <template v-if="pair !== null">
      <header class="line-up">
        <h1>{{ isOneDish ? pair[0].batch.plan.name : "Two pots" }}, side by side</h1>
        <RouterLink
          v-if="isOneDish"
          class="to"
          :to="{ name: 'dish', params: { name: pair[0].batch.plan.name } }"
          >Every time it was cooked</RouterLink
        >
        <RouterLink class="to" to="/logbook">Logbook</RouterLink>
      </header>
      <p v-if="why !== null" class="ember">These two cannot be worked out: {{ words(why) }}</p>
      <p v-else-if="compared === null" class="quiet" role="status">Working both out …</p>
      <template v-else>
        <p class="sentence">{{ sentence }}</p>
        <p v-for="doubt in doubts" :key="doubt" class="quiet small">{{ doubt }}</p>
        <div class="courses">
          <ul>
            <li v-for="(d, i) in drawn" :key="i">
              <RouterLink :to="`/logbook/${d.pot.batch.id}`">
                <SmallPot
                  :vessel="d.vessel"
                  :px-per-m="scale"
                  :label="`${d.name}: ${showVolume(d.litres, units)}`"
                  :level-m="d.levelM"
                />
                <strong>{{ d.name }}</strong>
                <span class="figure"
                  ><span class="result">{{ showVolume(d.litres, one) }}</span></span
                >
                <span class="quiet small">{{ d.vessel.name }}</span>
              </RouterLink>
            </li>
          </ul>
          <PieceBoundary what="both courses" :of="compared"
            ><TwoCourses :went="compared.went" :names="names" :units="units"
          /></PieceBoundary>
        </div>
        <section>
          <h2>Where the difference is from</h2>
          <DifferenceSteps :difference="compared.difference" :names="names" :units="units" />
          <p class="quiet small how">
            Each is worked out by changing it alone on the way from one pot to the other, both ways
            round, and taking the middle; so together they are the whole difference. Gelatin and
            salt are as reckoned.
            {{
              isOfHere
                ? "What is known of this kitchen now is known of both."
                : "One of them was cooked in another kitchen: both are estimated by what is usual."
            }}
          </p>
        </section>
        <section v-if="pictured.length > 0" class="pictures">
          <h2>As they looked</h2>
          <div v-for="of in pictured" :key="of.id">
            <h3>{{ of.name }}</h3>
            <PictureRow :pictures="of.pictures" :name="of.name" />
          </div>
        </section>
        <BothTables :pair="pair" :names="names" :ledger="compared.ledger" :units="one" />
      </template>
    </template>
    <p v-else-if="found !== null">
      One of these two pots is not off the heat yet, or no longer in the log.
      <RouterLink to="/logbook">Logbook</RouterLink>
    </p>
  </div>
</template>

<style scoped>
h1 {
  flex: 1 1 auto;
}

.sentence {
  padding: var(--space-2) 0 var(--space-5);
  font: 650 var(--size-lead)/28px var(--head);
}

.pictures {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-9);
}

.pictures h2 {
  flex: 1 0 100%;
}

.courses {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--space-7);
  align-items: end;
}

.courses ul {
  display: flex;
  gap: var(--space-6);
  align-items: end;
}

.courses a {
  display: grid;
  max-width: 170px;
  color: inherit;
  text-decoration: none;
}

.figure {
  font-size: var(--size-lead);
  line-height: 30px;
}

.result {
  border-bottom-width: 3px;
}

section {
  padding-top: var(--space-7);
}

.how {
  max-width: 80ch;
  padding-top: var(--space-4);
}

@media (width <= 900px) {
  .courses {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
