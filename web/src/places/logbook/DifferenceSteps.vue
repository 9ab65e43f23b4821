<script setup lang="ts">
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
const steps = computed(() => {
  let atL = props.difference.from.litres;
  return props.difference.parts.map((part) => {
    const fromL = atL;
    atL += part.effect.litres;
    return { part, fromL, toL: atL };
  });
});
/** The whole scale holds every step, with room at its ends. */
const x = computed(() => {
  const { from, to } = props.difference;
  const all = [from.litres, to.litres, ...steps.value.map((s) => s.toL)];
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
const hasGelatin = computed(() =>
  props.difference.parts.some((p) => Math.abs(p.effect.gelatinGL) >= 0.05),
);
const hasSalt = computed(() =>
  props.difference.parts.some((p) => Math.abs(p.effect.saltGL) >= 0.05),
);
const grams = (value: number) =>
  Math.abs(value) < 0.05 ? "" : `${value < 0 ? "−" : "+"}${Math.abs(value).toFixed(1)}`;
const rowsOfEnds = computed(() => {
  const { from, to } = props.difference;
  return [
    { name: props.names[0], came: from },
    { name: props.names[1], came: to },
  ] as const;
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
        <th v-if="hasGelatin" scope="col" class="number aside">gelatin, g/L</th>
        <th v-if="hasSalt" scope="col" class="number aside">salt, g/L</th>
      </tr>
    </thead>
    <tbody>
      <tr class="end">
        <th scope="row">{{ rowsOfEnds[0].name }}</th>
        <td class="bar">
          <span class="whole" :style="{ left: pct(rowsOfEnds[0].came.litres) }" />
        </td>
        <td class="number figure">{{ showVolume(rowsOfEnds[0].came.litres, one) }}</td>
        <td v-if="hasGelatin" class="number aside">
          {{ rowsOfEnds[0].came.reckoned.gelatinGL.toFixed(1) }}
        </td>
        <td v-if="hasSalt" class="number aside">
          {{ rowsOfEnds[0].came.reckoned.saltGL.toFixed(1) }}
        </td>
      </tr>
      <tr v-for="(step, i) in steps" :key="i">
        <th scope="row">
          {{ partName(step.part) }}
          <span v-for="words in partWords(step.part, units)" :key="words" class="quiet small">
            {{ words }}
          </span>
        </th>
        <td class="bar">
          <span class="join" :style="{ left: pct(step.fromL) }" />
          <span
            class="step"
            :class="{ less: step.toL < step.fromL }"
            :style="barOf(step.fromL, step.toL)"
          />
        </td>
        <td class="number figure">{{ signedVolume(step.part.effect.litres, one) }}</td>
        <td v-if="hasGelatin" class="number aside">{{ grams(step.part.effect.gelatinGL) }}</td>
        <td v-if="hasSalt" class="number aside">{{ grams(step.part.effect.saltGL) }}</td>
      </tr>
      <tr class="end">
        <th scope="row">{{ rowsOfEnds[1].name }}</th>
        <td class="bar">
          <span class="join" :style="{ left: pct(rowsOfEnds[1].came.litres) }" />
          <span class="whole" :style="{ left: pct(rowsOfEnds[1].came.litres) }" />
        </td>
        <td class="number figure">{{ showVolume(rowsOfEnds[1].came.litres, one) }}</td>
        <td v-if="hasGelatin" class="number aside">
          {{ rowsOfEnds[1].came.reckoned.gelatinGL.toFixed(1) }}
        </td>
        <td v-if="hasSalt" class="number aside">
          {{ rowsOfEnds[1].came.reckoned.saltGL.toFixed(1) }}
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
  padding: 6px 12px 6px 0;
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
  font-size: 13px;
  white-space: nowrap;
  transform: translateX(-50%);
}

.number {
  width: 1%;
  padding: 6px 0 6px 16px;
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
    padding: 4px 0;
  }

  th[scope="row"] {
    grid-column: 1 / -1;
    width: auto;
    padding-bottom: 2px;
  }

  .bar {
    min-width: 0;
    min-height: 34px;
  }

  .join {
    display: none;
  }

  .aside,
  .what {
    display: none;
  }
}
</style>
