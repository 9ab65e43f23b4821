import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { OnFire } from "@kettlos/core/batch/on-fire";
import { potNowMs } from "@kettlos/core/batch/pot-clock";
import { drawerOf, type Drawer } from "@kettlos/core/larder/draws";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { outcomeOf, Problem } from "@kettlos/core/units/problem";
import { useNow } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, ref, watch } from "vue";
import { clockHour } from "./clock-hour";
import { report } from "../frame/errors";
import { useForecaster, type Forecaster } from "./forecasting";
import { useKitchenStore } from "./kitchen-store";
import { pause } from "./pause";
import type { PotState } from "./pot-state";

/** A pot that is not finished yet, with its forecast, or with the problem that stands in its way. */
export type FirePot = PotState & OnFire;
/** One that could be forecast. */
export type LivePot = Extract<FirePot, { readonly problem: null }>;

/**
 * Forecasts are worked out anew this often, each pot's in a second of its own, for many at once would hold the page up;
 * a practice pot's each second. Countdowns run each second.
 */
const FORECAST_EVERY_MS = 20_000;
const TURN_MS = 1000;

/** Pots under way, folded; those on the fire also forecast; and finished ones as they stand in the logbook. What has not changed is not worked out again. */
export const usePotsStore = defineStore("pots", () => {
  const store = useKitchenStore();
  const forecaster = useForecaster();
  const now = useNow({ interval: 1000 });
  const nowMs = computed(() => now.value.getTime());
  /** The time on a pot's own clock. */
  const nowOf = (batch: Batch) => potNowMs(batch, nowMs.value);

  let folded: ReadonlyMap<string, PotState> = new Map();
  /** Not on a shelf yet, by id, the newest first. */
  const open = computed<ReadonlyMap<string, PotState>>(() => {
    const states = new Map<string, PotState>();
    const { value: by } = forecaster;
    if (by === null) return states;
    for (const [id, pot] of store.log?.open ?? []) {
      const known = folded.get(id);
      const isSame = known?.stored === pot.batch && known.events === pot.events;
      states.set(id, isSame ? known : by.potState(pot));
    }
    folded = states;
    return states;
  });
  const isFinished = (pot: PotState) => pot.cook.finishedMs !== null;
  /** Finished ones, those logged last first; one is worked out a moment after it is logged. */
  const finished = computed<readonly ShelvedPot[]>(() =>
    [...(store.log?.shelved.values() ?? [])]
      .filter(({ id }) => open.value.get(id)?.cook.finishedMs !== null)
      .sort((a, b) => b.finishedMs - a.finishedMs),
  );
  const shelvedById = computed(() => new Map(finished.value.map((p) => [p.id, p])));
  const finishedCount = computed(
    () => (store.log?.shelvedCount ?? 0) + [...open.value.values()].filter(isFinished).length,
  );
  /** All that may draw on the larder: whatever was put on. */
  const drawers = computed<readonly Drawer[]>(() => [
    ...[...open.value.values()].map(drawerOf),
    ...finished.value.filter(({ id }) => !open.value.has(id)),
  ]);

  const forecast = new Map<string, { state: PotState; atMs: number; pot: FirePot }>();
  const turns = new Map<string, number>();
  const turnMs = (id: string) => {
    if (!turns.has(id)) turns.set(id, turns.size);
    return ((turns.get(id) ?? 0) * TURN_MS) % FORECAST_EVERY_MS;
  };
  const fireOf = (by: Forecaster, state: PotState): FirePot => {
    const { batch, events } = state;
    const everyMs = batch.practice === undefined ? FORECAST_EVERY_MS : TURN_MS;
    const fromMs = turnMs(batch.id) % everyMs;
    const realMs = Math.floor((nowMs.value - fromMs) / everyMs) * everyMs + fromMs;
    const atMs = Math.max(potNowMs(batch, realMs), events.at(-1)?.atMs ?? 0);
    const known = forecast.get(batch.id);
    if (known?.state === state && known.atMs === atMs) return known.pot;
    const pot: FirePot = { ...state, ...worked(by, state, atMs) };
    forecast.set(batch.id, { state, atMs, pot });
    return pot;
  };
  const unfinished = computed(() => [...open.value.values()].filter((p) => !isFinished(p)));
  /** Whether what is on the fire is forecast; before that nothing is known of it, and no pot is there. */
  const isReady = ref(false);
  /**
   * Each in tasks of its own, before the first screen is drawn, as planned and then as it goes; and the plans that have
   * their time.
   */
  async function forecastAll(by: Forecaster): Promise<void> {
    await pause();
    for (const pot of unfinished.value) {
      // What fails here fails again with the forecast, which tells of it.
      outcomeOf(() => by.plannedOnce(pot.setPot));
      await pause();
      fireOf(by, pot);
      await pause();
    }
    const { plans, kitchen } = store;
    if (kitchen !== null)
      for (const plan of plans.filter((p) => p.readyAt !== null)) {
        try {
          by.reckonAhead(plan, kitchen, nowMs.value);
        } catch (error) {
          // No pot waits for a plan that cannot be worked out.
          report(error);
        }
        await pause();
      }
    isReady.value = true;
  }
  watch(
    () => (store.log === undefined ? null : forecaster.value),
    (by) => {
      if (by !== null && !isReady.value) void forecastAll(by);
    },
    { immediate: true },
  );
  /** On the fire or waiting to be logged, practice pots too: all of them, whatever can be reckoned. */
  const fire = computed<readonly FirePot[]>(() => {
    const { value: by } = forecaster;
    return isReady.value && by !== null ? unfinished.value.map((pot) => fireOf(by, pot)) : [];
  });
  /** Those that could be forecast. */
  const live = computed<readonly LivePot[]>(() =>
    fire.value.filter((p): p is LivePot => p.problem === null),
  );
  /** The real ones: what the bench, the hob rail and the alarms speak of. */
  const inEarnest = computed(() => fire.value.filter((p) => p.batch.practice === undefined));

  /** Whether all of the shelves is read. */
  const isWhole = computed(() => store.log?.isWhole === true);

  /** Whether nobody that drew on the larder is missing among the drawers. */
  const isDrawnKnown = computed(() => store.log?.isDrawnKnown === true);

  return {
    isReady,
    isWhole,
    isDrawnKnown,
    nowMs,
    nowOf,
    open,
    finished,
    finishedCount,
    shelvedById,
    drawers,
    fire,
    live,
    inEarnest,
  };
});

/** Whatever goes wrong in working a pot out, the pot stays. */
function worked(by: Forecaster, { batch, setPot, cook, astray }: PotState, atMs: number): OnFire {
  try {
    const pot = by.onFire(setPot, cook, atMs, astray, clockHour);
    // A made-up pot has its work behind it.
    return batch.practice === undefined
      ? pot
      : { ...pot, actions: pot.actions.filter((a) => a.kind !== "work") };
  } catch (error) {
    report(error);
    const message = "Something in it cannot be worked out.";
    const problem = new Problem("unreadable", "batch", batch.id, message);
    return by.blindly(setPot, cook, problem, atMs);
  }
}
