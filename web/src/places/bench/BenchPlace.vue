<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { weekdayClockOf } from "@kettlos/core/units/moments";
import { showDuration, showVolume } from "@kettlos/core/units/show";
import { computed, defineAsyncComponent } from "vue";
import { useRouter } from "vue-router";
import { useClockStore } from "../../data/clock-store";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { useInTurn } from "../../frame/in-turn";
import { useShortcuts } from "../../frame/shortcuts";
import { waitsFor } from "../../frame/waiting-words";
import UseFirst from "../../controls/UseFirst.vue";
import BatchPot from "../../controls/BatchPot.vue";
import { sharedScale } from "../../drawings/shared-scale";
import BenchPot from "./BenchPot.vue";
import { useToStart } from "./to-start";
import PieceBoundary from "../../frame/PieceBoundary.vue";
import { useWords } from "../../data/use-words";

/** Seen once: it does not come along with every bench. */
const words = useWords();
const FirstVisit = defineAsyncComponent(() => import("./FirstVisit.vue"));
const HalfWayPots = defineAsyncComponent(() => import("./HalfWayPots.vue"));

/** What needs doing now and next, across all pots. */
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const clockStore = useClockStore();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const MOST_OTHERS = 6;
const { toStart, others } = useToStart();
const MOST_RESULTS = 5;
const results = computed(() => pots.finished.filter((p) => !p.isPractice).slice(0, MOST_RESULTS));
/** What is to start comes first, then one result after the other. */
const turn = useInTurn(2 + MOST_RESULTS);
const scale = computed(() =>
  sharedScale(
    results.value.map((r) => r.vessel),
    104,
  ),
);
const waitingForCold = computed(() => pots.inEarnest.filter((p) => p.cook.strainedMs !== null));
const onFire = computed(() => pots.inEarnest.filter((p) => p.cook.strainedMs === null));

const startNew = () => router.push("/new");

useShortcuts(() =>
  kitchenStore.kitchen === null
    ? []
    : [{ keys: "n", does: "New plan", run: () => void startNew() }],
);
</script>

