<script setup lang="ts">
import { showDuration, showMass, showVolume } from "@kettlos/core/units/show";
import { vesselOf } from "@kettlos/core/simulate/references";
import { capacityL, depthForVolumeM } from "@kettlos/core/vessel/volume";
import { outcomeOf } from "@kettlos/core/units/problem";
import { computed } from "vue";
import { useRoute } from "vue-router";
import { useKitchenStore } from "../../data/kitchen-store";
import { dayOf } from "../../data/moments";
import { usePotsStore, type PotState } from "../../data/pots-store";
import SmallPot from "../../drawings/SmallPot.vue";
import TwoCourses from "../../drawings/TwoCourses.vue";
import PieceBoundary from "../../frame/PieceBoundary.vue";
import DifferenceSteps from "./DifferenceSteps.vue";
import { LIKING_WORDS } from "./liking-words";
import { partName, partWords, signedVolume } from "./part-words";
import { sharedScale } from "./shared-scale";
import { useCompared } from "./use-compared";

/** Two pots side by side: how each went, what came of it, and where the difference is from. */
const store = useKitchenStore();
const pots = usePotsStore();
const route = useRoute();
/** One that is still on has nothing to be held against another yet. */
const potOf = (param: string): PotState | null => {
  const pot = pots.byId.get(String(route.params[param])) ?? null;
  return pot === null || pot.cook.offMs === null ? null : pot;
};
/** The earlier one stands first: what was changed since is what one asks. */
const pair = computed<readonly [PotState, PotState] | null>(() => {
  const [a, b] = [potOf("oneId"), potOf("otherId")];
  if (a === null || b === null) return null;
  return litOf(a) <= litOf(b) ? [a, b] : [b, a];
});
const litOf = ({ cook, batch }: PotState) => cook.litMs ?? batch.createdMs;
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
    return isOneDish.value ? dayOf(litOf(pot)) : pot.batch.plan.name;
  };
  return [nameOf(pair.value?.[0]), nameOf(pair.value?.[1])];
});
const byL = computed(() => {
  const found = compared.value?.difference;
  return found === undefined ? 0 : found.to.litres - found.from.litres;
});
/** What made the most of it, in a sentence. */
const sentence = computed(() => {
  const found = compared.value?.difference;
  if (found === undefined) return "";
  const whole =
    Math.abs(byL.value) < 0.05
      ? "As much came of both."
      : `${showVolume(Math.abs(byL.value), one.value)} ${byL.value < 0 ? "less" : "more"} ${isOneDish.value ? "the second time" : `of the ${names.value[1].toLowerCase()}`}.`;
  const most = found.parts.toSorted(
    (a, b) => Math.abs(b.effect.litres) - Math.abs(a.effect.litres),
  )[0];
  if (most === undefined || Math.abs(most.effect.litres) < 0.05) return whole;
  const words = partWords(most, one.value);
  return `${whole} The most of it: ${partName(most).toLowerCase()} ${signedVolume(most.effect.litres, one.value)}${words.length === 0 ? "" : ` (${words.slice(0, 2).join("; ")}${words.length > 2 ? " …" : ""})`}.`;
});
const unmeasured = computed(() => {
  const found = compared.value?.difference;
  if (found === undefined) return [];
  return [found.from, found.to].flatMap((came, i) =>
    came.isMeasured ? [] : [names.value[i] ?? ""],
  );
});

const scale = computed(() =>
  pair.value === null
    ? 0
    : sharedScale(
        pair.value.map((p) => p.batch),
        110,
      ),
);
const drawn = computed(() =>
  (pair.value ?? []).flatMap((pot, i) => {
    const vessel = outcomeOf(() => vesselOf(pot.batch.plan, pot.batch.kitchen));
    const found = compared.value?.difference;
    if (!vessel.ok || found === undefined) return [];
    const litres = i === 0 ? found.from.litres : found.to.litres;
    return [
      {
        pot,
        name: names.value[i] ?? "",
        vessel: vessel.value,
        litres,
        levelM: depthForVolumeM(vessel.value, Math.min(litres, capacityL(vessel.value))),
      },
    ];
  }),
);

/** Where the litres went, both in a row, in the order of the ledger. */
const ledger = computed(() => {
  const [a, b] = compared.value?.flows ?? [[], []];
  const ids = [...new Set([...a, ...b].map((p) => p.id))];
  const order = ids.map((id) => {
    const [was, is] = [a.find((p) => p.id === id), b.find((p) => p.id === id)];
    const litresOf = (part: typeof was) => (part === undefined ? 0 : (part.gotL ?? part.plannedL));
    const part = was ?? is;
    return {
      id,
      name: part?.name ?? "",
      isIn: part?.side === "in",
      wasL: litresOf(was),
      isL: litresOf(is),
    };
  });
  return [...order.filter((r) => r.isIn), ...order.filter((r) => !r.isIn)];
});

