import type { Action } from "@kettlos/core/batch/action";
import type { Batch, CookEvent } from "@kettlos/core/batch/batch-schema";
import { fold, type Cook } from "@kettlos/core/batch/fold";
import { liveCautions, type LiveCaution } from "@kettlos/core/batch/live-cautions";
import { forecastLive, type LiveForecast } from "@kettlos/core/batch/live-forecast";
import { livePlan } from "@kettlos/core/batch/live-plan";
import { actionsFor } from "@kettlos/core/batch/next-action";
import { potNowMs } from "@kettlos/core/batch/pot-clock";
import { outcomeOf } from "@kettlos/core/units/problem";
import { useNow } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed } from "vue";
import { useKitchenStore } from "./kitchen-store";

/** A batch with what its events come to; its plan is the one that is really cooked. */
export interface PotState {
  readonly batch: Batch;
  /** The batch as it began, with the plan as it was written. */
  readonly stored: Batch;
  readonly events: readonly CookEvent[];
  readonly cook: Cook;
}

/** A pot on the fire: its forecast, what is to do, and what is wrong. */
export interface LivePot extends PotState {
  readonly forecast: LiveForecast;
  readonly actions: readonly Action[];
  readonly cautions: readonly LiveCaution[];
}

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
    const plan = livePlan(stored.plan, cook);
    const batch = plan === stored.plan ? stored : { ...stored, plan };
    const state = { batch, events, cook, stored };
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

  const forecast = new Map<string, { state: PotState; atMs: number; live: LivePot | null }>();
  const liveOf = (state: PotState): LivePot | null => {
    const { batch, cook, events } = state;
    const everyMs = batch.practice === undefined ? FORECAST_EVERY_MS : 1000;
    const realMs = Math.floor(nowMs.value / everyMs) * everyMs;
    const atMs = Math.max(potNowMs(batch, realMs), events.at(-1)?.atMs ?? 0);
    const known = forecast.get(batch.id);
    if (known?.state === state && known.atMs === atMs) return known.live;
    const outcome = outcomeOf(() => forecastLive(batch.plan, batch.kitchen, cook, atMs));
    let live: LivePot | null = null;
    if (outcome.ok) {
      const facts = { plan: batch.plan, kitchen: batch.kitchen, cook, forecast: outcome.value };
      live = {
        ...state,
        forecast: outcome.value,
        actions: actionsFor(batch.plan, cook, outcome.value, atMs),
        cautions: liveCautions({ ...facts, nowMs: atMs }),
      };
    }
    forecast.set(batch.id, { state, atMs, live });
    return live;
  };
  /** On the fire or waiting to be logged, practice pots too. */
  const live = computed<readonly LivePot[]>(() =>
    pots.value.filter((p) => p.cook.finishedMs === null).flatMap((p) => liveOf(p) ?? []),
  );
  /** The real ones: what the bench, the hob rail and the alarms speak of. */
  const inEarnest = computed(() => live.value.filter((p) => p.batch.practice === undefined));

  return { nowMs, nowOf, pots, byId, finished, live, inEarnest };
});
