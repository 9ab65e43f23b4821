<script setup lang="ts">
import { clockOf } from "@kettlos/core/units/moments";
import { atTheStove } from "@kettlos/core/because/at-the-stove";
import { cautionsOf } from "@kettlos/core/because/plan-cautions";
import { liveFigures } from "@kettlos/core/because/live-figures";
import { isTappedIn } from "@kettlos/core/batch/counter";
import { vesselOf } from "@kettlos/core/simulate/references";
import { useWakeLock } from "@vueuse/core";
import { computed, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import AheadNote from "../../controls/AheadNote.vue";
import CautionList from "../../controls/CautionList.vue";
import { clockHour } from "../../data/clock-hour";
import { useInstrumentsStore } from "../../data/instruments-store";
import { useKitchenStore } from "../../data/kitchen-store";
import { usePotsStore } from "../../data/pots-store";
import { useRoutePot } from "../../data/use-pot";
import { usePreferences } from "../../data/preferences";
import StageStrip from "../../frame/StageStrip.vue";
import { useInTurn } from "../../frame/in-turn";
import { useShortcuts } from "../../frame/shortcuts";
import { eventSaid } from "@kettlos/core/events/event-said";
import { inWords } from "@kettlos/core/units/said";
import AskOnce from "./AskOnce.vue";
import CookDialogs from "./CookDialogs.vue";
import PotPictures from "../../controls/PotPictures.vue";
import RecipeWords from "../../controls/RecipeWords.vue";
import CookKeys from "./CookKeys.vue";
import CookPot from "./CookPot.vue";
import CounterList from "./CounterList.vue";
import InstrumentStrip from "./InstrumentStrip.vue";
import MovedLine from "./MovedLine.vue";
import NextAction from "./NextAction.vue";
import PracticeBar from "./PracticeBar.vue";
import StuckPot from "./StuckPot.vue";
import WorkList from "./WorkList.vue";
import { useCookActions } from "./use-cook-actions";
import PieceBoundary from "../../frame/PieceBoundary.vue";

/** The pot on the fire: what to do next, large; what has been done; what will come of it. */
const kitchenStore = useKitchenStore();
const pots = usePotsStore();
const instruments = useInstrumentsStore();
const route = useRoute();
const router = useRouter();
const units = computed(() => kitchenStore.units);
const one = computed(() => (units.value === "us" ? "us" : "metric"));

const pot = computed(() => {
  const id = route.params["batchId"];
  return pots.live.find((p) => p.batch.id === id) ?? null;
});
/** A pot that cannot be forecast stays here all the same. */
const stuck = computed(() => {
  const found = pots.fire.find((p) => p.batch.id === route.params["batchId"]);
  return found === undefined || found.problem === null ? null : found;
});
const onFire = computed(() => pots.fire.filter((p) => p.cook.strainedMs === null));
const nowMs = computed(() => (pot.value === null ? pots.nowMs : pots.nowOf(pot.value.batch)));
/** As it stands on the disk: one that was put on a moment ago may not have come to the fire yet. */
const { pot: asked, isRead } = useRoutePot();
watch(
  () => [asked.value, isRead.value, pots.fire.length, kitchenStore.isLoaded] as const,
  ([known, isKnown, , isLoaded]) => {
    if (!isLoaded || route.name !== "cook" || pot.value !== null || stuck.value !== null) return;
    if (!isKnown) return;
    if (known?.cook.stage === "done") return void router.replace(`/logbook/${known.batch.id}`);
    if (known !== null) return;
    const first = onFire.value.find((p) => p.batch.practice === undefined) ?? onFire.value[0];
    if (first !== undefined) void router.replace(`/cook/${first.batch.id}`);
  },
  { immediate: true },
);

const { answers: preferences } = usePreferences();
const wakeLock = useWakeLock();
watch(
  () => pot.value?.cook.stage === "simmer" && preferences.value.wakeLock === true,
  (isOn) => {
    if (!wakeLock.isSupported.value) return;
    if (isOn) void wakeLock.request("screen").catch(() => undefined);
    else void wakeLock.release();
  },
  { immediate: true },
);

/** What to do next first; then what else is done, the pot, the counter, and what the plan says beside them. */
const TURN = { keys: 1, pot: 2, counter: 3, asPlanned: 4 } as const;
const turn = useInTurn(TURN.asPlanned, () => pot.value !== null);
const actions = useCookActions(pot);
const { opened, complete, undo, write, putExtra } = actions;
const next = computed(() => pot.value?.actions[0] ?? null);
const isPrep = computed(() => next.value?.kind === "work" || next.value?.kind === "workGoes");
/** What lights it while there is something to do before. */
const lighting = computed(() =>
  isPrep.value || next.value?.kind === "fill"
    ? pot.value?.actions.find((a) => a.kind === "light")
    : undefined,
);
const later = computed(() => pot.value?.actions.slice(1, 4) ?? []);
const link = computed(() => (pot.value === null ? null : instruments.linkOf(pot.value.batch.id)));
const vessel = computed(() => (pot.value === null ? null : vesselOf(pot.value.setPot)));
/** How high it stands in it now; nothing before it was filled. */
const levelM = computed(() => {
  if (pot.value === null) return 0;
  const { batch, cook, forecast } = pot.value;
  if (cook.litMs !== null) return forecast.nowDepthM;
  return isTappedIn(batch.plan, cook) ? forecast.planned.startDepthM : 0;
});
// A forecast does not change it: what the plan says is worked out again only when something was noted.
const setPot = computed(() => pot.value?.setPot ?? null);
const isLit = computed(() => pot.value !== null && pot.value.cook.litMs !== null);
const planned = computed(() => {
  if (setPot.value === null || turn.value < TURN.asPlanned) return null;
  // Once it burns, the night is judged by its own clock and not as lit now.
  const outcome = cautionsOf(setPot.value, isLit.value ? null : clockHour);
  return outcome.ok ? outcome.value : null;
});
const cautions = computed(() =>
  pot.value === null
    ? []
    : atTheStove(planned.value?.cautions ?? [], pot.value.cook, pot.value.actions),
);
/** What the cook did; readings that came by themselves are seen on the instruments. */
const done = computed(
  () =>
    pot.value?.cook.events
      .filter((e) => !("source" in e && e.source === "instrument"))
      .toReversed()
      .slice(0, 6) ?? [],
);

useShortcuts(() =>
  pot.value === null
    ? []
    : [
        {
          keys: " ",
          does: "Next action is done",
          run: () => void (next.value !== null && complete(next.value)),
        },
        ...(onFire.value.length < 2
          ? []
          : onFire.value.slice(0, 9).map((other, i) => ({
              keys: String(i + 1),
              does: `To ${other.batch.plan.name}`,
              run: () => void router.push(`/cook/${other.batch.id}`),
            }))),
      ],
);
/** What the recipe says and the plan does not stand for: at the stove it is told too. */
const recipe = computed(() => {
  const said = pot.value?.batch.plan.recipe;
  return said === undefined || (said.toTaste.length === 0 && said.steps.every((t) => t.isHeld))
    ? null
    : said;
});
</script>

<template>
  <template v-if="pot !== null && vessel !== null">
    <StageStrip
      :name="pot.batch.plan.name"
      :end="pot.batch.plan.end"
      :about="
        pot.cook.litMs === null
          ? 'not lit yet'
          : `on since ${clockOf(pot.cook.litMs)}, ${vessel.name.toLowerCase()}`
      "
      :stage="isPrep ? 'prep' : pot.cook.stage"
      :vessel="vessel"
      :level-m="levelM"
      :plan-id="pot.batch.plan.id"
      :batch-id="pot.batch.id"
      :is-strained="pot.cook.strainedMs !== null"
    />
    <nav v-if="onFire.length > 1" class="others" aria-label="Pots on the fire">
      <RouterLink
        v-for="(other, i) in onFire"
        :key="other.batch.id"
        :to="`/cook/${other.batch.id}`"
        :class="{ on: other.batch.id === pot.batch.id }"
        ><kbd v-if="i < 9">{{ i + 1 }}</kbd> {{ other.batch.plan.name }}</RouterLink
      >
    </nav>
    <PracticeBar
      v-if="pot.batch.practice !== undefined"
      :key="pot.batch.id"
      :pot="pot"
      :now-ms="nowMs"
      :units="units"
      @write="write"
    />
    <div class="cook" :class="{ practised: pot.batch.practice !== undefined }">
      <section class="left">
        <template v-if="turn >= TURN.counter">
          <PieceBoundary what="The counter" :of="pot.events">
            <CounterList
              :pot="pot"
              :units="units"
              :now-ms="nowMs"
              @write="write"
              @extra="putExtra"
            />
          </PieceBoundary>
          <template v-if="recipe !== null">
            <h2>The recipe says too</h2>
            <RecipeWords :recipe="recipe" is-only-open />
          </template>
          <h2>Done</h2>
          <ul class="done">
            <li v-for="event in done" :key="event.id">
              <time class="quiet">{{ clockOf(event.atMs) }}</time>
              {{ inWords(eventSaid(event, pot.batch.plan), one) }}
            </li>
            <li v-if="done.length === 0" class="quiet">
              Nothing yet.
              <button type="button" class="link" @click="actions.takeOff">Take it off again</button>
            </li>
          </ul>
          <h2>Pictures</h2>
          <PotPictures :pot />
        </template>
      </section>
      <section class="middle">
        <CautionList v-if="pot.cautions.length > 0" :cautions="pot.cautions" />
        <AheadNote v-if="pot.batch.practice === undefined" :plan-id="pot.batch.plan.id" />
        <NextAction
          v-if="next !== null"
          :end="pot.batch.plan.end"
          :action="next"
          :later="later"
          :now-ms="nowMs"
          :light="lighting"
          @done="complete(next)"
          @light="lighting !== undefined && complete(lighting)"
          @since="opened = 'since'"
          @say="actions.say"
        />
        <template v-if="turn >= TURN.keys">
          <WorkList
            v-if="pot.cook.offMs === null && pot.batch.practice === undefined"
            :pot="pot"
            @write="write"
          />
          <MovedLine
            v-if="pot.cook.litMs !== null"
            :forecast="pot.forecast"
            :is-off="pot.cook.offMs !== null"
            :now-ms="nowMs"
            :why="liveFigures(pot.setPot, pot.cook, pot.forecast, nowMs).endMin"
          />
          <CookKeys
            :pot="pot"
            :is-on="isLit"
            @open="opened = $event"
            @resume="write({ kind: 'resumed' })"
            @undo="undo"
          />
          <AskOnce v-if="isLit" />
        </template>
      </section>
      <section class="right">
        <InstrumentStrip
          v-if="turn >= TURN.keys"
          :link="link"
          :units="units"
          @open="opened = 'instruments'"
        />
        <PieceBoundary v-if="turn >= TURN.pot" what="The pot" :of="pot.events">
          <CookPot
            :pot="pot"
            :vessel="vessel"
            :units="units"
            :now-ms="nowMs"
            :latest="link?.state === 'connected' ? (link.latest?.values.liquidC ?? null) : null"
          />
        </PieceBoundary>
        <CautionList :cautions="cautions" />
      </section>
    </div>
    <CookDialogs
      :pot="pot"
      :vessel="vessel"
      :units="units"
      :now-ms="nowMs"
      :link="link"
      :trace="planned?.trace ?? null"
      :actions="actions"
    />
  </template>
  <StuckPot
    v-else-if="stuck !== null"
    :pot="stuck"
    :now-ms="pots.nowOf(stuck.batch)"
    :units="one"
  />
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
  grid-template-columns: 288px minmax(0, 1fr) 352px;
  gap: var(--space-6) var(--space-8);
  padding: var(--space-5) var(--space-7);
}

