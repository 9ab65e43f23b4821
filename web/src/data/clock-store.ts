import { emptyClock } from "@kettlos/core/simulate/clock";
import { MINUTE_MS } from "@kettlos/core/units/time";
import type { ClockAnswer, TroubleAnswer } from "@kettlos/core/clock/answer";
import { COOKED_FOR_MS } from "@kettlos/core/clock/cooked-for";
import type { Remedy } from "@kettlos/core/clock/remedies";
import { saidOfWork } from "@kettlos/core/events/hands/effects";
import type { workInBlocks as WorkInBlocks } from "@kettlos/core/clock/prep-blocks";
import { withReadyTimes } from "@kettlos/core/clock/wishes";
import type { Clock, LoosePot } from "@kettlos/core/simulate/clock-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { until } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, effectScope, ref, shallowRef, watch } from "vue";
import { CLOCK_ID, saveClock } from "./clock-log";
import { keepStanding, stoodAt } from "./clock-stood";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { useLarderStore } from "./larder-store";
import { plain } from "./plain";
import { usePotsStore } from "./pots-store";
import { changeKitchen, removePlan, savePlan } from "./repository";
import { useLive } from "./use-live";
import type { Reckoner } from "../workers/reckoner.worker";
import type { PotStart } from "./pot-start";
import { useSteps } from "./use-steps";
import { report } from "../frame/errors";

/** What stands on the clock is reckoned anew so often when nothing changes, min. */
const EVERY_MIN = 5;

/** A step of the clock to undo: the clock, with the plans that a remedy changed. */
interface ClockStep {
  readonly clock: Clock;
  readonly plans: readonly Parameters<typeof savePlan>[0][];
  /** Plans that a remedy made, which are not there where it is undone. */
  readonly without?: readonly string[];
  /** Who cooks, where the step changed that. */
  readonly hands?: Kitchen["hands"];
}

