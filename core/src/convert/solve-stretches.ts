import { resolve } from "../simulate/set-pot";
import { HOLD_MIN } from "../units/limits";
import { cookRate } from "../doneness/cook-value";
import { centreIsHot } from "../simulate/hold-for-cook";
import type { Kitchen } from "../simulate/kitchen-schema";
import { overRim } from "../simulate/over-rim";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { simulate } from "../simulate/simulate";
import { isOn, lastHeat, stretchesOf } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import { coldWaterKg } from "../simulate/stated-water";
import { Problem } from "../units/problem";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Goal } from "./goal";
import type { Like } from "./like";
import { restaged } from "./staging";

/** A plan of several stretches as it was solved. */
export interface SolvedStretches {
  readonly plan: Plan;
  readonly trace: Trace;
  readonly waterKg: number;
  /** Liquid over what is wanted (positive) or under, kg: what no amount of water mends. */
  readonly overKg: number;
}

const WITHIN_KG = 0.01;
/** Of the cook value, and no difference to a fork, min at 100 °C. */
const COOK_WITHIN = 0.01;
const NO_MATTER_MIN = 2;
const LEAST_HOLD_MIN = 1;
const MOST_ROUNDS = 30;
/** From this round on what goes in late is left as it is timed, so that time and liquid come to rest. */
const TIMED_FROM_ROUND = 18;
/** How much more it is cooked at a time where the centre of a thick piece is not hot yet. */
const MORE_SHARE = 1.03;

/** A stretch whose minutes are found: by the cook value at the end of what follows up to the next such one. */
interface Sought {
  readonly index: number;
  readonly endIndex: number;
  readonly wantedCookMin: number;
}

/** One try: minutes of what is sought, what goes in, and the water. */
interface Try {
  readonly holdsMin: readonly number[];
  readonly items: readonly PlanItem[];
  readonly waterKg: number;
}

/**
 * Minutes of every stretch on the new heat and the water, together: each round holds each as long as its
 * own cook value asks for, and moves the water by what the pot lacks. Liquid is compared at the end, or
 * where the first stretch begins that boils down to its own litres.
 * @param leastKg least water that the vessel asks for
 * @throws Problem `notReachable` where it does not come to rest, and as simulate does
 */
export function solveStretches(
  goal: Goal,
  like: Like,
  kitchen: Kitchen,
  { loads, leastKg }: { readonly loads: number; readonly leastKg: number },
): SolvedStretches {
  const vessel = vesselOf(resolve(like.plan, kitchen));
  const sought = soughtOf(goal, like);
  const compared = comparedOf(goal, like);
  // What waits for pressure to be let down does so whatever follows.
  const method = isOn(like.plan, "pressure") ? "pressure" : lastHeat(like.plan).method;
  let moreCook = 1;
  let now: Try = {
    holdsMin: sought.map((s) => writtenMin(goal, like, s.index)),
    items: like.plan.items,
    waterKg: Math.max(leastKg, coldWaterKg(goal.waterL / loads, kitchen)),
  };
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const plan = held({ ...like.plan, items: [...now.items] }, sought, now.holdsMin);
    const trace = simulate(resolve(plan, kitchen), { waterKg: now.waterKg });
    const tooMuch = overRim(trace, vessel);
    if (tooMuch !== null) throw tooMuch;
    if (trace.problem?.code === "boiledDry") {
      now = { ...now, waterKg: now.waterKg + Math.max(0.1, goal.trace.endLiquidKg / loads) };
      continue;
    }
    if (trace.problem !== null) throw trace.problem;
    const isHot = centreIsHot(trace);
    const isDone = isCooked(sought, now.holdsMin, trace, moreCook);
    // By its cook value it is done and its middle is not: that rules.
    if (isDone && !isHot) moreCook *= MORE_SHARE;
    const overKg =
      compared === null ? 0 : liquidKgAt(trace, compared.index) - compared.liquidKg / loads;
    const isTimed = round >= TIMED_FROM_ROUND;
    const next: Try = {
      holdsMin: longer(sought, now.holdsMin, trace, moreCook),
      items: isTimed ? now.items : restaged(goal, now.items, method, trace),
      waterKg: Math.max(leastKg, now.waterKg - overKg),
    };
    const isAtRest =
      isHot &&
      isDone &&
      Math.abs(next.waterKg - now.waterKg) < WITHIN_KG &&
      next.items.every((item, k) => isTimedLike(item, now.items[k]));
    if (isAtRest) return { plan, trace, waterKg: now.waterKg, overKg };
    now = next;
  }
  throw new Problem(
    "notReachable",
    "stop",
    Math.max(...now.holdsMin),
    "Its stretches do not come to rest on this heat: coming up and letting down alone cook it more than wanted, or what goes in late and cold moves both time and liquid.",
  );
}

