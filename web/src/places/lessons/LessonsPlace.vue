<script setup lang="ts">
import { LESSON_IDS, type LessonId } from "@kettlos/core/batch/lesson-ids";
import { lessonKitchen } from "@kettlos/core/instruments/lessons/lesson-kitchen";
import { LESSONS } from "@kettlos/core/instruments/lessons/lessons";
import type { Cook } from "@kettlos/core/batch/fold";
import { vesselOf } from "@kettlos/core/simulate/references";
import { asPlanned } from "@kettlos/core/simulate/as-planned";
import { resolve } from "@kettlos/core/simulate/set-pot";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { beginLesson } from "../../data/begin-lesson";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLessonBests } from "../../data/lesson-best";
import { usePotsStore } from "../../data/pots-store";
import { useWords } from "../../data/use-words";
import { piecesOf } from "../../drawings/pieces-of";
import SmallPot from "../../drawings/SmallPot.vue";

/** A shelf of made-up pots in which one thing goes wrong: what to bring each to, and how well it went here. */
const words = useWords();
const store = useKitchenStore();
const pots = usePotsStore();
const router = useRouter();
const bests = useLessonBests();
const PX_PER_M = 300;
const rows = computed(() => {
  const { kitchen: own } = store;
  if (own === null) return [];
  const kitchen = lessonKitchen(own);
  return LESSON_IDS.map((id) => {
    const lesson = LESSONS[id];
    const best = bests.value.get(id) ?? null;
    const under = pots.fire.find(
      (p) => p.batch.practice?.lesson === id && !(lesson.isOver ?? isOff)(p.cook),
    );
    const setPot = resolve(lesson.plan(kitchen, id), kitchen);
    const { startDepthM, heapTopM } = asPlanned(setPot).trace;
    return {
      ...lesson,
      best,
      under: under === undefined ? null : whereOf(id, under.batch.id),
      vessel: vesselOf(setPot),
      pieces: piecesOf(setPot.plan),
      startDepthM,
      heapTopM,
    };
  });
});
const isOff = (cook: Cook) => cook.offMs !== null;
const whereOf = (id: LessonId, batchId: string) =>
  `/${LESSONS[id].begun === undefined ? "cook" : "chill"}/${batchId}`;
const done = computed(() => rows.value.filter((r) => r.best !== null).length);

async function begin(id: LessonId) {
  if (store.kitchen === null) return;
  const batch = await beginLesson(id, store.kitchen, Date.now());
  await router.push(whereOf(id, batch.id));
}
</script>

<template>
  <div class="place lessons">
    <header>
      <h1>Practice: pots that go wrong</h1>
      <p>
        Each is a made-up pot on a fast clock, always the same: an hour is a minute. In the first
        all goes as it should; in the others one thing is not as it was told. Nothing of it goes
        into your kitchen's memory.
      </p>
      <p v-if="done > 0" class="quiet">{{ done }} of {{ rows.length }} done.</p>
    </header>
    <ul>
      <li v-for="row in rows" :key="row.id">
        <span class="drawn" aria-hidden="true"
          ><SmallPot
            :vessel="row.vessel"
            :px-per-m="PX_PER_M"
            label=""
            :level-m="row.startDepthM"
            :heap-top-m="row.heapTopM"
            :pieces="row.pieces"
        /></span>
        <div class="said">
          <h2>{{ row.title }}</h2>
          <p>{{ words(row.aim) }}</p>
          <p v-if="row.best !== null" class="quiet small">{{ row.teaches }}</p>
        </div>
        <div class="go">
          <b v-if="row.best !== null" class="figure">{{ row.best }}</b>
          <span v-if="row.best !== null" class="quiet small">of 100, at best</span>
          <RouterLink v-if="row.under" class="button primary" :to="row.under"
            >Go on with it</RouterLink
          >
          <button v-else type="button" class="button" @click="begin(row.id)">
            {{ row.best === null ? "Put it on" : "Once more" }}
          </button>
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
header {
  display: grid;
  gap: var(--space-4);
  max-width: 760px;
  padding-bottom: var(--space-5);
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 520px), 1fr));
  gap: 0 var(--space-9);
}

li {
  display: grid;
  grid-template-columns: 116px minmax(0, 1fr) auto;
  gap: var(--space-3) var(--space-6);
  align-items: center;
  padding: var(--space-4) 0;
  border-bottom: 1px solid var(--hair);
}

.drawn {
  display: grid;
  place-items: end center;
}

.said {
  display: grid;
  gap: var(--space-2);
  align-self: start;
}

.go {
  display: grid;
  gap: var(--space-1);
  justify-items: center;
}

.go b {
  font-size: var(--size-head);
  line-height: 32px;
}

@media (width <= 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .drawn {
    display: none;
  }
}
</style>