/** What else is known of both; a row in which neither says anything is left out. */
const facts = computed(() => {
  if (pair.value === null) return [];
  const rows: readonly (readonly [string, (pot: PotState) => string | null])[] = [
    [
      "On the heat",
      ({ cook }) =>
        cook.litMs === null || cook.offMs === null
          ? null
          : showDuration((cook.offMs - cook.litMs) / 60_000),
    ],
    [
      "Came up in",
      ({ cook }) =>
        cook.litMs === null || cook.simmerMs === null || cook.simmerMs - cook.litMs < 60_000
          ? null
          : showDuration((cook.simmerMs - cook.litMs) / 60_000),
    ],
    [
      "Served",
      ({ cook }) => (cook.result?.servedKg ? showMass(cook.result.servedKg, one.value) : null),
    ],
    [
      "Fat",
      ({ cook }) =>
        typeof cook.result?.fatKg === "number" ? showMass(cook.result.fatKg, one.value) : null,
    ],
    ["Set", ({ cook }) => cook.result?.set ?? null],
    [
      "Against the light",
      ({ cook: { looks } }) =>
        [looks.clarity, looks.colour].filter((w) => w !== null).join(", ") || null,
    ],
    ["At the table", ({ cook }) => (cook.liking === null ? null : LIKING_WORDS[cook.liking])],
    ["Tasted", ({ cook }) => cook.tastings.map((t) => t.tastes.join(", ")).join("; ") || null],
    ["Noted", ({ cook }) => cook.notes.map((n) => n.text).join(" ") || null],
  ];
  const both = pair.value;
  return rows.flatMap(([name, of]) => {
    const [was, is] = [of(both[0]), of(both[1])];
    return was === null && is === null ? [] : [{ name, was: was ?? "–", is: is ?? "–" }];
  });
});
</script>

<template>
  <div class="place">
    <template v-if="pair !== null">
      <header>
        <h1>{{ isOneDish ? pair[0].batch.plan.name : "Two pots" }}, side by side</h1>
        <RouterLink
          v-if="isOneDish"
          class="to"
          :to="{ name: 'dish', params: { name: pair[0].batch.plan.name } }"
          >Every time it was cooked</RouterLink
        >
        <RouterLink class="to" to="/logbook">Logbook</RouterLink>
      </header>
      <p v-if="why !== null" class="ember">These two cannot be worked out: {{ why }}</p>
      <p v-else-if="compared === null" class="quiet" role="status">Working both out …</p>
      <template v-else>
        <p class="sentence">{{ sentence }}</p>
        <p v-if="unmeasured.length > 0" class="quiet small">
          What came of {{ unmeasured.join(" and ") }} was not measured: it stands as reckoned.
        </p>
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
            Each is reckoned by changing it alone on the way from one pot to the other, both ways
            round, and taking the middle; so together they are the whole difference.
            {{
              isOfHere
                ? "What is known of this kitchen now is known of both."
                : "One of them was cooked in another kitchen: both are reckoned by what is usual."
            }}
          </p>
        </section>
        <div class="tables">
          <section>
            <h2>Where the litres went</h2>
            <table>
              <thead>
                <tr>
                  <td />
                  <th scope="col">{{ names[0] }}</th>
                  <th scope="col">{{ names[1] }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in ledger" :key="row.id" :class="{ in: row.isIn }">
                  <th scope="row">{{ row.name }}</th>
                  <td>{{ showVolume(row.wasL, one) }}</td>
                  <td>{{ showVolume(row.isL, one) }}</td>
                </tr>
              </tbody>
            </table>
          </section>
          <section v-if="facts.length > 0">
            <h2>What else was told</h2>
            <table class="facts">
              <thead>
                <tr>
                  <td />
                  <th scope="col">{{ names[0] }}</th>
                  <th scope="col">{{ names[1] }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in facts" :key="row.name">
                  <th scope="row">{{ row.name }}</th>
                  <td>{{ row.was }}</td>
                  <td>{{ row.is }}</td>
                </tr>
              </tbody>
            </table>
          </section>
        </div>
      </template>
    </template>
    <p v-else-if="pots.isReady">
      One of these two pots is not off the heat yet, or no longer in the log.
      <RouterLink to="/logbook">Logbook</RouterLink>
    </p>
  </div>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: center;
}

h1 {
  flex: 1 1 auto;
}

.to {
  min-height: 44px;
  line-height: 44px;
}

.sentence {
  padding: 4px 0 12px;
  font: 650 20px/28px var(--head);
  font-stretch: 88%;
}

.courses {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 24px;
  align-items: end;
}

.courses ul {
  display: flex;
  gap: 16px;
  align-items: end;
}

.courses a {
  display: grid;
  max-width: 170px;
  color: inherit;
  text-decoration: none;
}

.figure {
  font-size: 20px;
  line-height: 30px;
}

.result {
  border-bottom-width: 3px;
}

section {
  padding-top: 20px;
}

.how {
  max-width: 80ch;
  padding-top: 8px;
}

.tables {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: 0 48px;
}

.tables table {
  width: 100%;
  border-collapse: collapse;
}

.tables th,
.tables td {
  padding: 6px 0 6px 12px;
  border-top: 1px solid var(--hair);
  font-weight: 400;
  text-align: right;
  vertical-align: top;
}

.tables th[scope="row"] {
  padding-left: 0;
  color: var(--quiet);
  text-align: left;
}

.tables thead th,
.tables thead td {
  border-top: 0;
  font-weight: 600;
}

.facts td,
.facts thead th {
  width: 40%;
  text-align: left;
}

@media (width <= 900px) {
  .courses,
  .tables {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