/** What is sought, in order, with what the dish as written has had by then. */
function soughtOf({ trace }: Goal, { plan, isKept, upTo }: Like): readonly Sought[] {
  const count = stretchesOf(plan).length;
  const indices = Array.from({ length: count }, (_, i) => i).filter((i) => isKept[i] === false);
  return indices.map((index, k) => {
    const isLast = k === indices.length - 1;
    const endIndex = isLast ? count - 1 : (indices[k + 1] ?? count) - 1;
    const written = trace.stretches.find((s) => s.stretchId === upTo[endIndex]);
    return { index, endIndex, wantedCookMin: isLast ? trace.cookMin : (written?.cookMin ?? 0) };
  });
}

/** Cook value at the end of a stretch; of the last, letting down and standing counted. */
const cookMinAt = (trace: Trace, index: number): number =>
  index === trace.stretches.length - 1
    ? trace.cookMin
    : (trace.stretches[index]?.cookMin ?? trace.cookMin);

/** How long each is held next: by what its own cook value lacks. */
const longer = (
  sought: readonly Sought[],
  holdsMin: readonly number[],
  trace: Trace,
  moreCook: number,
): readonly number[] => {
  let missedMin = 0;
  return sought.map((s, k) => {
    // What an earlier one lacks, that one makes up for.
    const lacksMin = s.wantedCookMin * moreCook - cookMinAt(trace, s.endIndex);
    const own = lacksMin - missedMin;
    missedMin = lacksMin;
    const rate = cookRate(trace.stretches[s.index]?.holdC ?? trace.holdC);
    const min = (holdsMin[k] ?? 0) + own / rate;
    const perMin = COOK_WITHIN * s.wantedCookMin > rate ? 2 : 10;
    return Math.min(HOLD_MIN.most, Math.max(LEAST_HOLD_MIN, Math.round(min * perMin) / perMin));
  });
};

/** True where each has had its cook value, or was over before it could be timed by no more than a fork tells. */
const isCooked = (
  sought: readonly Sought[],
  holdsMin: readonly number[],
  trace: Trace,
  moreCook: number,
): boolean =>
  sought.every((s, k) => {
    const wantedMin = s.wantedCookMin * moreCook;
    const within = Math.max(
      COOK_WITHIN * wantedMin,
      holdsMin[k] === LEAST_HOLD_MIN ? NO_MATTER_MIN : 0,
    );
    return Math.abs(cookMinAt(trace, s.endIndex) - wantedMin) <= within;
  });

const isTimedLike = (a: PlanItem, b: PlanItem | undefined): boolean =>
  a.when.at !== "beforeEnd" ||
  (b?.when.at === "beforeEnd" && Math.abs(a.when.min - b.when.min) <= 1);

/** Where liquid is compared: the end of a stretch, or before the first one; and how much there is. */
interface Compared {
  readonly index: number;
  readonly liquidKg: number;
}

/** Null where it begins with what boils down by itself: then the water is what it was. */
function comparedOf({ trace }: Goal, { plan, isKept, upTo }: Like): Compared | null {
  const all = stretchesOf(plan);
  const downAt = all.findIndex((s, i) => isKept[i] === true && s.stop.by === "liquid");
  if (downAt === 0) return null;
  const index = (downAt < 0 ? all.length : downAt) - 1;
  const written = trace.stretches.find((s) => s.stretchId === upTo[index]);
  const isEnd = index === all.length - 1 || written === undefined;
  return { index, liquidKg: isEnd ? trace.endLiquidKg : written.endLiquidL * COLD_DENSITY_KG_L };
}

const liquidKgAt = (trace: Trace, index: number): number =>
  index === trace.stretches.length - 1
    ? trace.endLiquidKg
    : (trace.stretches[index]?.endLiquidL ?? 0) * COLD_DENSITY_KG_L;

/** Minutes of the written stretches that one stands for: a first guess. */
function writtenMin({ trace }: Goal, { upTo }: Like, index: number): number {
  const at = (i: number) => trace.stretches.findIndex((s) => s.stretchId === upTo[i]);
  const from = trace.stretches[index === 0 ? 0 : at(index - 1) + 1]?.fromMin ?? 0;
  const to = trace.stretches[at(index)]?.toMin ?? from;
  return Math.max(LEAST_HOLD_MIN, to - from);
}

/** The plan with what is sought held so long. */
function held(plan: Plan, sought: readonly Sought[], holdsMin: readonly number[]): Plan {
  const minOf = new Map(sought.map((s, k) => [s.index, holdsMin[k] ?? LEAST_HOLD_MIN]));
  const stopAt = <T extends Pick<Plan, "stop">>(of: T, index: number): T => {
    const holdMin = minOf.get(index);
    return holdMin === undefined ? of : { ...of, stop: { by: "time", holdMin } };
  };
  return { ...stopAt(plan, 0), then: plan.then.map((s, i) => stopAt(s, i + 1)) };
}
