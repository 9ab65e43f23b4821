<script setup lang="ts">
import { resolve } from "@kettlos/core/simulate/set-pot";
import { HOLD_MIN } from "@kettlos/core/units/limits";
import type { Practice } from "@kettlos/core/batch/batch-schema";
import { vesselOf } from "@kettlos/core/simulate/references";
import { outcomeOf } from "@kettlos/core/units/problem";
import { useEventListener, useMediaQuery } from "@vueuse/core";
import { computed, nextTick, onBeforeUnmount, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import EditPopover from "../../controls/EditPopover.vue";
import UndoBar from "../../controls/UndoBar.vue";
import { useOpened } from "../../controls/use-opened";
import { useKitchenStore } from "../../data/kitchen-store";
import { bin } from "../../data/bin";
import { copyOf } from "../../data/copy-plan";
import { newPractice } from "../../data/new-practice";
import { putOn as begin } from "../../data/put-on";
import { beginBatch, planById, removePlan, savePlan } from "../../data/repository";
import StageStrip from "../../frame/StageStrip.vue";
import { useInTurn } from "../../frame/in-turn";
import { useShortcuts } from "../../frame/shortcuts";
import PlanDetails from "./sentence/PlanDetails.vue";
import PlanPiece from "./PlanPiece.vue";
import PlanPot from "./pot/PlanPot.vue";
import PlanSheet from "./PlanSheet.vue";
import PlanSide from "./PlanSide.vue";
import PlanSimmer from "./simmer/PlanSimmer.vue";
import PlanWords from "./sentence/PlanWords.vue";
import TooMuch from "./pot/TooMuch.vue";
import WaysOut from "./WaysOut.vue";
import { usePlanStore } from "./plan-store";
import { useTurns } from "./use-turns";
import { say, sayRemoved } from "../../frame/notices";
import { useWords } from "../../data/use-words";

const words = useWords();
const kitchenStore = useKitchenStore();
const planStore = usePlanStore();
const route = useRoute();
const router = useRouter();

const { key, anchor, toggle, shut } = useOpened();
const kitchen = computed(() => kitchenStore.kitchen);
const units = computed(() => kitchenStore.units);
const plan = computed(() => planStore.plan);
const answers = computed(() => planStore.answers);
/** While the water line is pulled it moves with every frame; what it makes of the plan follows by turns. */
const { follow } = useTurns(
  computed(() => planStore.pulledTo),
  () => planStore.followWater(),
  computed(() =>
    planStore.shown === null || answers.value === null
      ? null
      : { plan: planStore.shown, answers: answers.value },
  ),
  () => planStore.isPulled,
);
const filled = follow();
const said = follow();
const drawn = follow();
const minded = follow();
/** The plan's name first, then the pot, then piece after piece. */
const TURN = { pot: 1, words: 2, simmer: 3, side: 4 } as const;
const turn = useInTurn(TURN.side, () => answers.value !== null);
/** The page for paper is there while it is printed, and looked at as print. */
const isPrinted = useMediaQuery("print");
const isPrinting = ref(false);
useEventListener(window, "beforeprint", () => (isPrinting.value = true));
useEventListener(window, "afterprint", () => (isPrinting.value = false));
const vessel = computed(() => {
  const { shown: p } = planStore;
  const { value: k } = kitchen;
  if (p === null || k === null) return null;
  const outcome = outcomeOf(() => vesselOf(resolve(p, k)));
  return outcome.ok ? outcome.value : null;
});

/** Only once it was looked for: until then a plan is on its way. */
const isNone = ref(false);
watch(
  () => [route.params["planId"], kitchenStore.isLoaded] as const,
  async ([id, isLoaded]) => {
    // A plan just made is open before the database tells of it.
    const isOpen = () => id !== "" && planStore.plan?.id === id;
    if (!isLoaded || route.name !== "plan" || isOpen()) return;
    // Asked for by itself: the list of plans may not have heard yet of what was just written.
    const wanted = typeof id === "string" && id !== "" ? await planById(id) : undefined;
    const isWanted = () => route.name === "plan" && route.params["planId"] === id && !isOpen();
    if (!isWanted()) return;
    isNone.value = false;
    if (wanted !== undefined) await planStore.openInParts(wanted, isWanted);
    else {
      if (typeof id === "string" && id !== "")
        say({
          id: "no-such-plan",
          tone: "note",
          title: "There is no plan by that address.",
          text: "It may have been removed: then it lies in the bin, under Kitchen.",
          ways: [{ label: "Good", run: () => undefined }],
        });
      const first = kitchenStore.plans.find((p) => p.id !== id);
      if (first !== undefined) void router.replace(`/plan/${first.id}`);
      else {
        planStore.plan = null;
        isNone.value = true;
      }
    }
  },
  { immediate: true },
);

const startNew = () => router.push("/new");
async function duplicate() {
  if (plan.value !== null) await open({ ...copyOf(plan.value), name: `${plan.value.name} again` });
}
async function open(next: NonNullable<typeof plan.value>) {
  await planStore.flush();
  await savePlan(next);
  planStore.open(next);
  await router.push(`/plan/${next.id}`);
}
async function openOther(id: string) {
  shut();
  await router.push(`/plan/${id}`);
}
async function remove() {
  const gone = plan.value;
  if (gone === null) return;
  shut();
  planStore.plan = null;
  await bin(gone.name, { kind: "plan", plan: gone });
  await removePlan(gone.id);
  sayRemoved(`plan-${gone.id}`, `${gone.name} is removed.`, () => open(gone));
  // The list may not have heard of it yet.
  const next = kitchenStore.plans.find((p) => p.id !== gone.id);
  await router.replace(next === undefined ? "/plan" : `/plan/${next.id}`);
}
async function print() {
  shut();
  isPrinting.value = true;
  await nextTick();
  window.print();
}
async function send() {
  if (plan.value === null || kitchen.value === null) return;
  shut();
  const { sendPlan } = await import("../../data/send");
  await sendPlan(plan.value, kitchen.value, Date.now());
}
/** A second tap while the first is still at work puts on no second pot. */
let isPuttingOn = false;
async function putOn(practice?: Practice) {
  if (plan.value === null || kitchen.value === null || !canStart.value || isPuttingOn) return;
  isPuttingOn = true;
  try {
    await planStore.flush();
    const batch = await (practice === undefined
      ? begin(plan.value, kitchen.value)
      : beginBatch(plan.value, kitchen.value, practice));
    if (practice === undefined && plan.value.readyAt !== null) planStore.change({ readyAt: null });
    await planStore.flush();
    await router.push(`/cook/${batch.id}`);
  } finally {
    isPuttingOn = false;
  }
}

/** The same plan on a made-up pot whose clock runs fast: a lesson, and no harm done. */
const practise = () => putOn(newPractice(Date.now()));

/** What is too much for the pot can be cooked in several. */
const TOO_MUCH: ReadonlySet<string> = new Set(["overRim", "aboveRim", "heapAboveRim"]);
const fault = computed(() => planStore.fault);
const isTooMuch = computed(() => TOO_MUCH.has(fault.value?.id ?? ""));

useEventListener(document, "visibilitychange", () => planStore.leave());
useEventListener(window, "pagehide", () => planStore.leave());
onBeforeUnmount(() => {
  void planStore.flush();
  planStore.plan = null;
});

const canStart = computed(() => answers.value !== null && fault.value === null);
const holdBy = (minutes: number) => {
  if (plan.value?.stop.by !== "time") return;
  const holdMin = Math.min(HOLD_MIN.most, Math.max(5, plan.value.stop.holdMin + minutes));
  planStore.change({ stop: { by: "time", holdMin } });
};

useShortcuts(() => [
  { keys: "n", does: "New plan", run: () => void startNew() },
  { keys: "p", does: "Put this pot on", run: () => void putOn() },
  {
    keys: "u",
    does: "Undo the last change of the plan",
    run: () => planStore.undo(),
  },
  {
    keys: "x",
    does: "The same dish on another heat",
    run: () => void (plan.value !== null && router.push(`/crossover/${plan.value.id}`)),
  },
  { keys: "+", does: "Half an hour longer", run: () => holdBy(30) },
  { keys: "-", does: "Half an hour shorter", run: () => holdBy(-30) },
]);
</script>

<template>
  <div v-if="plan !== null && kitchen !== null" class="plan">
    <StageStrip
      :name="plan.name"
      stage="gather"
      :vessel="vessel"
      :end="plan.end"
      :plan-id="plan.id"
    >
      <template #name>
        <button
          type="button"
          class="editable figure"
          :aria-expanded="key !== null"
          :aria-label="`${plan.name}: name, for whom, other plans`"
          @click="toggle('details', $event)"
        >
          {{ plan.name }}
        </button>
        <EditPopover
          v-if="anchor !== null"
          :anchor="anchor"
          :width="380"
          label="This plan"
          @shut="shut"
        >
          <PlanDetails
            :plan="plan"
            :plans="kitchenStore.plans"
            :answers="answers"
            @change="planStore.change($event)"
            @open="openOther"
            @fresh="startNew"
            @copy="duplicate"
            @remove="remove"
            @send="send"
            @print="print"
          />
        </EditPopover>
      </template>
      <template #about
        >{{
          plan.forWhat === ""
            ? ""
            : plan.feeds === "animals"
              ? `for ${plan.forWhat}, animals`
              : `for ${plan.forWhat}`
        }}
        <UndoBar
          :undoes="planStore.undoes"
          :redoes="planStore.redoes"
          @undo="planStore.undo()"
          @redo="planStore.redo()"
      /></template>
    </StageStrip>
    <h1 v-if="answers === null" class="visually-hidden">{{ plan.name }}</h1>
    <section v-if="fault !== null" class="problem" aria-label="What stands in the way">
      <strong role="alert">{{ words(fault.said) }}</strong>
      <span v-if="planStore.drawnWith !== null" class="small"
        >Until then it is drawn with this changed: {{ planStore.drawnWith }}.</span
      >
      <WaysOut
        v-if="!planStore.isPulled"
        :plan="plan"
        :kitchen="kitchen"
        @take="planStore.take($event, 'a way out')"
      />
      <TooMuch
        v-if="isTooMuch"
        :plan="plan"
        :kitchen="kitchen"
        :units="units"
        @change="planStore.change($event)"
      />
    </section>
    <p v-if="plan.note !== ''" class="last-time" role="note">
      <strong>Last time you noted:</strong> {{ plan.note }}
      <button type="button" class="link" @click="planStore.change({ note: '' })">
        Done with it
      </button>
    </p>
    <div
      v-if="filled !== null && vessel !== null && turn >= TURN.pot"
      class="top"
      :class="{ faulty: fault !== null, pulled: planStore.isPulled }"
    >
      <PlanPiece what="The pot" :plan="filled.plan" :kitchen="kitchen" :answers="filled.answers">
        <PlanPot
          :vessel="vessel"
          @pull="planStore.pullWaterTo($event)"
          @release="planStore.letGoOfWater()"
          @state="planStore.setWater($event)"
        />
      </PlanPiece>
      <PlanPiece
        v-if="said !== null && turn >= TURN.words"
        what="What goes in"
        :plan="said.plan"
        :kitchen="kitchen"
        :answers="said.answers"
      >
        <PlanWords
          @change="planStore.change($event)"
          @change-item="(id, part) => planStore.changeItem(id, part)"
          @add-item="planStore.addItem($event)"
          @remove-item="planStore.removeItem($event)"
        />
      </PlanPiece>
    </div>
    <div
      v-if="drawn !== null && minded !== null && turn >= TURN.simmer"
      class="bottom"
      :class="{ pulled: planStore.isPulled }"
    >
      <PlanPiece what="The simmer" :plan="drawn.plan" :kitchen="kitchen" :answers="drawn.answers">
        <PlanSimmer @change="planStore.change($event)" @hold-by="holdBy" />
      </PlanPiece>
      <PlanPiece
        v-if="turn >= TURN.side"
        what="What to mind"
        :plan="minded.plan"
        :kitchen="kitchen"
        :answers="minded.answers"
      >
        <PlanSide
          :vessel="vessel ?? undefined"
          :can-start="canStart"
          @change="planStore.change($event)"
          @put-on="putOn()"
          @practise="practise"
        />
      </PlanPiece>
    </div>
    <PlanPiece
      v-if="minded !== null && (isPrinted || isPrinting)"
      what="The page for paper"
      :plan="minded.plan"
      :kitchen="kitchen"
      :answers="minded.answers"
    >
      <PlanSheet />
    </PlanPiece>
  </div>
  <div v-else-if="isNone" class="place empty">
    <h1>Nothing planned yet</h1>
    <p>
      A plan is one pot: what goes in, how much water, how long. Kettlos draws it to scale and says
      what will be left.
    </p>
    <p>
      <button type="button" class="button primary" @click="startNew">Plan a pot</button>
    </p>
    <p v-if="kitchen !== null && (kitchen.vessels.length === 0 || kitchen.rings.length === 0)">
      First it needs a pot and a ring:
      <RouterLink to="/kitchen">set up the kitchen</RouterLink>.
    </p>
  </div>
</template>

<style scoped>
.top {
  display: grid;
  grid-template-columns: minmax(0, 600px) minmax(0, 1fr);
  gap: 0 var(--space-8);
  padding: var(--space-2) var(--space-7) 0;
}

.faulty {
  padding-top: var(--space-7);
}

/* Drawn anew each frame: each drawing by itself, and nothing around it. What stands out over its edge is not cut. */
.pulled :deep(svg) {
  contain: layout style;
  will-change: transform;
}

/* And what stands beside it is laid out by itself. */
.pulled > :deep(*) {
  contain: layout style;
}

/* The pot stays in sight beside a long ladder. */
@media (width > 1100px) {
  .top > :first-child {
    position: sticky;
    top: 8px;
    align-self: start;
  }
}

.problem {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5);
  align-items: center;
  padding: var(--space-4) var(--space-7);
  border-bottom: 3px solid var(--ember);
  background: var(--ember-soft);
}

.last-time {
  padding: var(--space-3) var(--space-7);
  border-bottom: 1px solid var(--hair);
  background: var(--rim-soft);
}

.bottom {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 316px;
  gap: var(--space-7);
  padding: var(--space-1) var(--space-7) var(--space-4);
  border-top: 1px solid var(--hair);
}

.empty {
  display: grid;
  gap: var(--space-6);
}

@media print {
  .plan > :not(.sheet) {
    display: none !important;
  }
}

@media (width <= 1100px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (width <= 1100px), (height <= 480px) {
  .bottom {
    display: contents;
  }

  .bottom > :first-child {
    padding: var(--space-1) var(--space-7) var(--space-4);
    border-top: 1px solid var(--hair);
  }
}

@media (width <= 700px) {
  .top,
  .bottom > :first-child {
    padding-inline: var(--space-6);
  }
}
</style>