/** The clock: what is wanted when, filled by the worker; changes are undone step by step. */
export const useClockStore = defineStore("clock", () => {
  const kitchenStore = useKitchenStore();
  const pots = usePotsStore();
  const larderStore = useLarderStore();
  const stored = useLive(() => db.clocks.toArray());
  const isLoaded = computed(() => stored.value !== undefined && kitchenStore.isLoaded);
  const clock = computed<Clock>(
    () => stored.value?.find((c) => c.id === CLOCK_ID)?.clock ?? emptyClock(),
  );
  const tick = computed(() => Math.floor(pots.nowMs / (EVERY_MIN * MINUTE_MS)));
  /** With the plans that say themselves when they shall be ready. */
  const wanted = computed(() => {
    const nowMs = tick.value * EVERY_MIN * MINUTE_MS;
    const all = withReadyTimes(clock.value, kitchenStore.plans, nowMs);
    return {
      ...all,
      meals: all.meals.filter((m) => Date.parse(m.at) > nowMs),
      loose: all.loose.filter((l) => !isOver(l)),
    };
  });
  /** What a pot was put on for is over once it is strained. */
  const isOver = ({ batchId }: LoosePot): boolean =>
    batchId !== null &&
    (pots.open.get(batchId)?.cook.strainedMs ??
      pots.shelvedById.get(batchId)?.strainedMs ??
      null) !== null;
  /** Whether a pot of a plan was strained already for what is wanted then. */
  const isCooked = (planId: string, forMs: number): boolean =>
    strained.value.some(
      (pot) => pot.planId === planId && Math.abs(forMs - pot.strainedMs) < COOKED_FOR_MS,
    );
  const strained = computed(() =>
    [
      ...[...pots.open.values()].map(({ batch, cook: { strainedMs } }) => ({
        planId: batch.plan.id,
        isPractice: batch.practice !== undefined,
        strainedMs,
      })),
      ...pots.finished,
    ].flatMap(({ planId, isPractice, strainedMs }) =>
      strainedMs === null || isPractice ? [] : [{ planId, strainedMs }],
    ),
  );
  const isEmpty = computed(
    () => wanted.value.meals.length === 0 && wanted.value.loose.length === 0,
  );

  const answer = shallowRef<ClockAnswer | null>(null);
  const troubles = shallowRef<readonly TroubleAnswer[]>([]);
  const isBusy = ref(false);
  /** What moved when the clock was filled last, and why, in a sentence. */
  const moved = ref("");
  let asks = 0;

  /** Blocks whose work is all ticked off at a pot which is begun and not lit yet. */
  const doneAtPots = (workInBlocks: typeof WorkInBlocks): Clock["done"] =>
    pots.inEarnest
      .filter((p) => p.cook.litMs === null)
      .flatMap(({ batch, setPot, cook }) =>
        [...workInBlocks(setPot)]
          .filter(([, works]) => works.every((w) => saidOfWork(cook, w).done.length > 0))
          .map(([blockId]) => ({ blockId, at: new Date(batch.createdMs).toISOString() })),
      );

  async function askedWith(changed: Clock) {
    // Not with the first screen: what it takes comes when the clock is filled.
    const { runningOf } = await import("@kettlos/core/clock/running");
    const { workInBlocks } = await import("@kettlos/core/clock/prep-blocks");
    const { isAheadIn, leftToCook } = await import("@kettlos/core/clock/cooked");
    await until(() => larderStore.isLoaded).toBe(true);
    const nowMs = pots.nowMs;
    const { meals, cookedAhead } = leftToCook(changed.meals, isCooked);
    const used = new Set([
      ...changed.meals.flatMap((m) => m.planIds),
      ...changed.loose.map((l) => l.planId),
    ]);
    return plain({
      kitchen: kitchenStore.kitchen,
      plans: kitchenStore.plans.filter((p) => used.has(p.id)),
      clock: { ...changed, meals, done: [...changed.done, ...doneAtPots(workInBlocks)] },
      running: pots.inEarnest.flatMap(
        (p) => runningOf(p.batch, p.cook, p, nowMs, isAheadIn(changed, p.batch.plan.id)) ?? [],
      ),
      cookedAhead,
      freezerFreeL: larderStore.freezerFreeL,
      now: Math.ceil(nowMs / MINUTE_MS),
    });
  }
  type Asked = Parameters<Reckoner["clock"]>[1];

  /** Fills the clock; `isQuick` while something is dragged. */
  async function fill(changed: Clock, isQuick = false): Promise<void> {
    if (kitchenStore.kitchen === null) return;
    const mine = ++asks;
    isBusy.value = true;
    try {
      const { reckoner } = await import("../workers/reckoner");
      const { sayMoved } = await import("@kettlos/core/clock/moves");
      const asked = (await askedWith(changed)) as Asked;
      // Two may wait for the same things and come through in either order: the older one is not sent.
      if (mine !== asks) return;
      const before = answer.value?.at ?? stoodAt();
      const filled = await reckoner().clock(mine, asked, before, isQuick);
      if (filled === null || mine !== asks) return;
      moved.value = isQuick ? "" : sayMoved(answer.value, filled);
      answer.value = filled;
      if (isQuick) return;
      keepStanding(filled.at);
      const found = await reckoner().clockTroubles(mine);
      if (found !== null && mine === asks) troubles.value = found;
    } catch (error) {
      report(error);
    } finally {
      if (mine === asks) isBusy.value = false;
    }
  }
  const onFireKey = computed(() =>
    pots.inEarnest.map((p) => `${p.batch.id}:${p.events.length}`).join(),
  );
  let isWatched = false;
  function keepUp(): void {
    watch(
      [isLoaded, wanted, tick, onFireKey, () => kitchenStore.kitchen],
      () => {
        if (!isLoaded.value) return;
        if (isEmpty.value && pots.inEarnest.length === 0) {
          answer.value = null;
          troubles.value = [];
        } else void fill(wanted.value);
      },
      { immediate: true },
    );
  }
  /** From here on the clock is kept filled, on whatever screen: nobody asks for it before it is looked at. */
  function keepFilled(): void {
    if (isWatched) return;
    isWatched = true;
    // Not of the place that asks first: it would end with it.
    effectScope(true).run(keepUp);
  }

  /** When each planned pot goes on and is ready, by its plan. */
  const starts = computed<ReadonlyMap<string, PotStart>>(
    () => new Map(answer.value?.pots.map((p) => [p.planId, p])),
  );

  const steps = useSteps<ClockStep>();
  void steps.turnTo(CLOCK_ID);
  /** How all of that is now which another state of the clock would change. */
  const nowOf = (other: Partial<ClockStep>): ClockStep => {
    const ids = new Set([...(other.plans?.map((p) => p.id) ?? []), ...(other.without ?? [])]);
    const plans = kitchenStore.plans.filter((p) => ids.has(p.id));
    return plain({
      clock: clock.value,
      plans,
      without: [...ids].filter((id) => !plans.some((p) => p.id === id)),
      ...(other.hands === undefined ? {} : { hands: kitchenStore.kitchen?.hands ?? [] }),
    });
  };
  async function put({ clock: next, plans, without, hands }: ClockStep): Promise<void> {
    for (const plan of plans) await savePlan(plain(plan));
    for (const id of without ?? []) await removePlan(id);
    if (hands !== undefined) await changeKitchen({ hands: plain(hands) });
    await saveClock(plain(withoutPast(next)));
  }
  async function change(
    next: Clock,
    what: string,
    more: Partial<Omit<ClockStep, "clock">> = {},
  ): Promise<void> {
    steps.note(nowOf(more), what);
    await put({ clock: next, plans: [], ...more });
  }
  /** Meals that are over are kept a while, and then go; so does what was put by hand for them. */
  const withoutPast = (next: Clock): Clock => {
    const fromMs = pots.nowMs - COOKED_FOR_MS;
    const isRecent = ({ at }: { at: string }) => Date.parse(at) > fromMs;
    return {
      ...next,
      meals: next.meals.filter(isRecent),
      loose: next.loose.filter((l) => !isOver(l)),
      pins: next.pins.filter(isRecent),
      done: next.done.filter(isRecent),
    };
  };
  async function step(to: "back" | "forth"): Promise<void> {
    const other = steps[to](nowOf((to === "back" ? steps.peekBack() : steps.peekForth()) ?? {}));
    if (other !== null) await put(other);
  }
  /** Takes a remedy: its plans, its clock and its hands, in one step. */
  async function take(remedy: Remedy): Promise<void> {
    const { plans = [], clock: next, hands } = remedy.change;
    const kept = next === undefined ? clock.value : withoutReady(next);
    await change(kept, remedy.title, {
      plans: [...plans, ...(next === undefined ? [] : noLongerTimed(next))],
      ...(hands === undefined ? {} : { hands: [...hands] }),
    });
  }
  /** Plans taken off the clock that said their time themselves: they are wanted for none any more. */
  function noLongerTimed(next: Clock): ClockStep["plans"] {
    const wantedIn = (of: Clock) => [
      ...of.meals.flatMap((m) => m.planIds),
      ...of.loose.map((l) => l.planId),
    ];
    const still = new Set(wantedIn(next));
    const gone = new Set(wantedIn(wanted.value).filter((id) => !still.has(id)));
    return kitchenStore.plans
      .filter((p) => p.readyAt !== null && gone.has(p.id))
      .map((p) => ({ ...p, readyAt: null }));
  }
  /** Takes a pot off the clock, also one whose plan says its time itself. */
  async function takeOff(planId: string, what: string): Promise<void> {
    const without = (of: Clock): Clock => ({
      ...of,
      loose: of.loose.filter((l) => l.planId !== planId),
    });
    await change(without(clock.value), what, { plans: noLongerTimed(without(wanted.value)) });
  }
  /** Plans that say their time themselves are not written into the clock, but where that time was changed. */
  function withoutReady(next: Clock): Clock {
    const own = new Set(clock.value.loose.map((l) => l.planId));
    return {
      ...next,
      loose: next.loose.filter((l) => {
        const plan = kitchenStore.plans.find((p) => p.id === l.planId);
        return own.has(l.planId) || plan?.readyAt !== l.by;
      }),
    };
  }

  return {
    isLoaded,
    isEmpty,
    clock,
    wanted,
    answer,
    troubles,
    isBusy,
    moved,
    starts,
    keepFilled,
    fill,
    change,
    take,
    takeOff,
    undo: () => step("back"),
    redo: () => step("forth"),
    undoes: steps.undoes,
    redoes: steps.redoes,
  };
});
