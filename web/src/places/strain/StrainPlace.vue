<script setup lang="ts">
import { findVessel, resolve } from "@kettlos/core/simulate/set-pot";
import { isAllHandedOn } from "@kettlos/core/batch/bowl-kg";
import { isChilled, isStillToChill } from "@kettlos/core/batch/chill-of";
import { PRODUCTS } from "@kettlos/core/batch/product-kinds";
import { productKey } from "@kettlos/core/larder/larder";
import { flowOf } from "@kettlos/core/batch/flow";
import { gapOf } from "@kettlos/core/batch/gap";
import { inBowl } from "@kettlos/core/batch/in-bowl";
import { answersFor } from "@kettlos/core/because/answers";
import { showMass, showVolume } from "@kettlos/core/units/show";
import { computed, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import CautionList from "../../controls/CautionList.vue";
import { clockHour } from "../../data/clock-hour";
import { useKitchenStore } from "../../data/kitchen-store";
import { useLarderStore } from "../../data/larder-store";
import { usePotsStore } from "../../data/pots-store";
import { useRoutePot } from "../../data/use-pot";
import { appendEvent, undoLast, type NewEvent } from "../../data/repository";
import PotOutflow from "../../drawings/PotOutflow.vue";
import StageStrip from "../../frame/StageStrip.vue";
import { useShortcuts } from "../../frame/shortcuts";
import PracticeScore from "../../controls/PracticeScore.vue";
import LarderRead from "../../controls/LarderRead.vue";
import ApartPanel from "./ApartPanel.vue";
import BeforeSieve from "./BeforeSieve.vue";
import ColdJudgement from "./ColdJudgement.vue";
import FinishPanel from "./FinishPanel.vue";
import HandOn from "./HandOn.vue";
import MeasureForm from "./MeasureForm.vue";
import RestPanel from "./RestPanel.vue";
import SolidsFate from "./SolidsFate.vue";
import TooLittlePanel from "./TooLittlePanel.vue";
import { keptApartKg } from "./kept-apart";
import { causeWords } from "../../words/cause-words";
import PieceBoundary from "../../frame/PieceBoundary.vue";

/** What came through the sieve, against what was planned; what is done to it then; and cold, its fat and set. */
const kitchenStore = useKitchenStore();
const larderStore = useLarderStore();
const pots = usePotsStore();
const route = useRoute();
const router = useRouter();
const units = computed(() => kitchenStore.units);

const { batchId, pot, isRead } = useRoutePot();
watch(
  () => [batchId.value, kitchenStore.isLoaded, pots.live.length, isRead.value] as const,
  () => {
    if (!kitchenStore.isLoaded || route.name !== "strain") return;
    if (pot.value !== null || !isRead.value) return;
    const waiting = pots.live.find((p) => p.cook.offMs !== null) ?? null;
    if (waiting !== null) void router.replace(`/strain/${waiting.batch.id}`);
  },
  { immediate: true },
);

const plan = computed(() => pot.value?.batch.plan ?? null);
const kitchen = computed(() => pot.value?.batch.kitchen ?? null);
const answers = computed(() => {
  if (plan.value === null || kitchen.value === null) return null;
  const outcome = answersFor(resolve(plan.value, kitchen.value), clockHour);
  return outcome.ok ? outcome.value : null;
});
const gap = computed(() =>
  plan.value === null || kitchen.value === null || pot.value === null
    ? null
    : gapOf(resolve(plan.value, kitchen.value), pot.value.cook),
);
const flow = computed(() =>
  plan.value === null || kitchen.value === null || pot.value === null
    ? null
    : flowOf(resolve(plan.value, kitchen.value), pot.value.cook),
);
const bowl = computed(() => (pot.value === null ? null : inBowl(pot.value.batch, pot.value.cook)));
const isCold = computed(() => pot.value !== null && isChilled(pot.value.cook));
const isToChill = computed(
  () => pot.value !== null && isStillToChill(pot.value.cook, pots.nowOf(pot.value.batch)),
);
const cautions = computed(
  () =>
    answers.value?.cautions.filter(
      (c) => c.places.includes("strain") && (c.id !== "cooling" || isToChill.value),
    ) ?? [],
);
const grave = computed(() => cautions.value.filter((c) => c.severity !== "note"));
const notes = computed(() => cautions.value.filter((c) => c.severity === "note"));
/** What is wrong with it now: it stands too long in the warm. */
const warnings = computed(
  () => pots.live.find((p) => p.batch.id === pot.value?.batch.id)?.cautions ?? [],
);
const danger = computed(() => warnings.value.find((c) => c.severity === "danger") ?? null);
/** While it is hot: once its chilling has begun it goes to the shelf. */
const isToHandOn = computed(
  () =>
    !isServed.value &&
    !isDone.value &&
    !isPutAway.value &&
    !isGone.value &&
    pot.value?.cook.chilling === null,
);
const isGone = computed(() => pot.value !== null && isAllHandedOn(pot.value.cook));
const endL = computed(
  () =>
    pots.live.find((p) => p.batch.id === pot.value?.batch.id)?.forecast.strainedL.expected ?? null,
);
const result = computed(() => pot.value?.cook.result ?? null);
const isServed = computed(() => plan.value?.end === "served");
const isDone = computed(() => pot.value?.cook.stage === "done");
const stillIn = computed(() =>
  (answers.value?.dish.takeOuts ?? [])
    .filter((t) => pot.value?.cook.outMs.has(t.itemId) !== true)
    .map((t) => t.what),
);
/** What is in containers already is not boiled down or salted as one any more. */
const isPutAway = computed(() =>
  [...larderStore.lots.values()].some((l) => l.batchId === pot.value?.batch.id),
);
const isToFinish = computed(() => {
  const id = pot.value?.batch.id ?? "";
  const isEaten = [undefined, ...PRODUCTS].some((p) =>
    larderStore.larder.usedKg.has(productKey(id, p)),
  );
  return !isDone.value && !isPutAway.value && !isEaten;
});

const hasNow = computed(
  () =>
    result.value !== null &&
    !isDone.value &&
    (isToHandOn.value || (isToFinish.value && !isGone.value)),
);
const hasSolids = computed(
  () =>
    !isServed.value &&
    !isGone.value &&
    bowl.value !== null &&
    (!isDone.value || pot.value?.cook.solids !== null),
);
/** Nothing is to be done any more but to say how it stands. */
const isOnlyCold = computed(
  () => result.value !== null && !hasNow.value && !hasSolids.value && !hasApart.value,
);
const hasApart = computed(
  () =>
    !isDone.value &&
    !isPutAway.value &&
    pot.value !== null &&
    answers.value !== null &&
    keptApartKg(pot.value, answers.value) !== null,
);

async function write(event: NewEvent) {
  if (pot.value !== null) await appendEvent(pot.value.batch.id, event);
}
async function finish() {
  const id = pot.value?.batch.id;
  await write({ kind: "finished" });
  await router.push(`/logbook/${id ?? ""}`);
}
async function undo() {
  if (pot.value !== null) await undoLast(pot.value.batch.id);
}
useShortcuts(() =>
  pot.value === null ? [] : [{ keys: "u", does: "Undo the last entry", run: () => void undo() }],
);
</script>

<template>
  <template v-if="pot !== null && plan !== null && answers !== null">
    <StageStrip
      :name="plan.name"
      :end="plan.end"
      :about="plan.forWhat ? `for ${plan.forWhat}` : ''"
      :vessel="findVessel(pot.batch.plan, pot.batch.kitchen)"
      :strained-l="result?.strainedL ?? 0"
      :stage="pot.cook.stage"
      :plan-id="plan.id"
      :batch-id="pot.batch.id"
      :is-strained="pot.cook.strainedMs !== null"
      :is-chilled="isCold"
    />
    <div class="place strain" :class="{ calm: isOnlyCold }">
      <section class="left">
        <CautionList v-if="warnings.length > 0" :cautions="warnings" />
        <template v-if="result === null">
          <PracticeScore v-if="pot.batch.practice?.lesson !== undefined" :pot="pot" />
          <BeforeSieve :pot="pot" :answers="answers" :units="units" @write="write" />
          <MeasureForm
            :pot="pot"
            :plan="plan"
            :answers="answers"
            :still-in="stillIn"
            :end-l="endL"
            :units="units"
            @write="write"
          />
        </template>
        <template v-else>
          <h1 v-if="result.servedKg !== null">
            <span class="result">{{ showMass(result.servedKg, units) }}</span> served
          </h1>
          <h1 v-else>
            <span class="result">{{ showVolume(result.strainedL, units) }}</span>
            strained
          </h1>
          <p v-if="result.isReckoned" class="quiet">
            As estimated, not measured: nothing is learned from it.
          </p>
          <p v-if="gap" class="cause">{{ causeWords(gap, units) }}</p>
          <p v-if="isGone">All of it went hot into the next pot.</p>
          <p v-else class="beside">
            <RouterLink
              v-if="!isDone || pot.cook.chilling !== null"
              class="button"
              :class="{ primary: !isCold }"
              :to="`/chill/${pot.batch.id}`"
              >{{
                isCold ? "How it was chilled" : "Chill it, against the clock of the code"
              }}</RouterLink
            >
            <RouterLink
              v-if="pot.batch.practice === undefined"
              class="button"
              :to="`/portion/${pot.batch.id}`"
              >Portion it</RouterLink
            >
          </p>
          <p v-if="isPutAway && !isDone" class="quiet small">
            What is in containers is boiled down, thickened or salted from its place in the
            <RouterLink to="/larder">Larder</RouterLink>: in a pan again.
          </p>
        </template>
        <CautionList :cautions="grave" />
      </section>
      <section class="right">
        <h2>
          Where every {{ units === "us" ? "quart" : "litre" }}
          {{ result === null ? "will go" : result.isReckoned ? "was to go" : "went" }}
        </h2>
        <PieceBoundary what="Where every litre goes" :of="flow">
          <PotOutflow
            v-if="flow"
            :flow="flow"
            :vessel="findVessel(pot.batch.plan, pot.batch.kitchen)"
            :units="units"
          />
        </PieceBoundary>
        <p class="quiet small">
          Measured cold; a hot jug reads about 3 % more.
          <template v-if="result !== null"
            >The gap is shared by what the readings say, then by how uncertain each part
            is.</template
          >
        </p>
        <RestPanel v-if="!isDone && !hasNow" :pot="pot" :units="units" />
      </section>
      <div v-if="result !== null && !larderStore.isLoaded" class="then"><LarderRead /></div>
      <div v-else-if="result !== null" class="then">
        <section v-if="hasNow" class="when">
          <h2>{{ isCold ? "Before it is put away" : "While it is hot" }}</h2>
          <HandOn
            v-if="isToHandOn && bowl !== null"
            :pot="pot"
            :bowl="bowl"
            :units="units"
            :danger="danger"
          />
          <template v-if="bowl !== null && isToFinish && !isGone">
            <TooLittlePanel v-if="!isServed" :pot="pot" :bowl="bowl" :units="units" />
            <FinishPanel :pot="pot" :bowl="bowl" :units="units" @write="write" />
          </template>
          <RestPanel :pot="pot" :units="units" />
        </section>
        <section v-if="hasSolids || hasApart" class="when">
          <h2>{{ isServed ? "Beside it" : "In the sieve" }}</h2>
          <ApartPanel
            v-if="hasApart && bowl !== null"
            :pot="pot"
            :answers="answers"
            :bowl="bowl"
            :units="units"
            @write="write"
          />
          <SolidsFate
            v-if="hasSolids"
            :plan="plan"
            :fate="pot.cook.solids"
            @choose="write({ kind: 'solids', fate: $event })"
          />
        </section>
        <section class="when">
          <h2>When it is cold</h2>
          <ColdJudgement :pot="pot" :answers="answers" :units="units" @write="write" />
          <PracticeScore :pot="pot" />
          <p class="beside">
            <button
              v-if="!isDone"
              type="button"
              class="button"
              :class="{ primary: isCold }"
              @click="finish"
            >
              Into the logbook
            </button>
            <RouterLink v-else class="button primary" :to="`/logbook/${pot.batch.id}`"
              >See it in the logbook</RouterLink
            >
            <button type="button" class="button" @click="undo">Undo <kbd>U</kbd></button>
          </p>
        </section>
      </div>
      <CautionList v-if="notes.length > 0" class="notes" :cautions="notes" />
    </div>
  </template>
  <div v-else-if="isRead" class="place empty">
    <h1>Nothing to strain</h1>
    <p>
      When a pot comes off the heat it stands here: measure what came through the sieve, and see
      where every litre went.
    </p>
    <p>
      <RouterLink class="button primary" to="/bench">To the bench</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.strain {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.25fr);
  gap: var(--space-7) var(--space-9);
}

.left,
.right {
  display: grid;
  gap: var(--space-5);
  align-content: start;
}

/** What follows, by when it is: side by side, as on a ruler. */
.then {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: repeat(auto-fit, minmax(340px, 1fr));
  gap: var(--space-7) var(--space-8);
}

@media (width > 900px) {
  .calm {
    grid-template-rows: auto 1fr;
  }

  .calm .right {
    grid-row: 1 / span 2;
    grid-column: 2;
  }

  .calm .then {
    grid-column: 1;
  }
}

.when {
  display: grid;
  max-width: 620px;
  gap: var(--space-5);
  align-content: start;
}

.when > h2 {
  border-bottom: 4px solid var(--ink);
}

.when > :nth-child(n + 3) {
  padding-top: var(--space-5);
  border-top: 1px solid var(--hair);
}

.notes {
  grid-column: 1 / -1;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  gap: var(--space-4) var(--space-8);
  border-top: 1px solid var(--hair);
}

.cause {
  font-size: var(--size-lead);
  line-height: 26px;
}

.empty {
  display: grid;
  gap: var(--space-6);
}

@media (width <= 900px) {
  .strain {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
