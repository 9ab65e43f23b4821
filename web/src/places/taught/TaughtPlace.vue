<script setup lang="ts">
import { weekdayDateOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import { LEARNED_KINDS } from "@kettlos/core/simulate/learned-kinds";
import { factorWords, nameOfThing, thingWords } from "@kettlos/core/learn/say-taught";
import type { TaughtBy, TaughtKind } from "@kettlos/core/learn/taught";
import type { TaughtShown } from "@kettlos/core/learn/taught-shown";
import { showDuration } from "@kettlos/core/units/show";
import { computed, ref } from "vue";
import UndoBar from "../../controls/UndoBar.vue";
import { useKitchenSteps } from "../../data/kitchen-steps";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { useInTurn } from "../../frame/in-turn";
import TaughtValue from "./TaughtValue.vue";
import { useTaught } from "./use-taught";

/** What the log has taught: each pot and ring against what is usual, how sure, and from which pots. */
const store = useKitchenStore();
const pots = usePotsStore();
const steps = useKitchenSteps();
const { told, all, wantAll, next, teaching, beginAnew, freeze, leaveOut } = useTaught();

const potName = (id: string): string => {
  const open = pots.open.get(id);
  const pot =
    open === undefined
      ? pots.shelvedById.get(id)
      : { name: open.batch.plan.name, begunMs: begunMs(open) };
  return pot === undefined ? "A pot that is gone" : `${pot.name}, ${weekdayDateOf(pot.begunMs)}`;
};
/** A pot that it was seen in says what it is called. */
const nameOf = (value: TaughtShown): string =>
  nameOfThing(value, store.kitchen, (kind) => {
    const seen = pots.finished.find((p) => p.seen[kind]?.thing === value.thing)?.seen[kind];
    if (seen !== undefined && seen !== null) return seen.name;
    // One that is strained and not logged yet.
    const open = value.from.map((by) => pots.open.get(by.potId)).find((pot) => pot !== undefined);
    return open === undefined ? value.thing : thingWords(kind, open.batch.plan, open.batch.kitchen);
  });
/** What each kind is headed by, and what a new thing of it is called where the others say something of it. */
const HEADS: Readonly<Record<TaughtKind, { readonly title: string; readonly fresh?: string }>> = {
  steam: { title: "How fast it steams", fresh: "A pot that is new here" },
  ring: { title: "What the rings give", fresh: "A ring that is new here" },
  hot: { title: "How hot it gets", fresh: "An oven or cooker that is new here" },
  work: { title: "How long work takes", fresh: "Work that was not timed yet" },
  set: { title: "What the bones give", fresh: "Bones that are new here:" },
  kept: { title: "What stays in the sieve", fresh: "What was not strained yet:" },
  tender: { title: "When it is tender", fresh: "What no fork went into yet" },
  cooling: { title: "How fast it cools", fresh: "What was not chilled yet" },
  salt: { title: "How salty you want it", fresh: "A pot of another kind" },
  // How thick another dish shall be says nothing of a new one.
  body: { title: "How thick you want it" },
};
const sections = computed(() =>
  LEARNED_KINDS.map((kind) => ({
    ...{ kind, ...HEADS[kind] },
    values: (told.value?.values ?? [])
      .filter((v) => v.kind === kind)
      .sort((a, b) => b.fromCount - a.fromCount),
    newPot: told.value?.kitchen[kind],
  })).filter((s) => s.values.length > 0),
);
/** One section after the other, then what follows them. */
const turn = useInTurn(LEARNED_KINDS.length, () => told.value !== null);
const isWhole = computed(() => turn.value === LEARNED_KINDS.length);
/** What fits into a view needs no way down. */
const JUMPS_FROM = 3;
function jumpTo(kind: TaughtKind) {
  const head = document.getElementById(`taught-${kind}`);
  head?.scrollIntoView({ block: "start" });
  head?.focus({ preventScroll: true });
}
const NEXT_SHOWN = 3;
const asked = computed(() =>
  next.value.slice(0, NEXT_SHOWN).flatMap((r) => {
    const plan = store.plans.find((p) => p.id === r.planId);
    return plan === undefined || store.kitchen === null
      ? []
      : [{ ...r, plan, thing: thingWords("steam", plan, store.kitchen) }];
  }),
);
const allOf = ({ kind, thing }: TaughtShown): readonly TaughtBy[] | null =>
  all.value?.values.find((v) => v.kind === kind && v.thing === thing)?.from ?? null;
/** Read and drawn up when it is opened: the latest, all of them when asked for. */
const showsNotUsed = ref(false);
function openNotUsed(isNow: boolean) {
  showsNotUsed.value = isNow;
  if (isNow) wantAll();
}
const NOT_USED_AT_ONCE = 60;
const mostNotUsed = ref(NOT_USED_AT_ONCE);
/** Of each pot why something was not learned from it, said once where it is the same. */
const notUsed = computed(() =>
  (all.value?.notUsed ?? []).map((n) => ({
    ...n,
    what: n.kind === "steam" ? "its steam" : "its ring",
  })),
);
</script>

<template>
  <div class="place taught">
    <header>
      <h1>What this kitchen has taught</h1>
      <UndoBar
        :undoes="steps.undoes"
        :redoes="steps.redoes"
        @undo="steps.undo"
        @redo="steps.redo"
      />
      <RouterLink to="/logbook">Back to the logbook</RouterLink>
    </header>
    <p v-if="told === null" role="status">Reading the log …</p>
    <template v-else>
      <p v-if="sections.length === 0" class="lead">
        Nothing yet. Read a level or two while a pot simmers, say when it boils, and measure what
        comes through the sieve: what is plan and what is here is told apart after a pot or two, and
        the next plan goes by it.
      </p>
      <p v-else class="key small quiet">
        <span>
          <svg width="26" height="14" aria-hidden="true">
            <rect y="4" width="24" height="8" fill="var(--hair)" />
          </svg>
          as usual, before anything was learned
        </span>
        <span>
          <svg width="26" height="14" aria-hidden="true">
            <rect y="1" width="24" height="12" fill="var(--broth)" />
          </svg>
          here, nine times in ten each way
        </span>
        <span>
          <svg width="14" height="14" aria-hidden="true">
            <circle cx="7" cy="7" r="4" fill="var(--rim)" />
          </svg>
          what one pot said
        </span>
      </p>
      <nav v-if="sections.length > JUMPS_FROM" aria-label="On this page" class="jumps">
        <button
          v-for="section in sections"
          :key="section.kind"
          type="button"
          class="link"
          @click="jumpTo(section.kind)"
        >
          {{ section.title }}
        </button>
      </nav>
      <section v-for="section in sections.slice(0, turn + 1)" :key="section.kind">
        <h2 :id="`taught-${section.kind}`" tabindex="-1">{{ section.title }}</h2>
        <ul>
          <TaughtValue
            v-for="value in section.values"
            :key="`${value.kind} ${value.thing}`"
            :value
            :all="allOf(value)"
            :name="nameOf(value)"
            :pot-name="potName"
            @anew="beginAnew(value)"
            @freeze="freeze(value, $event)"
            @leave-out="leaveOut($event, true)"
            @want-all="wantAll"
          />
        </ul>
        <p v-if="section.newPot && section.fresh" class="quiet">
          {{ section.fresh }}
          {{ factorWords(section.kind, section.newPot.factor) }}, ±{{
            Math.round(section.newPot.plusMinusPct)
          }}
          %, going by the others.
        </p>
      </section>
      <section v-if="isWhole && asked.length > 0">
        <h2>What would teach most next time</h2>
        <ul class="plain">
          <li v-for="one in asked" :key="one.planId">
            A level {{ showDuration(one.atMin) }} into
            <RouterLink :to="`/plan/${one.planId}`">{{ one.plan.name }}</RouterLink>:
            {{ one.thing.toLowerCase() }} would be known to ±{{ Math.round(one.thenPct) }} %, now
            ±{{ Math.round(one.plusMinusPct) }} %.
          </li>
        </ul>
      </section>
      <section v-if="isWhole && teaching.leftOut.length > 0">
        <h2>Left out by hand</h2>
        <ul class="plain">
          <li v-for="id in teaching.leftOut" :key="id">
            {{ potName(id) }}
            <button type="button" class="link" @click="leaveOut(id, false)">
              Learn from it again
            </button>
          </li>
        </ul>
      </section>
      <details
        v-if="isWhole && told.notUsedCount > 0"
        @toggle="openNotUsed($event.newState === 'open')"
      >
        <summary>Not learned from, and why</summary>
        <p v-if="showsNotUsed && all === null" role="status">Reading the log …</p>
        <button
          v-if="notUsed.length > mostNotUsed"
          type="button"
          class="link"
          @click="mostNotUsed = notUsed.length"
        >
          The last {{ mostNotUsed }}; all {{ notUsed.length }}
        </button>
        <ul v-if="showsNotUsed" class="plain">
          <li v-for="n in notUsed.slice(-mostNotUsed)" :key="`${n.potId} ${n.kind}`">
            <RouterLink :to="`/logbook/${n.potId}`">{{ potName(n.potId) }}</RouterLink>,
            {{ n.what }}: {{ n.why }}.
          </li>
        </ul>
      </details>
    </template>
  </div>
</template>

<style scoped>
.taught {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-6);
  max-width: 1120px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-7);
  align-items: baseline;
  justify-content: space-between;
}

.key {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
}

.jumps {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-6);
}

.jumps .link {
  min-height: 44px;
}

.lead {
  max-width: 60ch;
}

h2 {
  /* Clear of the rail above. */
  scroll-margin-top: 64px;
  border-bottom: 3px solid var(--ink);
}

.plain li {
  padding: var(--space-3) 0;
}

summary {
  min-height: 44px;
  line-height: 44px;
}
</style>