.others {
  display: flex;
  gap: 0 var(--space-6);
  overflow-x: auto;
  padding: 0 var(--space-7);
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

.left h2 {
  padding: var(--space-5) 0 var(--space-3);
}

.done li {
  padding: var(--space-2) 0;
}

.done time {
  display: inline-block;
  min-width: 48px;
}

.empty {
  display: grid;
  gap: var(--space-6);
}

.right {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-4);
  align-content: start;
}

/* With a warning above it the clock gives way, so that the keys stay in sight. */
.middle:has(> .cautions) :deep(.count),
.others ~ .cook :deep(.count) {
  font-size: clamp(72px, 9.5vw, 120px);
}

.practised :deep(.count) {
  font-size: clamp(72px, 7vw, 92px);
}

@media (width <= 1100px) {
  .cook {
    grid-template-columns: minmax(0, 1fr) 300px;
  }

  .left {
    grid-row: 2;
    grid-column: 1 / -1;
  }
}

/* What is to be done next stays under the thumb, wherever one has scrolled to. */
@media (width <= 700px) {
  .cook {
    display: flex;
    flex-direction: column;
    padding-inline: var(--space-6);
  }

  .middle,
  .middle > :deep(.next) {
    display: contents;
  }

  .middle :deep(.next > .done) {
    position: sticky;
    top: 0;
    bottom: 0;
    z-index: 3;
  }

  .left {
    order: 1;
  }

  .right {
    order: 2;
  }
}
</style>
