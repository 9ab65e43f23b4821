import type { Batch, CookEvent } from "@kettlos/core/batch/batch-schema";
import { fold, type Cook } from "@kettlos/core/batch/fold";
import { cookedPlan } from "@kettlos/core/batch/live-plan";
import { blindly, onFire, type OnFire } from "@kettlos/core/batch/on-fire";
import { potNowMs } from "@kettlos/core/batch/pot-clock";
import { Problem } from "@kettlos/core/units/problem";
import { useNow } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed } from "vue";
import { clockHour } from "./clock-hour";
import { report } from "../frame/errors";
import { useKitchenStore } from "./kitchen-store";

/** A batch with what its events come to; its plan is the one that is really cooked. */
export interface PotState {
  readonly batch: Batch;
  /** The batch as it began, with the plan as it was written. */
  readonly stored: Batch;
  readonly events: readonly CookEvent[];
  readonly cook: Cook;
  /** Why it is reckoned by the plan as written, where it is. */
  readonly astray: Problem | null;
}

/** A pot that is not finished yet, with its forecast, or with the problem that stands in its way. */
export type FirePot = PotState & OnFire;
/** One that could be forecast. */
export type LivePot = Extract<FirePot, { readonly problem: null }>;

/** Forecasts are worked out anew this often, and a practice pot's each second; countdowns run each second. */
const FORECAST_EVERY_MS = 20_000;
const NO_EVENTS: readonly CookEvent[] = [];

/** All batches, folded; those on the fire also forecast. What has not changed is not worked out again. */
export const usePotsStore = defineStore("pots", () => {
  const store = useKitchenStore();
  const now = useNow({ interval: 1000 });
  const nowMs = computed(() => now.value.getTime());
  /** The time on a pot's own clock. */
  const nowOf = (batch: Batch) => potNowMs(batch, nowMs.value);

  const folded = new Map<string, PotState>();
  const stateOf = (stored: Batch): PotState => {
    const events = store.eventLog?.get(stored.id) ?? NO_EVENTS;
    const known = folded.get(stored.id);
    if (known?.stored === stored && known.events === events) return known;
    const cook = fold(events);
    const { plan, problem } = cookedPlan(stored.plan, stored.kitchen, cook);
    const batch = plan === stored.plan ? stored : { ...stored, plan };
    const state = { batch, events, cook, stored, astray: problem };
    folded.set(stored.id, state);
    return state;
  };
  const pots = computed<readonly PotState[]>(() => (store.batches ?? []).map(stateOf));
  const byId = computed(() => new Map(pots.value.map((p) => [p.batch.id, p])));
  const finished = computed(() =>
    pots.value
      .filter((p) => p.cook.finishedMs !== null)
      .sort((a, b) => (b.cook.finishedMs ?? 0) - (a.cook.finishedMs ?? 0)),
  );

  const forecast = new Map<string, { state: PotState; atMs: number; pot: FirePot }>();
  const fireOf = (state: PotState): FirePot => {
    const { batch, events } = state;
    const everyMs = batch.practice === undefined ? FORECAST_EVERY_MS : 1000;
    const realMs = Math.floor(nowMs.value / everyMs) * everyMs;
    const atMs = Math.max(potNowMs(batch, realMs), events.at(-1)?.atMs ?? 0);
    const known = forecast.get(batch.id);
    if (known?.state === state && known.atMs === atMs) return known.pot;
    const pot: FirePot = { ...state, ...worked(state, atMs) };
    forecast.set(batch.id, { state, atMs, pot });
    return pot;
  };
  /** On the fire or waiting to be logged, practice pots too: all of them, whatever can be reckoned. */
  const fire = computed<readonly FirePot[]>(() =>
    pots.value.filter((p) => p.cook.finishedMs === null).map(fireOf),
  );
  /** Those that could be forecast. */
  const live = computed<readonly LivePot[]>(() =>
    fire.value.filter((p): p is LivePot => p.problem === null),
  );
  /** The real ones: what the bench, the hob rail and the alarms speak of. */
  const inEarnest = computed(() => fire.value.filter((p) => p.batch.practice === undefined));

  const isReady = computed(() => store.batches !== undefined);

  return { isReady, nowMs, nowOf, pots, byId, finished, fire, live, inEarnest };
});

/** Whatever goes wrong in working a pot out, the pot stays. */
function worked({ batch, cook, astray }: PotState, atMs: number): OnFire {
  try {
    const pot = onFire(batch.plan, batch.kitchen, cook, atMs, astray, clockHour);
    // A made-up pot has its work behind it.
    return batch.practice === undefined
      ? pot
      : { ...pot, actions: pot.actions.filter((a) => a.kind !== "work") };
  } catch (error) {
    report(error);
    const message = "Something in it cannot be worked out.";
    return blindly(batch.plan, cook, new Problem("unreadable", "batch", batch.id, message), atMs);
  }
}
