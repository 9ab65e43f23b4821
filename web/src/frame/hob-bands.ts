import { clockOf } from "@kettlos/core/units/moments";
import { showDuration } from "@kettlos/core/units/show";
import { MINUTE_MS } from "@kettlos/core/units/time";
import { computed, type ComputedRef } from "vue";
import { useRoute } from "vue-router";
import { useClockStore } from "../data/clock-store";
import { useForecaster } from "../data/forecasting";
import { useKitchenStore } from "../data/kitchen-store";
import { usePotsStore } from "../data/pots-store";
import type { Ends } from "./rail-words";
import { offAndWaits } from "./waiting-words";

/** A pot on the rail: on the fire, or to be put on. */
export interface HobBand extends Ends {
  readonly key: string;
  readonly to: string;
  readonly name: string;
  readonly isPlanned: boolean;
  /** When it wants somebody next; at once where it is on the heat and nobody can say when. */
  readonly nextMs: number;
  readonly isOverdue: boolean;
  readonly next: string;
}

/** More pots than these are looked up on the clock; the rail leaves room for the work. */
const MOST_BANDS = 3;

/** What somebody has to go to first: what is on the fire and overdue, else what comes next. */
export const mostPressing = (bands: readonly HobBand[]): HobBand | undefined => {
  const isBurning = (b: HobBand) => b.isOverdue && !b.isPlanned;
  return bands.toSorted(
    (a, b) => Number(isBurning(b)) - Number(isBurning(a)) || a.nextMs - b.nextMs,
  )[0];
};

/** Whether two draw the same. */
export const isSame = (one: readonly HobBand[], other: readonly HobBand[]): boolean =>
  one.length === other.length &&
  one.every((band, i) => {
    const { [i]: beside } = other;
    return (
      beside !== undefined &&
      Object.entries(band).every(([key, value]) => beside[key as keyof HobBand] === value)
    );
  });

/** What is on the fire and what is to be put on up to `toMs`, drawn between `clamped` ends. */
export function useHobBands(
  toMs: ComputedRef<number>,
  clamped: (ms: number) => number,
): ComputedRef<readonly HobBand[]> {
  const pots = usePotsStore();
  const store = useKitchenStore();
  const clockStore = useClockStore();
  const forecaster = useForecaster();
  const route = useRoute();
  const left = (ms: number) => `${showDuration(Math.max(1, (ms - pots.nowMs) / MINUTE_MS))} left`;

  const bandsNow = (): readonly HobBand[] => [
    ...pots.inEarnest
      .filter((p) => p.cook.litMs !== null)
      .map((p) => {
        const next = p.actions[0];
        // What cannot be forecast is drawn up to now.
        const endMs = p.cook.offMs ?? p.forecast?.endMs.expected ?? pots.nowMs;
        return {
          key: p.batch.id,
          to: p.cook.offMs === null ? `/cook/${p.batch.id}` : `/strain/${p.batch.id}`,
          name: p.batch.plan.name,
          from: clamped(p.cook.litMs ?? 0),
          end: Math.max(clamped(p.cook.litMs ?? 0) + 0.6, clamped(endMs)),
          isPlanned: false,
          nextMs: next?.atMs ?? (p.cook.offMs === null ? pots.nowMs : Infinity),
          isOverdue: next === undefined ? p.cook.offMs === null : next.atMs <= pots.nowMs,
          next:
            next === undefined
              ? p.cook.strainedMs === null
                ? ""
                : offAndWaits(p.batch.plan)
              : next.atMs > pots.nowMs
                ? `${clockOf(next.atMs)} ${next.title.toLowerCase()}, ${left(next.atMs)}`
                : `now: ${next.title.toLowerCase()}`,
        };
      }),
    ...(pots.isReady && forecaster.value !== null
      ? forecaster.value.plannedBands(store.plans, store.kitchen, pots.nowMs, clockStore.starts)
      : []
    )
      // On the clock they stand on the lanes.
      .filter((b) => b.lightMs < toMs.value && route.name !== "clock")
      .toSorted((a, b) => a.lightMs - b.lightMs)
      .slice(0, Math.max(1, MOST_BANDS - pots.inEarnest.length))
      .map((b) => ({
        key: b.plan.id,
        to: `/plan/${b.plan.id}`,
        name: b.plan.name,
        from: clamped(b.lightMs),
        end: clamped(b.readyMs),
        isPlanned: true,
        nextMs: b.lightMs,
        isOverdue: b.lightMs < pots.nowMs,
        next:
          b.lightMs < pots.nowMs
            ? "should be on by now"
            : `${b.begins} ${clockOf(b.lightMs)}, ${left(b.lightMs)}`,
      })),
  ];
  // Each second anew, and seldom another.
  return computed<readonly HobBand[]>((before) => {
    const now = bandsNow();
    return before !== undefined && isSame(before, now) ? before : now;
  });
}
