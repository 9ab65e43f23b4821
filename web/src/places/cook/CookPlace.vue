<script setup lang="ts">
import { liftedOut, putBack, type Action } from "@kettlos/core/batch/next-action";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { outcomeOf } from "@kettlos/core/units/problem";
import { answersFor } from "@kettlos/core/because/answers";
import { vesselOf } from "@kettlos/core/simulate/references";
import { useWakeLock } from "@vueuse/core";
import { format } from "date-fns";
import { computed, ref, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import CautionList from "../../controls/CautionList.vue";
import { clockHour } from "../../data/clock-hour";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { appendEvent, removeBatch, undoLast, type NewEvent } from "../../data/repository";
import StageStrip from "../../frame/StageStrip.vue";
import { useShortcuts } from "../../frame/shortcuts";
import { eventWords } from "../logbook/event-words";
import CookPot from "./CookPot.vue";
import LevelReader from "./LevelReader.vue";
import NextAction from "./NextAction.vue";
import NoteWriter from "./NoteWriter.vue";
import PotList from "./PotList.vue";
import HeatSetter from "./HeatSetter.vue";
import TopUp from "./TopUp.vue";

/** The pot on the fire: what to do next, large; what has been done; what will come of it. */
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const route = useRoute();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));
const isReading = ref(false);
const isNoting = ref(false);
const isTurning = ref(false);
const isToppingUp = ref(false);

const pot = computed(() => {
  const id = route.params["batchId"];
  return pots.live.find((p) => p.batch.id === id) ?? null;
});
watch(
  () => [route.params["batchId"], pots.live.length, kitchenStore.isLoaded] as const,
  ([id, , isLoaded]) => {
    if (!isLoaded || route.name !== "cook" || pot.value !== null) return;
    const known = typeof id === "string" ? pots.byId.get(id) : undefined;
    if (known?.cook.stage === "done") return void router.replace(`/logbook/${known.batch.id}`);
    const first = pots.live.find((p) => p.cook.strainedMs === null);
    if (first !== undefined) void router.replace(`/cook/${first.batch.id}`);
  },
  { immediate: true },
);

const wakeLock = useWakeLock();
watch(
  () => pot.value?.cook.stage === "simmer",
  (isOn) => {
    if (!wakeLock.isSupported.value) return;
    if (isOn) void wakeLock.request("screen").catch(() => undefined);
    else void wakeLock.release();
  },
  { immediate: true },
);

const next = computed(() => pot.value?.actions[0] ?? null);
const later = computed(() => pot.value?.actions.slice(1, 4) ?? []);
const vessel = computed(() =>
  pot.value === null ? null : vesselOf(pot.value.batch.plan, pot.value.batch.kitchen),
);
const cautions = computed(() => {
  if (pot.value === null) return [];
  const { plan, kitchen } = pot.value.batch;
  const outcome = outcomeOf(() => answersFor(plan, kitchen, clockHour));
  const found = outcome.ok && outcome.value.ok ? outcome.value.value.cautions : [];
  return found.filter((c) => c.places.includes("cook"));
});
const done = computed(() => pot.value?.cook.events.toReversed().slice(0, 6) ?? []);
const canUndo = computed(() => (pot.value?.cook.events.length ?? 0) > 0);

async function write(event: NewEvent) {
  if (pot.value !== null) await appendEvent(pot.value.batch.id, event);
}

/** Beside the plan: it lies ready, and on the fire it is in at once. */
async function putExtra(item: PlanItem) {
  await write({ kind: "extra", item });
  if (item.when.at === "after")
    await write({ kind: "added", itemId: item.id, massKg: item.massKg });
}

/** What "done" means for each kind of action. */
async function complete(action: Action) {
  const batch = pot.value?.batch;
  if (batch === undefined) return;
  switch (action.kind) {
    case "light":
      return write({ kind: "lit" });
    case "boils":
      return write({ kind: "boils" });
    case "turnDown":
    case "simmers":
      return write({ kind: "simmers" });
    case "skim":
      return write({ kind: "did", what: "skim" });
    case "add":
      for (const item of batch.plan.items.filter((i) => action.itemIds?.includes(i.id)))
        await write({ kind: "added", itemId: item.id, massKg: item.massKg });
      return;
    case "lift":
      for (const id of action.itemIds ?? []) await write({ kind: "did", what: liftedOut(id) });
      return;
    case "putBack":
      for (const id of action.itemIds ?? []) await write({ kind: "did", what: putBack(id) });
      return;
    case "look":
      isReading.value = true;
      return;
    case "offHeat":
      return write({ kind: "offHeat" });
    case "strain":
      return router.push(`/strain/${batch.id}`);
  }
}

async function undo() {
  if (pot.value !== null) await undoLast(pot.value.batch.id);
}
async function takeOff() {
  if (pot.value === null) return;
  const { id } = pot.value.batch;
  await router.push("/bench");
  await removeBatch(id);
}

