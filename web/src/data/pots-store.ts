import type { Batch, CookEvent } from "@kettlos/core/batch/batch-schema";
import { fold, type Cook } from "@kettlos/core/batch/fold";
import { forecastLive, type LiveForecast } from "@kettlos/core/batch/live-forecast";
import { actionsFor, type Action } from "@kettlos/core/batch/next-action";
import { livePlan } from "@kettlos/core/batch/live-plan";
import { outcomeOf } from "@kettlos/core/units/problem";
import { useNow } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed } from "vue";
import { useKitchenStore } from "./kitchen-store";

/** A batch with what its events come to; its plan is the one that is really cooked. */
export interface PotState {
  readonly batch: Batch;
  readonly events: readonly CookEvent[];
  readonly cook: Cook;
}

/** A pot on the fire: its forecast and what is to do. */
export interface LivePot extends PotState {
  readonly forecast: LiveForecast;
  readonly actions: readonly Action[];
}

/** Forecasts are worked out anew this often; countdowns run every second. */
const FORECAST_EVERY_MS = 20_000;

/** All batches, folded; those on the fire also forecast. */
export const usePotsStore = defineStore("pots", () => {
  const store = useKitchenStore();
  const now = useNow({ interval: 1000 });
  const nowMs = computed(() => now.value.getTime());
  const forecastMs = computed(
    () => Math.floor(nowMs.value / FORECAST_EVERY_MS) * FORECAST_EVERY_MS,
  );

  const pots = computed<readonly PotState[]>(() => {
    const byBatch = new Map<string, CookEvent[]>();
    for (const { batchId, event } of store.storedEvents ?? []) {
      const list = byBatch.get(batchId);
      if (list === undefined) byBatch.set(batchId, [event]);
      else list.push(event);
    }
    return (store.batches ?? []).map((batch) => {
      const events = byBatch.get(batch.id) ?? [];
      const cook = fold(events);
      const plan = livePlan(batch.plan, cook);
      return { batch: plan === batch.plan ? batch : { ...batch, plan }, events, cook };
    });
  });
  const byId = computed(() => new Map(pots.value.map((p) => [p.batch.id, p])));
  const finished = computed(() =>
    pots.value
      .filter((p) => p.cook.finishedMs !== null)
      .sort((a, b) => (b.cook.finishedMs ?? 0) - (a.cook.finishedMs ?? 0)),
  );
  const live = computed<readonly LivePot[]>(() =>
    pots.value
      .filter((p) => p.cook.finishedMs === null)
      .flatMap((p) => {
        const atMs = Math.max(forecastMs.value, p.events.at(-1)?.atMs ?? 0);
        const outcome = outcomeOf(() => forecastLive(p.batch.plan, p.batch.kitchen, p.cook, atMs));
        if (!outcome.ok) return [];
        const actions = actionsFor(p.batch.plan, p.cook, outcome.value, atMs);
        return [{ ...p, forecast: outcome.value, actions }];
      }),
  );

  return { nowMs, pots, byId, finished, live };
});
