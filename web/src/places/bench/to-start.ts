import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { useStorage } from "@vueuse/core";
import { computed, watch } from "vue";
import { useClockStore } from "../../data/clock-store";
import { useForecaster } from "../../data/forecasting";
import { useKitchenStore } from "../../data/kitchen-store";
import type { PlannedBand } from "../../data/planned-bands";
import { usePotsStore } from "../../data/pots-store";

/** A plan that is to start, with when; null while that is worked out. */
export interface ToStart {
  readonly plan: Plan;
  readonly band: PlannedBand | null;
}

/**
 * By when they start. While some of them are worked out all keep the place they had the last time, for what is read must
 * not move from under the eye; one that had none comes first.
 */
export function inOrder(
  planned: readonly PlannedBand[],
  beingReckoned: readonly Plan[],
  stoodIds: readonly string[],
): readonly ToStart[] {
  const known = planned
    .toSorted((a, b) => a.lightMs - b.lightMs)
    .map((band) => ({ plan: band.plan, band }));
  if (beingReckoned.length === 0) return known;
  const placeOf = ({ plan }: ToStart) => stoodIds.indexOf(plan.id);
  return [...beingReckoned.map((plan) => ({ plan, band: null })), ...known].toSorted(
    (a, b) => placeOf(a) - placeOf(b),
  );
}

/** Their ids in a row, to be kept for the next time; null while some are worked out and have no place of their own yet. */
export const orderToKeep = (rows: readonly ToStart[]): string | null =>
  rows.some(({ band }) => band === null) ? null : rows.map(({ plan }) => plan.id).join(" ");

/** What is to start, and the plans that are not. */
export function useToStart() {
  const kitchenStore = useKitchenStore();
  const pots = usePotsStore();
  const clockStore = useClockStore();
  const forecaster = useForecaster();
  const planned = computed(() =>
    pots.isReady && forecaster.value !== null
      ? forecaster.value.plannedBands(
          kitchenStore.plans,
          kitchenStore.kitchen,
          pots.nowMs,
          clockStore.starts,
        )
      : [],
  );
  /** On the clock, and not counted back yet. */
  const beingReckoned = computed(() => {
    if (clockStore.answer !== null) return [];
    const { meals, loose } = clockStore.wanted;
    const ids = new Set([...meals.flatMap((m) => m.planIds), ...loose.map((l) => l.planId)]);
    const isKnown = (id: string) =>
      planned.value.some((b) => b.plan.id === id) ||
      pots.inEarnest.some((p) => p.cook.strainedMs === null && p.batch.plan.id === id);
    return kitchenStore.plans.filter(({ id }) => ids.has(id) && !isKnown(id));
  });
  const stood = useStorage<unknown>("kettlos-to-start", []);
  const stoodIds = computed(() => (Array.isArray(stood.value) ? stood.value.map(String) : []));
  const toStart = computed(() => inOrder(planned.value, beingReckoned.value, stoodIds.value));
  const order = computed(() =>
    clockStore.isLoaded && pots.isReady ? orderToKeep(toStart.value) : null,
  );
  watch(
    order,
    (ids) => {
      if (ids !== null) stood.value = ids.split(" ");
    },
    { immediate: true },
  );
  const others = computed(() => {
    const ids = new Set(toStart.value.map(({ plan }) => plan.id));
    return kitchenStore.plans.filter((p) => !ids.has(p.id));
  });
  return { toStart, others };
}