const isOn = computed(() => pot.value !== null && pot.value.cook.litMs !== null);
useShortcuts(() =>
  pot.value === null
    ? []
    : [
        {
          keys: " ",
          does: "Next action is done",
          run: () => void (next.value !== null && complete(next.value)),
        },
        {
          keys: "l",
          does: "Read the level",
          run: () => void (isReading.value = isOn.value),
        },
        {
          keys: "h",
          does: "Turn the heat or the lid",
          run: () => void (isTurning.value = isOn.value),
        },
        {
          keys: "w",
          does: "Top up with water",
          run: () => void (isToppingUp.value = isOn.value),
        },
        {
          keys: "t",
          does: "Write a taste or a note",
          run: () => void (isNoting.value = true),
        },
        { keys: "u", does: "Undo the last entry", run: () => void undo() },
      ],
);
</script>

<template>
  <template v-if="pot !== null && vessel !== null">
    <StageStrip
      :name="pot.batch.plan.name"
      :end="pot.batch.plan.end"
      :about="
        pot.cook.litMs === null
          ? 'not lit yet'
          : `on since ${format(pot.cook.litMs, 'HH:mm')}, ${vessel.name.toLowerCase()}`
      "
      :stage="pot.cook.stage"
      :plan-id="pot.batch.plan.id"
      :batch-id="pot.batch.id"
    />
    <nav
      v-if="pots.live.filter((p) => p.cook.strainedMs === null).length > 1"
      class="others"
      aria-label="Pots on the fire"
    >
      <RouterLink
        v-for="other in pots.live.filter((p) => p.cook.strainedMs === null)"
        :key="other.batch.id"
        :to="`/cook/${other.batch.id}`"
        :class="{ on: other.batch.id === pot.batch.id }"
        >{{ other.batch.plan.name }}</RouterLink
      >
    </nav>
    <div class="cook">
      <section class="left">
        <PotList
          :pot="pot"
          :units="units"
          @add="write({ kind: 'added', ...$event })"
          @swap="write({ kind: 'swapped', ...$event })"
          @extra="putExtra"
        />
        <h2>Done</h2>
        <ul class="done">
          <li v-for="event in done" :key="event.id">
            <time class="quiet">{{ format(event.atMs, "HH:mm") }}</time>
            {{ eventWords(event, pot.batch.plan, one) }}
          </li>
          <li v-if="done.length === 0" class="quiet">
            Nothing yet.
            <button type="button" class="link" @click="takeOff">Take it off again</button>
          </li>
        </ul>
      </section>
      <section class="middle">
        <NextAction
          v-if="next !== null"
          :end="pot.batch.plan.end"
          :action="next"
          :later="later"
          :now-ms="pots.nowMs"
          @done="complete(next)"
        />
        <div class="keys">
          <button type="button" class="button" :disabled="!isOn" @click="isReading = true">
            Level <kbd>L</kbd>
          </button>
          <button type="button" class="button" :disabled="!isOn" @click="isTurning = true">
            Heat <kbd>H</kbd>
          </button>
          <button type="button" class="button" :disabled="!isOn" @click="isToppingUp = true">
            Water <kbd>W</kbd>
          </button>
          <button type="button" class="button" @click="isNoting = true">Taste <kbd>T</kbd></button>
          <button type="button" class="button" :disabled="!canUndo" @click="undo">
            Undo <kbd>U</kbd>
          </button>
        </div>
      </section>
      <section class="right">
        <CookPot :pot="pot" :vessel="vessel" :units="units" :now-ms="pots.nowMs" />
        <CautionList :cautions="cautions" />
      </section>
    </div>
    <LevelReader v-model="isReading" :vessel="vessel" :pot="pot" :units="units" @read="write" />
    <NoteWriter v-model="isNoting" @note="write({ kind: 'noted', text: $event })" />
    <HeatSetter v-model="isTurning" :pot="pot" @set="write" />
    <TopUp
      v-model="isToppingUp"
      :units="units"
      @add="write({ kind: 'toppedUp', volumeL: $event })"
    />
  </template>
  <div v-else class="place empty">
    <h1>Nothing is on the fire</h1>
    <p>
      Open a plan and put it on. The pot then stays here, and on every screen, until it is strained.
    </p>
    <p>
      <RouterLink class="button primary" to="/plan">To the plans</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.cook {
  display: grid;
  grid-template-columns: 272px minmax(0, 1fr) 360px;
  gap: 16px 32px;
  padding: 12px 24px;
}

.others {
  display: flex;
  gap: 0 16px;
  overflow-x: auto;
  padding: 0 24px;
  border-bottom: 1px solid var(--hair);
}

.others a {
  min-height: 44px;
  color: var(--quiet);
  line-height: 44px;
  text-decoration: none;
  white-space: nowrap;
}

.others .on {
  border-bottom: 4px solid var(--rim);
  color: var(--ink);
  font-weight: 700;
}

.keys {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(92px, 1fr));
  gap: 8px;
  padding: 12px 0;
}

.left h2 {
  padding: 12px 0 6px;
}

.done li {
  padding: 4px 0;
}

.done time {
  display: inline-block;
  min-width: 48px;
}

.empty {
  display: grid;
  gap: 16px;
}

.right {
  display: grid;
  gap: 8px;
  align-content: start;
}

@media (width <= 1100px) {
  .cook {
    grid-template-columns: minmax(0, 1fr) 320px;
  }

  .left {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}

@media (width <= 700px) {
  .cook {
    grid-template-columns: minmax(0, 1fr);
    padding-inline: 16px;
  }

  .left {
    grid-row: auto;
    order: 2;
  }

  .right {
    order: 1;
  }

  .keys {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
