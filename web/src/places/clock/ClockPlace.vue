<script setup lang="ts">
import { MINUTE_MS } from "@kettlos/core/units/time";
import { weekdayClockOf } from "@kettlos/core/units/moments";
import type { Minute } from "@kettlos/core/clock/wall-clock";
import type { LoosePot, Meal } from "@kettlos/core/simulate/clock-schema";
import { refDebounced, useMediaQuery } from "@vueuse/core";
import { computed, defineAsyncComponent, nextTick, ref } from "vue";
import { useRouter } from "vue-router";
import TickChoice from "../../controls/TickChoice.vue";
import UndoBar from "../../controls/UndoBar.vue";
import { useClockStore } from "../../data/clock-store";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { putOn } from "../../data/put-on";
import { savePlan } from "../../data/repository";
import { useWords } from "../../data/use-words";
import { useInTurn } from "../../frame/in-turn";
import { useShortcuts } from "../../frame/shortcuts";
import ClockOut from "./ClockOut.vue";
import LanesView from "./LanesView.vue";
import PotDialog from "./PotDialog.vue";
import SheetView from "./SheetView.vue";
import TaskPanel from "./TaskPanel.vue";
import TroublePanel from "./TroublePanel.vue";
import { useClockChanges } from "./use-clock-changes";
import { useDragged } from "./use-dragged";
import { ZOOMS, type Zoom } from "./use-scale";

const MealDialog = defineAsyncComponent(() => import("./MealDialog.vue"));

/** Several pots on one clock: every task and every hand on one time scale, from now to the meal. */
const kitchenStore = useKitchenStore();
const clockStore = useClockStore();
const pots = usePotsStore();
const router = useRouter();
clockStore.keepFilled();

const nowMinute = computed<Minute>(() => Math.floor(pots.nowMs / MINUTE_MS));
const isNarrow = useMediaQuery("(width <= 900px)");
const MODES = [
  { value: "lanes", label: "lanes" },
  { value: "sheet", label: "run sheet" },
] as const;
const ZOOM_WORDS: Record<Zoom, string> = {
  all: "all of it",
  day: "a day",
  hours: "hours",
  hour: "an hour",
};
const zooms = ZOOMS.map((value) => ({ value, label: ZOOM_WORDS[value] }));
const told = ref<"lanes" | "sheet" | null>(null);
const mode = computed<"lanes" | "sheet">({
  get: () => told.value ?? (isNarrow.value ? "sheet" : "lanes"),
  set: (value) => (told.value = value),
});
const zoom = ref<Zoom>("all");

const answer = computed(() => clockStore.answer);
/** What is said of it first, then its lanes. */
const turn = useInTurn(1, () => answer.value !== null);
/** What takes no longer than a blink is not said. */
const BLINK_MS = 200;
const isSlow = refDebounced(
  computed(() => clockStore.isBusy),
  BLINK_MS,
);
const broken = computed(() => [...new Set(answer.value?.broken.map((b) => b.said) ?? [])]);
const planName = (id: string) =>
  kitchenStore.plans.find((p) => p.id === id)?.name ??
  pots.inEarnest.find((p) => p.batch.plan.id === id)?.batch.plan.name;

const chosen = ref<string | null>(null);
const chosenRows = computed(
  () => answer.value?.rows.filter((r) => r.blockId === chosen.value) ?? [],
);
const chosenPot = computed(() => {
  const id = chosenRows.value[0]?.planIds[0];
  const name = id === undefined ? undefined : planName(id);
  return id === undefined || name === undefined ? null : { planId: id, name };
});
/** Pots of it that are begun already: their work is done at the stove. */
const chosenBatches = computed(() =>
  (chosenRows.value[0]?.planIds ?? []).flatMap((id) => {
    const pot = pots.inEarnest.find((p) => p.batch.plan.id === id && p.cook.strainedMs === null);
    return pot === undefined ? [] : [{ id: pot.batch.id, name: pot.batch.plan.name }];
  }),
);

const words = useWords();
const changes = useClockChanges(planName);
const drag = useDragged(changes, () => nowMinute.value);
/** The task that may take longest over what is planned. */
const hangsOn = computed(() => {
  const row = answer.value?.rows.find((r) => r.taskId === answer.value?.hangsOn);
  const pot = planName(row?.planIds[0] ?? "");
  return row === undefined
    ? null
    : `${row.title.toLowerCase()}${pot === undefined ? "" : `, ${pot.toLowerCase()}`}`;
});

