<script setup lang="ts">
import { findVessel, resolve } from "@kettlos/core/simulate/set-pot";
import { BY_WORDS } from "@kettlos/core/because/answers";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { weekdayClockOf, shortDateOf, weekdayDayOf } from "@kettlos/core/units/moments";
import { begunMs } from "@kettlos/core/batch/of-log";
import { flowOf } from "@kettlos/core/batch/flow";
import { notesOf } from "@kettlos/core/batch/plan-of-cook";
import { isChilled } from "@kettlos/core/batch/chill-of";
import { gapOf } from "@kettlos/core/batch/gap";
import { readingsAsLiquid } from "@kettlos/core/batch/live-forecast";
import { sentenceText } from "@kettlos/core/because/sentence";
import { answersFor } from "@kettlos/core/because/answers";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";
import { waterDensityKgL } from "@kettlos/core/water/properties";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { copyOf } from "../../data/copy-plan";
import type { PotState } from "../../data/pot-state";
import { usePotsStore } from "../../data/pots-store";
import { appendEvent, savePlan, undoLast } from "../../data/repository";
import { markLabels } from "../../drawings/mark-labels";
import PotOutflow from "../../drawings/PotOutflow.vue";
import SimmerRibbon from "../../drawings/SimmerRibbon.vue";
import StageStrip from "../../frame/StageStrip.vue";
import PracticeScore from "../../controls/PracticeScore.vue";
import { causeWords } from "../../words/cause-words";

import { eventSaid } from "@kettlos/core/events/event-said";
import { inWords } from "@kettlos/core/units/said";
import MarkChoice from "../../controls/MarkChoice.vue";
import PotPictures from "../../controls/PotPictures.vue";
import { planLike } from "./cook-again";
import LogCard from "./LogCard.vue";
import { LIKING_OPTIONS } from "../../words/likings";

/** The whole course of one batch: what was planned, what happened when, what came of it. */
const props = defineProps<{ pot: PotState; units: UnitSystem }>();
const router = useRouter();

const one = computed(() => (props.units === "us" ? "us" : "metric"));
const plan = computed(() => props.pot.batch.plan);
const kitchen = computed(() => props.pot.batch.kitchen);
const answers = computed(() => {
  // What is over has no now: no caution about a flame that is out.
  const outcome = answersFor(resolve(plan.value, kitchen.value), () => null);
  return outcome.ok ? outcome.value : null;
});
const gap = computed(() => gapOf(resolve(plan.value, kitchen.value), props.pot.cook));
const flow = computed(() => flowOf(resolve(plan.value, kitchen.value), props.pot.cook));
const readings = computed(() => {
  const { cook } = props.pot;
  const { trace } = answers.value ?? {};
  if (trace === undefined || cook.litMs === null) return [];
  const simmerMs = cook.simmerMs ?? cook.litMs;
  return readingsAsLiquid(resolve(plan.value, kitchen.value), cook, cook.offMs ?? simmerMs).map(
    (r) => ({
      tMin: trace.toSimmerMin + (r.atMs - simmerMs) / MINUTE_MS,
      litres: r.liquidKg / waterDensityKgL(trace.holdC),
    }),
  );
});
/** What the cook did; an instrument's readings are points on the ribbon. */
const told = computed(() =>
  props.pot.cook.events.filter((e) => !("source" in e && e.source === "instrument")),
);
async function open(next: Plan) {
  await savePlan(next);
  await router.push(`/plan/${next.id}`);
}
/** The same plan, with what was noted this time. */
const cookAgain = () => open({ ...copyOf(plan.value), note: notesOf(plan.value, props.pot.cook) });
/** What was really done becomes the plan. */
const cookAsItWent = () => open(planLike(props.pot, null));

const printCard = () => window.print();
async function saveFile() {
  const { savePots } = await import("../../data/log-out");
  await savePots([props.pot.batch.id], kitchen.value, pots.nowMs);
}
async function send() {
  const { sendPot } = await import("../../data/send");
  await sendPot(props.pot, pots.nowMs);
}
const pots = usePotsStore();
/** The same dish, other times; and the one before. */
const sameDish = computed(() =>
  pots.finished.filter(
    (p) => p.name === plan.value.name && !p.isPractice && p.id !== props.pot.batch.id,
  ),
);
const before = computed(
  () =>
    sameDish.value
      .filter((p) => p.onHeatMin !== null && p.begunMs < begunMs(props.pot))
      .toSorted((a, b) => b.begunMs - a.begunMs)[0],
);
const like = (how: (typeof LIKING_OPTIONS)[number]["value"]) =>
  how === props.pot.cook.liking
    ? undefined
    : appendEvent(props.pot.batch.id, { kind: "liked", how });
const isJustLiked = computed(() => props.pot.cook.events.at(-1)?.kind === "liked");
</script>

