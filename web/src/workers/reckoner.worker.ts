import { resolve } from "@kettlos/core/simulate/set-pot";
import type { Said } from "@kettlos/core/units/said";
import { convertDish, type Converted, type ExplainedRange } from "@kettlos/core/because/converted";
import type { ClockAnswer, TroubleAnswer } from "@kettlos/core/clock/answer";
import type { Target } from "@kettlos/core/convert/like";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { gapOf, type Gap } from "@kettlos/core/batch/gap";
import { cookedPlan } from "@kettlos/core/batch/live-plan";
import { compare, type Compared } from "@kettlos/core/compare/compare";
import { differenceOf, type Difference } from "@kettlos/core/compare/difference";
import { sideOf } from "@kettlos/core/compare/side";
import type { LoggedPot } from "@kettlos/core/learn/from-pot";
import { outcomeOf } from "@kettlos/core/units/problem";
import { fold } from "@kettlos/core/batch/fold";
import { nextReadings, type NextReading } from "@kettlos/core/learn/next-readings";
import { learnedOf, whatTaught, wordsOf, type PotWords } from "@kettlos/core/learn/taught";
import { shownOf, type WhatIsShown } from "@kettlos/core/learn/taught-shown";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import type { Teaching } from "@kettlos/core/simulate/teaching-schema";
import type { CrockSetting } from "@kettlos/core/heat/slow-cooker";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { expose } from "comlink";
import { clockCalendar, clockTroubles, fillClock } from "./clock-reckoning";
import { workBack } from "./work-back";
import { regionOf, setRegion } from "@kettlos/core/units/region";

setRegion(regionOf(navigator.language));

let newest = 0;
let newestClock = 0;
let drawn: () => readonly (ExplainedRange | null)[] = () => [];

/** Lets messages that wait come in, so that a newer question is known of. */
const breathe = () => new Promise((resolve) => setTimeout(resolve, 0));

/** A pot with its log. */
interface Logged {
  readonly batch: Batch;
  readonly events: readonly CookEvent[];
}
/** What the pots of a log say: as much of it as was heard. */
let heard: PotWords[] = [];
/** What the cook says to it, and the kitchen that learns. */
export interface Learner {
  readonly teaching: Teaching | null;
  readonly kitchenId: string;
}
/** Two pots against each other, or in words why they cannot be worked out. */
export type Beside =
  | { readonly compared: Compared; readonly why: null }
  | { readonly compared: null; readonly why: Said };
const optionsOf = ({ teaching, kitchenId }: Learner) => ({
  kitchenId,
  ...(teaching === null ? {} : { teaching }),
});

const read = ({ batch, events }: Logged): LoggedPot => ({ batch, cook: fold(events) });
/** What is known of pots by all others; nothing where one of them was cooked in another kitchen. */
const knownOf = (pots: readonly Logged[], by: Learner): LearnedFactors | undefined =>
  pots.some((p) => p.batch.kitchen.id !== by.kitchenId)
    ? undefined
    : learnedOf(heard, {
        ...optionsOf(by),
        without: new Set(pots.map((p) => p.batch.id)),
      });

const api = {
  /** Expected figures of a dish on every heat; null where a newer question has come since. */
  async convert(
    token: number,
    plan: Plan,
    kitchen: Kitchen,
    changed: readonly Target[],
    settings?: readonly CrockSetting[],
  ): Promise<Converted | null> {
    newest = token;
    await breathe();
    if (token !== newest) return null;
    const { converted, ranges } = convertDish(resolve(plan, kitchen), changed, settings);
    drawn = ranges;
    return converted;
  },
  /** The ranges of the last converted dish; null where a newer question has come since. */
  async ranges(token: number): Promise<readonly (ExplainedRange | null)[] | null> {
    await breathe();
    return token === newest ? drawn() : null;
  },
  workBack,
  /** The clock filled; null where a newer question has come since. */
  async clock(token: number, ...asked: Parameters<typeof fillClock>): Promise<ClockAnswer | null> {
    newestClock = token;
    await breathe();
    return token === newestClock ? fillClock(...asked) : null;
  },
  /** What clashes on it; null where a newer question has come since, which is not kept waiting. */
  async clockTroubles(token: number): Promise<readonly TroubleAnswer[] | null> {
    const turns = clockTroubles();
    for (;;) {
      await breathe();
      if (token !== newestClock) return null;
      const turn = turns.next();
      if (turn.done === true) return turn.value;
    }
  },
  clockCalendar,
  /** What a finished pot says of its kitchen, and what came of it. */
  words(
    batch: Batch,
    events: readonly CookEvent[],
  ): { readonly words: PotWords; readonly gap: Gap | null } {
    const cook = fold(events);
    const gap = outcomeOf(() => {
      const { plan } = cookedPlan(resolve(batch.plan, batch.kitchen), cook);
      return gapOf(resolve(plan, batch.kitchen), cook);
    });
    return { words: wordsOf({ batch, cook }), gap: gap.ok ? gap.value : null };
  },
  /** Listens to what pots say; what was heard before is forgotten where it begins anew. */
  hear(words: readonly PotWords[], isAnew: boolean): void {
    if (isAnew) heard = [];
    heard.push(...words);
  },
  /** Two finished pots side by side, by what all others have taught. */
  beside(from: Logged, to: Logged, by: Learner): Beside {
    const known = knownOf([from, to], by);
    const outcome = outcomeOf(() => compare(sideOf(read(from), known), sideOf(read(to), known)));
    // A problem does not cross to another thread: its words do.
    return outcome.ok
      ? { compared: outcome.value, why: null }
      : { compared: null, why: outcome.problem.said };
  },
  /** What was otherwise from each pot of a row to the next; null where it cannot be reckoned. */
  async differences(pots: readonly Logged[], by: Learner): Promise<readonly (Difference | null)[]> {
    const found: (Difference | null)[] = [];
    for (const [i, to] of pots.entries()) {
      const from = pots[i - 1];
      if (from === undefined) continue;
      await breathe();
      const known = knownOf([from, to], by);
      const outcome = outcomeOf(() =>
        differenceOf(sideOf(read(from), known), sideOf(read(to), known)),
      );
      found.push(outcome.ok ? outcome.value : null);
    }
    return found;
  },
  /** What all that were heard teach together: as it is drawn on, as it is first shown, and told as JSON. */
  learned(by: Learner): {
    readonly factors: LearnedFactors;
    readonly shown: WhatIsShown;
    readonly text: string;
  } {
    const told = whatTaught(heard, optionsOf(by));
    return {
      factors: learnedOf(heard, optionsOf(by)),
      shown: shownOf(told),
      text: JSON.stringify(told),
    };
  },
  /** The readings that would teach most next. */
  nextReadings: (plans: readonly Plan[], kitchen: Kitchen): readonly NextReading[] =>
    nextReadings(plans, kitchen),
};
export type Reckoner = typeof api;

expose(api);
