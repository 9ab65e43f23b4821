<script setup lang="ts">
import { SET_WORDS } from "@kettlos/core/extraction/set";
import { lookWords } from "@kettlos/core/events/sieve/look-words";
import { MINUTE_MS } from "@kettlos/core/units/time";
import type { LedgerRow } from "@kettlos/core/compare/compare";
import { showDuration, showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { computed } from "vue";
import type { PotState } from "../../data/pot-state";
import { LIKING_WORDS } from "@kettlos/core/events/log/liking-words";

/** Two pots in two columns: where their litres went, and what else was told of them. */
const props = defineProps<{
  pair: readonly [PotState, PotState];
  names: readonly [string, string];
  ledger: readonly LedgerRow[];
  units: UnitSystem;
}>();

/** What drifts to its heat is begun and on at once. */
const LEAST_UP_MIN = 1;
const minutes = (fromMs: number | null, toMs: number | null): number | null =>
  fromMs === null || toMs === null ? null : (toMs - fromMs) / MINUTE_MS;

const massWords = (kg: number | null | undefined): string | null =>
  kg === null || kg === undefined ? null : showMass(kg, props.units);

type Said = (cook: PotState["cook"]) => string | null;
const FACTS = computed<readonly (readonly [string, Said])[]>(() => [
  [
    "On the heat",
    ({ litMs, offMs }) => {
      const min = minutes(litMs, offMs);
      return min === null ? null : showDuration(min);
    },
  ],
  [
    "Came up in",
    ({ litMs, simmerMs }) => {
      const min = minutes(litMs, simmerMs);
      return min === null || min < LEAST_UP_MIN ? null : showDuration(min);
    },
  ],
  ["Served", ({ result }) => massWords(result?.servedKg)],
  ["Fat", ({ result }) => massWords(result?.fatKg)],
  ["Set", ({ result }) => (result?.set ? SET_WORDS[result.set] : null)],
  ["Against the light", ({ looks }) => lookWords(looks).join(", ") || null],
  ["At the table", ({ liking }) => (liking === null ? null : LIKING_WORDS[liking])],
  ["Tasted", ({ tastings }) => tastings.map((t) => t.tastes.join(", ")).join("; ") || null],
  ["Noted", ({ notes }) => notes.map((n) => n.text).join(" ") || null],
]);
/** A row in which neither says anything is left out. */
const facts = computed(() =>
  FACTS.value
    .map(([name, said]) => ({ name, said: props.pair.map((pot) => said(pot.cook)) }))
    .filter((row) => row.said.some((s) => s !== null)),
);
const tables = computed(() => [
  {
    title: "Where the liquid went",
    rows: props.ledger.map((row) => ({
      name: row.name,
      said: row.litres.map((litres) => showVolume(litres, props.units)),
    })),
  },
  { title: "What else was told", rows: facts.value },
]);
</script>

<template>
  <div class="tables">
    <section v-for="(table, i) in tables" :key="table.title">
      <h2>{{ table.title }}</h2>
      <table :class="{ words: i === 1 }">
        <thead>
          <tr>
            <td />
            <th v-for="(name, k) in names" :key="k" scope="col">{{ name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in table.rows" :key="row.name">
            <th scope="row">{{ row.name }}</th>
            <td v-for="(said, k) in row.said" :key="k">{{ said ?? "–" }}</td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.tables {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: 0 var(--space-9);
}

section {
  padding-top: var(--space-7);
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: var(--space-3) 0 var(--space-3) var(--space-5);
  border-top: 1px solid var(--hair);
  font-weight: 400;
  text-align: right;
  vertical-align: top;
}

th[scope="row"] {
  padding-left: 0;
  color: var(--quiet);
  text-align: left;
}

thead th,
thead td {
  border-top: 0;
  font-weight: 600;
}

.words td,
.words thead th {
  width: 40%;
  text-align: left;
}

@media (width <= 900px) {
  .tables {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