const meal = ref<Meal | null>(null);
const isMealOpen = ref(false);
const openMeal = (which: Meal | null) => {
  meal.value = which;
  isMealOpen.value = true;
};
const loose = ref<LoosePot | null>(null);
const isPotOpen = ref(false);
const openPot = (which: LoosePot | null) => {
  loose.value = which;
  isPotOpen.value = true;
};
/** Plans that are on no table and on no fire yet. */
const free = computed(() => {
  const { wanted } = clockStore;
  const taken = new Set([
    ...wanted.meals.flatMap((m) => m.planIds),
    ...wanted.loose.map((l) => l.planId),
  ]);
  return kitchenStore.plans.filter((p) => !taken.has(p.id) || p.id === loose.value?.planId);
});

async function start(planId: string) {
  const plan = kitchenStore.plans.find((p) => p.id === planId);
  if (plan === undefined || kitchenStore.kitchen === null) return;
  const batch = await putOn(plan, kitchenStore.kitchen);
  if (plan.readyAt !== null) await savePlan({ ...plan, readyAt: null });
  await router.push(`/cook/${batch.id}`);
}

async function print() {
  mode.value = "sheet";
  await nextTick();
  window.print();
}
useShortcuts(() => [
  { keys: "n", does: "A meal on the clock", run: () => openMeal(null) },
  { keys: "o", does: "A pot for no meal", run: () => openPot(null) },
  {
    keys: "r",
    does: "Run sheet or lanes",
    run: () => (mode.value = mode.value === "lanes" ? "sheet" : "lanes"),
  },
  {
    keys: "z",
    does: "Nearer by, and back",
    run: () => (zoom.value = ZOOMS[(ZOOMS.indexOf(zoom.value) + 1) % ZOOMS.length] ?? "all"),
  },
  { keys: "u", does: "Undo on the clock", run: () => void clockStore.undo() },
]);
</script>