<template>
  <FirstVisit v-if="kitchenStore.kitchen === null" />
  <div v-else class="place bench">
    <header>
      <h1>{{ kitchenStore.kitchen.name }}</h1>
      <p class="ways">
        <RouterLink class="button" to="/shopping">Shopping list</RouterLink>
        <button type="button" class="button primary" @click="startNew">
          Plan a pot <kbd>N</kbd>
        </button>
      </p>
    </header>
    <section aria-labelledby="now-title">
      <h2 id="now-title">On the fire</h2>
      <HalfWayPots v-if="pots.inEarnest.length > 0" />
      <ul v-if="onFire.length > 0" class="now">
        <li v-for="pot in onFire" :key="pot.batch.id">
          <PieceBoundary v-if="pot.problem === null" :what="pot.batch.plan.name" :of="pot.events">
            <BenchPot :pot="pot" :units="units" :now-ms="pots.nowMs" />
          </PieceBoundary>
          <RouterLink v-else class="stuck" :to="`/cook/${pot.batch.id}`">
            <h3>{{ pot.batch.plan.name }}</h3>
            <p v-if="pot.actions[0]" class="figure">{{ pot.actions[0].title }}</p>
            <p class="ember">{{ words(pot.cautions[0]?.title) }}: {{ words(pot.problem.said) }}</p>
          </RouterLink>
        </li>
      </ul>
      <p v-else class="quiet">
        No pot is on. Plan one, then put it on: it stays in view on every screen. Or
        <RouterLink to="/lessons">practise</RouterLink> on one that cannot be spoilt.
      </p>
      <ul v-if="waitingForCold.length > 0" class="cold">
        <li v-for="pot in waitingForCold" :key="pot.batch.id">
          <RouterLink :to="`/strain/${pot.batch.id}`"
            >{{ pot.batch.plan.name }}:
            <b v-if="pot.cautions[0]" class="ember">{{ words(pot.cautions[0].title) }}</b><template
              v-else
              >{{ waitsFor(pot.batch.plan) }}</template
            ></RouterLink
          >
        </li>
      </ul>
    </section>
    <section v-if="turn > 0" aria-labelledby="next-title">
      <h2 id="next-title">To start</h2>
      <ul class="next">
        <li v-for="{ plan, band } in toStart" :key="plan.id">
          <RouterLink :to="`/plan/${plan.id}`">
            <strong v-if="band === null" class="figure quiet">…</strong>
            <strong v-else class="figure">{{ weekdayClockOf(band.lightMs) }}</strong>
            <span
              >{{ plan.name
              }}<span v-if="plan.forWhat" class="quiet">, for {{ plan.forWhat }}</span></span
            >
            <span v-if="band === null" class="quiet">its start is being worked out</span>
            <span v-else class="quiet"
              >{{ plan.end === "served" ? "ready" : "strained" }} by
              {{ weekdayClockOf(band.readyMs)
              }}<template v-if="band.lightMs > pots.nowMs">
                · {{ band.begins }} in
                {{ showDuration((band.lightMs - pots.nowMs) / MINUTE_MS) }}</template
              ><b v-else class="ember"> · should be on by now</b></span
            >
          </RouterLink>
        </li>
        <li v-if="clockStore.isLoaded && toStart.length === 0" class="quiet">
          Give a plan a time to be ready by, or put a meal on the
          <RouterLink to="/clock">clock</RouterLink>, and its start stands here.
        </li>
      </ul>
      <p v-if="others.length > 0" class="others">
        <span class="quiet">Other plans</span>
        <RouterLink
          v-for="plan in others.slice(0, MOST_OTHERS)"
          :key="plan.id"
          :to="`/plan/${plan.id}`"
          >{{ plan.name }}</RouterLink
        >
      </p>
      <RouterLink v-if="larderStore.larder.holdings.length > 0" class="larder" to="/larder">
        <UseFirst />
        <p>In the larder: {{ showVolume(larderStore.stockL, units) }} of stock</p>
      </RouterLink>
    </section>
    <section v-if="turn > 1" class="last" aria-labelledby="last-title">
      <h2 id="last-title">Last results</h2>
      <ul v-if="results.length > 0" class="results">
        <li v-for="pot in results.slice(0, turn - 2)" :key="pot.id">
          <RouterLink :to="`/logbook/${pot.id}`">
            <PieceBoundary :what="pot.name" :of="pot">
              <BatchPot :pot="pot" :px-per-m="scale" :units="units" />
            </PieceBoundary>
          </RouterLink>
        </li>
      </ul>
      <p v-else class="quiet">
        When a pot is strained and logged, it stands here: planned against got.
      </p>
    </section>
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: var(--space-6) var(--space-9);
  max-width: 1280px;
}

header {
  display: flex;
  grid-column: 1 / -1;
  align-items: center;
  justify-content: space-between;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
}

.last {
  grid-column: 1 / -1;
  padding-top: var(--space-5);
  border-top: 1px solid var(--hair);
}

h2 {
  padding-bottom: var(--space-4);
}

.now {
  display: grid;
  gap: var(--space-6);
}

.stuck {
  display: block;
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

.cold a {
  display: block;
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
}

.next a {
  display: grid;
  grid-template-columns: 128px 1fr;
  gap: var(--space-1) var(--space-5);
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

.next a > :last-child {
  grid-column: 2;
}

.next a:hover {
  background: var(--rim-soft);
}

.next strong {
  white-space: nowrap;
  grid-row: span 2;
  font-size: var(--size-lead);
}

.others {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
  padding-top: var(--space-5);
  border-top: 1px solid var(--hair);
}

.larder {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-7);
  padding: var(--space-4) 0;
  border-top: 1px solid var(--hair);
  color: inherit;
  text-decoration: none;
}

.larder:hover {
  background: var(--rim-soft);
}

.others > * {
  line-height: 36px;
}

.results {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-6) var(--space-8);
  align-items: end;
}

.results a {
  display: block;
  color: inherit;
  text-decoration: none;
}

@media (width <= 900px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