<template>
  <StageStrip
    class="strip"
    :name="plan.name"
    :end="plan.end"
    :about="weekdayDayOf(begunMs(pot))"
    :vessel="findVessel(pot.batch.plan, pot.batch.kitchen)"
    :stage="pot.cook.stage"
    :plan-id="plan.id"
    :batch-id="pot.batch.id"
    :is-strained="pot.cook.strainedMs !== null"
    :is-chilled="isChilled(pot.cook)"
  />
  <LogCard :pot="pot" :gap="gap" :answers="answers" :units="one" />
  <div class="place course">
    <section class="wide">
      <h1 v-if="answers" class="sentence">
        {{ sentenceText(resolve(plan, kitchen), answers, units) }}
      </h1>
      <SimmerRibbon
        v-if="answers"
        :trace="answers.trace"
        :band="answers.spread.band"
        :units="units"
        :labels="markLabels(plan, answers.trace, units)"
        :window="
          answers.flavour === null
            ? null
            : {
                from: answers.flavour.window.from.value,
                past: answers.flavour.window.past.value,
                word: BY_WORDS[answers.flavour.by],
              }
        "
        :readings="readings"
      />
    </section>
    <section>
      <h2>What happened</h2>
      <ol class="events">
        <li v-for="event in told" :key="event.id">
          <time :datetime="new Date(event.atMs).toISOString()">{{
            weekdayClockOf(event.atMs)
          }}</time>
          {{ inWords(eventSaid(event, plan), units) }}
        </li>
      </ol>
      <h2 class="next">Pictures</h2>
      <PotPictures :pot />
    </section>
    <section v-if="pot.batch.practice !== undefined"><PracticeScore :pot="pot" /></section>
    <section>
      <template v-if="gap">
        <h2>Planned against got</h2>
        <p class="big figure">
          <template v-if="pot.cook.result?.servedKg != null"
            ><span class="result">{{ showMass(pot.cook.result.servedKg, units) }}</span> served, of
            it liquid
          </template>
          <span class="result">{{ showVolume(gap.gotL, units) }}</span>
          <span class="quiet"> planned {{ showVolume(gap.plannedL, units) }}</span>
        </p>
        <p>{{ causeWords(gap, units) }}</p>
        <PotOutflow
          v-if="flow"
          :flow="flow"
          :vessel="findVessel(pot.batch.plan, pot.batch.kitchen)"
          :units="units"
        />
      </template>
      <p class="row">
        <button type="button" class="button primary" @click="cookAgain">Plan it again</button>
        <button type="button" class="button" @click="cookAsItWent">Plan it as it went</button>
        <RouterLink class="button" to="/logbook">All batches</RouterLink>
        <button type="button" class="button" @click="saveFile">Save as a file</button>
        <button type="button" class="button" @click="send">Send it</button>
        <button type="button" class="button" @click="printCard">Print its card</button>
      </p>
      <div v-if="pot.batch.practice === undefined" class="after">
        <div v-if="pot.cook.strainedMs !== null">
          <MarkChoice
            label="How was it at the table?"
            :options="LIKING_OPTIONS"
            :chosen="pot.cook.liking"
            @choose="like"
          />
          <button
            v-if="isJustLiked"
            type="button"
            class="link small"
            @click="undoLast(pot.batch.id)"
          >
            Undo: how it was
          </button>
        </div>
        <ul class="row">
          <li v-if="before !== undefined">
            <RouterLink class="button" :to="`/beside/${before.id}/${pot.batch.id}`"
              >Beside the time before, {{ shortDateOf(before.begunMs) }}</RouterLink
            >
          </li>
          <li v-if="sameDish.length > 0">
            <RouterLink class="button" :to="{ name: 'dish', params: { name: plan.name } }"
              >All {{ sameDish.length + 1 }} times</RouterLink
            >
          </li>
          <li v-if="pots.finished.length > 1 && pot.cook.offMs !== null">
            <RouterLink class="button" :to="{ path: '/logbook', query: { beside: pot.batch.id } }"
              >Beside another pot</RouterLink
            >
          </li>
        </ul>
      </div>
    </section>
  </div>
</template>

<style scoped>
.course {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.7fr);
  gap: var(--space-6) var(--space-9);
}

.wide {
  grid-column: 1 / -1;
}

.sentence {
  padding-bottom: var(--space-5);
  font: 650 var(--size-lead)/28px var(--head);
}

h2 {
  padding-bottom: var(--space-4);
}

.events li {
  padding: var(--space-3) 0;
  border-top: 1px solid var(--hair);
}

time {
  display: inline-block;
  min-width: 88px;
  color: var(--quiet);
}

.after,
.next {
  padding-top: var(--space-7);
}

.big {
  padding-bottom: var(--space-5);
  font-size: var(--size-head);
  line-height: 40px;
}

.big .quiet {
  font-size: var(--size-lead);
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  padding-top: var(--space-6);
}

/* On paper the card stands for all of it. */
@media print {
  .strip,
  .course {
    display: none;
  }
}

@media screen and (width <= 900px) {
  .course {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
