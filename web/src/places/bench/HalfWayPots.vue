<script setup lang="ts">
import { momentOf } from "@kettlos/core/units/moments";
import { asReckoned } from "@kettlos/core/batch/as-reckoned";
import { isAllHandedOn } from "@kettlos/core/batch/bowl-kg";
import { isChilled } from "@kettlos/core/batch/chill-of";
import { halfWayOf, type HalfWay } from "@kettlos/core/batch/half-way";
import { computed } from "vue";
import { binBatch } from "../../data/bin";
import { usePotsStore, type FirePot } from "../../data/pots-store";
import { appendEvent } from "../../data/repository";

/** Pots that were begun and not gone on with: what became of each is asked, never assumed. */
const pots = usePotsStore();
const left = computed(() =>
  pots.inEarnest.flatMap((pot) => {
    const endMs = pot.problem === null ? pot.forecast.endMs.expected : null;
    const found = halfWayOf(pot.cook, pot.batch.createdMs, endMs, pots.nowMs);
    return found === null ? [] : [{ pot, found }];
  }),
);

const whenOf = (ms: number): string => momentOf(ms, pots.nowMs);

function saidOf(pot: FirePot, { at, lastMs, dueMs }: HalfWay): string {
  const last = `nothing was told of it since ${whenOf(lastMs)}`;
  switch (at) {
    case "filled":
      return `It was begun and never went on the heat; ${last}.`;
    case "onHeat":
      return `By the log it is still on the heat${dueMs === null ? "" : `, where it was to come off ${whenOf(dueMs)}`}; ${last}.`;
    case "offHeat":
      return `It came off the heat ${whenOf(pot.cook.offMs ?? lastMs)}, and what came of it was not told.`;
    case "inBowl":
      return `It was ${pot.batch.plan.end === "served" ? "served" : "strained"} ${whenOf(pot.cook.strainedMs ?? lastMs)} and is not in the logbook yet.`;
  }
}

/** When it was to come off, or when it was last heard of, if that was later. */
const offMsOf = ({ dueMs, lastMs }: HalfWay): number => Math.max(dueMs ?? lastMs, lastMs);
const cameOff = ({ batch }: FirePot, found: HalfWay) =>
  appendEvent(batch.id, { kind: "offHeat", atMs: offMsOf(found) });

/** Into the log as it was reckoned: nothing is learned from it. */
async function logReckoned(pot: FirePot) {
  const { batch, setPot, cook } = pot;
  const { answersFor } = await import("@kettlos/core/because/answers");
  const answers = answersFor(setPot, () => null);
  if (!answers.ok || cook.offMs === null) return;
  const endL = pot.problem === null ? pot.forecast.strainedL.expected : null;
  const { trace, dish } = answers.value;
  await appendEvent(batch.id, {
    kind: "strained",
    atMs: cook.offMs,
    measured: {
      ...asReckoned(batch.plan, trace, dish.eaten, endL),
      tempC: 15,
      passes: 1,
      clothPasses: batch.plan.strain.clothPasses,
      pressed: batch.plan.strain.pressed,
      isReckoned: true,
    },
  });
  await finish(pot);
}
const finish = ({ batch }: FirePot) => appendEvent(batch.id, { kind: "finished" });
</script>

<template>
  <ul v-if="left.length > 0" aria-label="What became of these?">
    <li v-for="{ pot, found } in left" :key="pot.batch.id">
      <p>
        <strong>What became of the {{ pot.batch.plan.name.toLowerCase() }}?</strong>
        {{ saidOf(pot, found) }}
        <template v-if="found.at === 'onHeat'"
          >If it may still be on, go and look at it first.</template
        ><template
          v-else-if="found.at !== 'filled' && !isChilled(pot.cook) && !isAllHandedOn(pot.cook)"
          >If it stood out of the cold since, it is not for eating.</template
        >
      </p>
      <p class="ways">
        <template v-if="found.at === 'onHeat'">
          <button type="button" class="button primary" @click="cameOff(pot, found)">
            It came off {{ whenOf(offMsOf(found)) }}
          </button>
          <RouterLink class="button" :to="`/cook/${pot.batch.id}`">It is still on</RouterLink>
        </template>
        <template v-else-if="found.at === 'offHeat'">
          <RouterLink class="button primary" :to="`/strain/${pot.batch.id}`"
            >Say what came of it</RouterLink
          >
          <button type="button" class="button" @click="logReckoned(pot)">
            Log it as it was estimated
          </button>
        </template>
        <template v-else-if="found.at === 'inBowl'">
          <button type="button" class="button primary" @click="finish(pot)">
            Into the logbook
          </button>
          <RouterLink class="button" :to="`/strain/${pot.batch.id}`">Say more of it</RouterLink>
        </template>
        <RouterLink v-else class="button" :to="`/cook/${pot.batch.id}`">Go on with it</RouterLink>
        <button
          v-if="found.at === 'filled' || found.at === 'onHeat'"
          type="button"
          class="button"
          @click="binBatch(pot.batch.id)"
        >
          It was not cooked: to the bin
        </button>
      </p>
    </li>
  </ul>
</template>

<style scoped>
li {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-4) 0;
  border-top: 3px solid var(--rim);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4) var(--space-5);
}
</style>