<template>
  <div class="place clock" :aria-busy="clockStore.isBusy">
    <header>
      <div class="say">
        <h1>
          <template v-if="clockStore.wanted.meals.length === 0">The clock</template>
          <template v-for="(m, i) in clockStore.wanted.meals" :key="m.id"
            ><template v-if="i > 0">; </template
            ><button type="button" class="editable" @click="openMeal(m)">{{ m.name }}</button
            ><template v-if="m.eaters"> for {{ m.eaters }}</template> at
            {{ weekdayClockOf(Date.parse(m.at)) }}</template
          >
        </h1>
        <p v-if="answer" class="sentence" aria-live="polite">{{ answer.sentence }}</p>
        <p v-for="(note, i) in answer?.notes ?? []" :key="`note ${i}`" class="ember" role="status">
          {{ words(note) }}
        </p>
        <p v-for="p in answer?.problems ?? []" :key="p.planId" class="ember" role="alert">
          <template v-if="planName(p.planId)"
            >{{ planName(p.planId) }} cannot be cooked as it stands: {{ words(p.said) }}
            <RouterLink :to="`/plan/${p.planId}`">To the plan</RouterLink></template
          ><template v-else>{{ words(p.said) }}</template>
        </p>
        <p v-if="hangsOn" class="quiet small">Most of it hangs on: {{ hangsOn }}.</p>
        <p v-if="answer" class="state small" :class="{ quiet: isSlow }" role="status">
          {{ isSlow ? "Filling the clock …" : clockStore.moved }}
        </p>
      </div>
      <div class="tools">
        <p v-if="answer" class="choices">
          <TickChoice v-model="mode" label="How it is read" :options="MODES" />
          <TickChoice v-if="mode === 'lanes'" v-model="zoom" label="How near by" :options="zooms" />
        </p>
        <p class="beside">
          <template v-if="answer">
            <ClockOut
              v-if="kitchenStore.kitchen"
              :answer
              :kitchen="kitchenStore.kitchen"
              :now-minute="nowMinute"
              :pot-name="planName"
              @print="print"
            />
          </template>
          <button type="button" class="button" @click="openPot(null)">
            Add a pot <kbd>O</kbd>
          </button>
          <button type="button" class="button primary" @click="openMeal(null)">
            Add a meal <kbd>N</kbd>
          </button>
        </p>
        <UndoBar
          :undoes="clockStore.undoes"
          :redoes="clockStore.redoes"
          @undo="clockStore.undo"
          @redo="clockStore.redo"
        />
      </div>
    </header>
    <TroublePanel
      v-if="clockStore.troubles.length > 0 || broken.length > 0"
      :troubles="clockStore.troubles"
      :broken
      @take="clockStore.take"
    />
    <ul v-if="clockStore.wanted.loose.length > 0" class="loose" aria-label="Pots for no meal">
      <li v-for="l in clockStore.wanted.loose" :key="l.planId">
        <button type="button" class="editable" @click="openPot(l)">{{ planName(l.planId) }}</button>
        <span class="quiet small">
          {{ l.by ? `by ${weekdayClockOf(Date.parse(l.by))}` : "whenever there is room"
          }}{{ l.onlyOvernight ? ", through the night" : "" }}</span
        >
      </li>
    </ul>
    <TaskPanel
      v-if="chosenRows.length > 0"
      :rows="chosenRows"
      :pot="chosenPot"
      :batches="chosenBatches"
      @pin="(blockId, at) => changes.pin(blockId, at)"
      @lengthen="(row, min) => changes.lengthen(row, min)"
      @start="start"
      @close="chosen = null"
    />
    <template v-if="answer && kitchenStore.kitchen">
      <LanesView
        v-if="mode === 'lanes' && turn >= 1"
        :answer
        :kitchen="kitchenStore.kitchen"
        :now-minute="nowMinute"
        :zoom
        :chosen
        :pot-name="planName"
        @choose="chosen = $event.blockId"
        @drag="
          (bar, byMin, isDone) => {
            chosen = bar.blockId;
            void drag(bar, byMin, isDone);
          }
        "
        @pin="
          changes.pin(
            $event.blockId,
            $event.isPinned ? null : (answer.at.get($event.blockId) ?? $event.from),
          )
        "
      />
      <SheetView
        v-else-if="mode === 'sheet'"
        :answer
        :kitchen="kitchenStore.kitchen"
        :now-minute="nowMinute"
        :chosen
        :pot-name="planName"
        @choose="chosen = $event"
        @done="changes.done($event, nowMinute)"
      />
      <p class="hands quiet small">
        <RouterLink to="/kitchen#hands">Who cooks, and when they are here and asleep</RouterLink>
      </p>
    </template>
    <p v-else-if="clockStore.isBusy" role="status">Filling the clock …</p>
    <div v-else-if="clockStore.isLoaded && clockStore.isEmpty" class="empty">
      <h2>Nothing is wanted for any time</h2>
      <p>
        Say which meal, when, and which pots are on its table. Kettlos counts back over rings, oven,
        hands and the night: when each thing goes on, who does it, and when you can go to bed.
      </p>
    </div>
    <MealDialog
      v-model="isMealOpen"
      :meal
      :plans="kitchenStore.plans"
      :now-ms="pots.nowMs"
      :keep-it="changes.keepMeal"
      :remove-it="changes.removeMeal"
    />
    <PotDialog
      v-model="isPotOpen"
      :pot="loose"
      :plans="free"
      :now-ms="pots.nowMs"
      :keep-it="changes.keepPot"
      :remove-it="changes.removePot"
    />
  </div>
</template>

<style scoped>
.clock {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-5);
}

header {
  display: flex;
  gap: var(--space-5) var(--space-8);
  justify-content: space-between;
}

.say {
  display: grid;
  flex: 1 1 0;
  gap: var(--space-2);
  align-content: start;
  max-width: 820px;
}

.sentence {
  font: 600 var(--size-lead)/26px var(--head);
}

/* Its room is kept: nothing moves away under a finger while the clock is filled. */
.state {
  min-height: 1lh;
}

.tools {
  display: grid;
  flex: none;
  gap: var(--space-4);
  align-content: start;
  justify-items: end;
}

.choices {
  display: flex;
  gap: var(--space-6);
}

.loose {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-7);
}

.loose .editable {
  margin-right: var(--space-3);
}

.loose .editable,
h1 .editable {
  min-height: 32px;
}

@media (width <= 1100px) {
  header {
    flex-direction: column;
  }

  .tools {
    justify-items: start;
  }

  .choices {
    flex-wrap: wrap;
  }
}

/* At the stove the next thing stands first; what is changed seldom comes after it. */
@media (width <= 700px) {
  header {
    display: contents;
  }

  .tools {
    order: 9;
  }
}

@media print {
  .troubles,
  .tools,
  .hands,
  .loose,
  .sentence {
    display: none;
  }
}
</style>
