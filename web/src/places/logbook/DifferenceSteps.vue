<script setup lang="ts">
import { reckonedIn } from "@kettlos/core/units/reckoned";
import { figure } from "@kettlos/core/units/region";
import type { Difference } from "@kettlos/core/compare/difference";
import { showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { scaleLinear } from "d3-scale";
import { computed } from "vue";
import { partName, partWords, signedVolume } from "./part-words";

/** From what came of one pot to what came of the other, part by part on one scale of litres. */
const props = defineProps<{
  difference: Difference;
  names: readonly [string, string];
  units: UnitSystem;
}>();

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const LEAST_GL = 0.05;
const perWords = computed(() => reckonedIn(1, "g/L", one.value).unit);
const perOf = (gL: number) => reckonedIn(gL, "g/L", one.value).value;
const isTold = (of: "gelatinGL" | "saltGL") =>
  props.difference.parts.some((p) => Math.abs(p.effect[of]) >= LEAST_GL);
/** What is reckoned beside the litres, where it is otherwise at all. */
const asides = computed(() =>
  (
    [
      ["gelatinGL", `gelatin, ${perWords.value}`],
      ["saltGL", `salt, ${perWords.value}`],
    ] as const
  ).filter(([of]) => isTold(of)),
);
const signed = (value: number) =>
  Math.abs(value) < LEAST_GL ? "" : `${value < 0 ? "−" : "+"}${figure(perOf(Math.abs(value)), 1)}`;

/** From the first pot step by step to the second. */
const rows = computed(() => {
  const { from, to, parts } = props.difference;
  const endOf = ({ litres, reckoned }: typeof from, name: string) => ({
    name,
    words: [],
    fromL: litres,
    toL: litres,
    isEnd: true,
    came: showVolume(litres, one.value),
    asides: asides.value.map(([of]) => figure(perOf(reckoned[of]), 1)),
  });
  let atL = from.litres;
  const steps = parts.map((part) => {
    const fromL = atL;
    atL += part.effect.litres;
    return {
      name: partName(part),
      words: partWords(part, props.units),
      fromL,
      toL: atL,
      isEnd: false,
      came: signedVolume(part.effect.litres, one.value),
      asides: asides.value.map(([of]) => signed(part.effect[of])),
    };
  });
  return [endOf(from, props.names[0]), ...steps, endOf(to, props.names[1])];
});
/** The whole scale holds every step, with room at its ends. */
const x = computed(() => {
  const all = rows.value.map((r) => r.toL);
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const room = Math.max(0.05, (high - low) * 0.08);
  return scaleLinear([Math.max(0, low - room), high + room], [0, 100]).nice(5);
});
/** None so near an end that its figure would run out of the scale. */
const ticks = computed(() => x.value.ticks(4).filter((t) => x.value(t) > 6 && x.value(t) < 94));
const pct = (litres: number) => `${x.value(litres)}%`;
const barOf = (fromL: number, toL: number) => ({
  left: pct(Math.min(fromL, toL)),
  width: `max(2px, ${Math.abs(x.value(toL) - x.value(fromL))}%)`,
});
</script>

<template>
  <table class="steps">
    <thead>
      <tr>
        <th scope="col" class="what">What was otherwise</th>
        <td class="bar" aria-hidden="true">
          <span
            v-for="tick in ticks"
            :key="tick"
            class="numeral tick"
            :style="{ left: pct(tick) }"
            >{{ showVolume(tick, one) }}</span
          >
        </td>
        <th scope="col" class="number">came to</th>
        <th v-for="[of, name] in asides" :key="of" scope="col" class="number aside">{{ name }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="(row, i) in rows" :key="i" :class="{ end: row.isEnd }">
        <th scope="row">
          {{ row.name }}
          <span v-for="words in row.words" :key="words" class="quiet small">{{ words }}</span>
        </th>
        <td class="bar">
          <span v-if="i > 0" class="join" :style="{ left: pct(row.fromL) }" />
          <span v-if="row.isEnd" class="whole" :style="{ left: pct(row.toL) }" />
          <span
            v-else
            class="step"
            :class="{ less: row.toL < row.fromL }"
            :style="barOf(row.fromL, row.toL)"
          />
        </td>
        <td class="number figure">{{ row.came }}</td>
        <td
          v-for="(aside, k) in row.asides"
          :key="k"
          class="number aside"
          :data-of="asides[k]?.[1]"
        >
          {{ aside }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th {
  width: 38%;
  padding: var(--space-3) var(--space-5) var(--space-3) 0;
  font-weight: 600;
  text-align: left;
}

thead th {
  color: var(--quiet);
  font-weight: 400;
}

th span {
  display: block;
  font-weight: 400;
}

tbody tr {
  border-top: 1px solid var(--hair);
}

.end {
  border-top: 1.5px solid var(--ink);
}

.bar {
  position: relative;
  min-width: 180px;
  padding: 0;
}

.tick {
  position: absolute;
  bottom: 4px;
  color: var(--quiet);
  font-size: var(--size-small);
  white-space: nowrap;
  transform: translateX(-50%);
}

.number {
  width: 1%;
  padding: var(--space-3) 0 var(--space-3) var(--space-6);
  text-align: right;
  white-space: nowrap;
}

.bar span:not(.tick) {
  position: absolute;
}

.whole,
.step {
  top: 8px;
  bottom: 8px;
  background: var(--broth);
}

.whole {
  top: 4px;
  bottom: 4px;
  width: 6px;
  transform: translateX(-3px);
}

.step {
  border: 1.5px solid var(--ink);
}

.less {
  background: repeating-linear-gradient(135deg, var(--steam) 0 2px, var(--surface) 2px 7px);
}

.join {
  top: -8px;
  height: 16px;
  border-left: 1px solid var(--ink);
}

/* What it is above, how much below. */
@media (width <= 700px) {
  tr {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    padding: var(--space-2) 0;
  }

  th[scope="row"] {
    grid-column: 1 / -1;
    width: auto;
    padding-bottom: var(--space-1);
  }

  .bar {
    min-width: 0;
    min-height: 34px;
  }

  .join {
    display: none;
  }

  .what,
  th.aside,
  .aside:empty {
    display: none;
  }

  td.aside {
    grid-column: 1 / -1;
    padding-top: 0;
    color: var(--quiet);
    font-size: var(--size-small);
  }

  td.aside::before {
    content: attr(data-of) " ";
  }
}
</style>
