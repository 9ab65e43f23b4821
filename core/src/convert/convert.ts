import { findVessel, resolve, type SetPot } from "../simulate/set-pot";
import { isOnRing, isSealed } from "../heats/heat";
import { ingredientById } from "../ingredient/catalogue";
import type { Kitchen } from "../simulate/kitchen-schema";
import { centreIsHot, holdForCook, overMin, untilCooked } from "../simulate/hold-for-cook";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { ingredientOf, pouredKg } from "../simulate/item-facts";
import { overRim } from "../simulate/over-rim";
import { vesselOf } from "../simulate/references";
import { runOnce } from "../simulate/simulate";
import type { Trace } from "../simulate/trace";
import { coldWaterKg } from "../simulate/stated-water";
import { cookRate } from "../doneness/cook-value";
import { requiredBeanBoilMin } from "../doneness/bean-boil";
import { outcomeOf, Problem } from "../units/problem";
import { capacityL } from "../vessel/volume";
import { COLD_DENSITY_KG_L, waterDensityKgL } from "../water/properties";
import type { Goal } from "./goal";
import { likeWritten, type Like, type Target } from "./like";
import { fullestShareOf, leastLiquidL } from "./limits";
import { solveStretches } from "./solve-stretches";
import { restaged } from "./staging";

/** A dish on another heat: the plan for one load, and its expected simulation. */
export interface Conversion {
  readonly plan: Plan;
  readonly trace: Trace;
  readonly waterL: number;
  /** Pots to cook one after the other; the plan is one of them. */
  readonly loads: number;
  /** Liquid held back and poured in hot at the end, L. */
  readonly heldBackL: number;
  /** End liquid over what is wanted (positive) or under, L, a load: what no amount of water mends. */
  readonly overL: number;
  /** The least liquid that was asked for, where it decided the water, L. */
  readonly leastL: number | null;
}

const WITHIN_KG = 0.01;
/** Fuller than its limit by less is rounding, of the vessel. */
const FULL_WITHIN = 0.002;
const WITHIN_MIN = 0.5;
const MOST_ROUNDS = 18;
/** From this round on what goes in late is left as it is timed, so that time and liquid come to rest. */
const TIMED_FROM_ROUND = 12;
const MOST_LOADS = 4;
/** Held at pressure for less it is no recipe: the come-up decides, and nobody can time it, min. */
const LEAST_HELD_MIN = 1;
const DAY_MIN = 1440;
const HELD_BACK_ID = "held-back";
const BEAN_POT_MIN = 15;

const scaled = (items: readonly PlanItem[], by: number): readonly PlanItem[] =>
  by === 1 ? items : items.map((i) => ({ ...i, massKg: i.massKg * by }));

/** Water that the least liquid asks for beside what is poured in at the start, kg. */
const leastWaterKg = ({ items }: Plan, leastL: number): number =>
  Math.max(
    0,
    leastL * COLD_DENSITY_KG_L -
      items
        .filter((i) => i.when.at === "start" && ingredientOf(i).isLiquid)
        .reduce((sum, i) => sum + pouredKg(i), 0),
  );

/** What it ends with over what is wanted, and whether the least liquid decided it. */
const overOf = (overKg: number, leastL: number): Pick<Conversion, "overL" | "leastL"> => ({
  overL: Math.abs(overKg) < 2 * WITHIN_KG ? 0 : overKg / COLD_DENSITY_KG_L,
  leastL: overKg > 2 * WITHIN_KG && leastL > 0 ? leastL : null,
});

/**
 * Dry common beans are boiled hard: on the hob in the pot itself, for oven and slow cooker before; under
 * pressure it needs no more. What goes in later than the boil, or after the release, is boiled before.
 */
function withBeansBoiled({ plan: given, kitchen }: SetPot): Plan {
  const boilMin = requiredBeanBoilMin(kitchen.altitudeM);
  const isDue = (i: PlanItem) =>
    ingredientById(i.ingredientId).dryBean === true && i.boiledMin < boilMin;
  const { heat } = given;
  const isInPot = (i: PlanItem) => i.when.at === "start" && (isOnRing(heat) || isSealed(heat));
  const inPot = given.items.some((i) => isDue(i) && isInPot(i));
  const plan =
    inPot && isOnRing(heat)
      ? { ...given, heat: { ...heat, boilFirstMin: Math.max(heat.boilFirstMin ?? 0, boilMin) } }
      : given;
  const isBefore = (i: PlanItem) => isDue(i) && !isInPot(i);
  if (!plan.items.some(isBefore)) return plan;
  return {
    ...plan,
    items: plan.items.map((i) => (isBefore(i) ? { ...i, boiledMin: boilMin } : i)),
    prepareMin: Math.min(1440, plan.prepareMin + boilMin + BEAN_POT_MIN),
  };
}

/**
 * The dish of a goal on another heat: the same cook value of what rules it (its centre hot enough), the
 * same liquid at the end, late ingredients with their own cook value. Time is found within half a minute,
 * liquid within 10 g. What does not fit is held back or cooked in loads.
 * @throws Problem `notReachable` where it does not get done within a day, or in four loads; and as
 * simulate does
 */
export function convert(goal: Goal, target: Target, kitchen: Kitchen): Conversion {
  let last: Problem | null = null;
  for (let loads = 1; loads <= MOST_LOADS; loads++) {
    const outcome = outcomeOf(() => inLoads(goal, target, kitchen, loads));
    if (outcome.ok) {
      if (outcome.value !== null) return outcome.value;
      continue;
    }
    if (outcome.problem.code !== "aboveRim" && outcome.problem.code !== "heapAboveRim")
      throw outcome.problem;
    last = outcome.problem;
  }
  const vessel = findVessel(target, kitchen);
  throw new Problem(
    "notReachable",
    "vesselId",
    target.vesselId,
    last?.said ??
      `This dish does not fit the ${vessel?.name ?? "pot"}, not even in ${MOST_LOADS} loads. Take a bigger one.`,
  );
}

/** One try at a number of loads; null where a load is still too much for the vessel. */
function inLoads(goal: Goal, target: Target, kitchen: Kitchen, loads: number): Conversion | null {
  // What a former conversion held back is water like any other again.
  const items = goal.plan.items.filter((i) => i.id !== HELD_BACK_ID);
  const plan = { ...goal.plan, items: [...scaled(items, 1 / loads)] };
  const like = likeWritten({ ...goal, plan }, target, loads, kitchen);
  const base = withBeansBoiled(resolve(like.plan, kitchen));
  if (base.then.length > 0) return ofStretches(goal, { ...like, plan: base }, kitchen, loads);
  const solved = solve(goal, resolve(base, kitchen), loads, 0);
  const vessel = vesselOf(resolve(base, kitchen));
  const mostL = fullestShareOf(base, vessel) * capacityL(vessel);
  const fullestL = solved.trace.fullestShare * capacityL(vessel);
  const tooMuchL = fullestL - mostL;
  if (tooMuchL <= 0.005) return solved;
  const canHoldBackL = solved.waterL - Math.max(0, leastLiquidL(base, vessel));
  if (tooMuchL + 0.05 > canHoldBackL * 0.6) return null;
  const held = solve(goal, resolve(base, kitchen), loads, tooMuchL + 0.02);
  return held.trace.fullestShare * capacityL(vessel) - mostL > 0.03 ? null : held;
}

/** Of several stretches; null where a load is still too much for the vessel: nothing is held back. */
function ofStretches(goal: Goal, like: Like, kitchen: Kitchen, loads: number): Conversion | null {
  const vessel = vesselOf(resolve(like.plan, kitchen));
  const leastL = leastLiquidL(like.plan, vessel);
  const leastKg = leastWaterKg(like.plan, leastL);
  const { plan, trace, waterKg, overKg } = solveStretches(goal, like, kitchen, { loads, leastKg });
  if (trace.fullestShare > fullestShareOf(plan, vessel) + FULL_WITHIN) return null;
  return {
    plan: { ...plan, water: { by: "amount", volumeL: waterKg / waterDensityKgL(kitchen.waterC) } },
    trace,
    waterL: waterKg / waterDensityKgL(kitchen.waterC),
    loads,
    heldBackL: 0,
    ...overOf(overKg, leastL),
  };
}

/** Time and water together: each round finds the time, then moves the water by what the end lacks. */
function solve(goal: Goal, setPot: SetPot, loads: number, heldBackL: number): Conversion {
  const { plan: base, kitchen } = setPot;
  const vessel = vesselOf(setPot);
  const wantedKg = goal.trace.endLiquidKg / loads;
  const leastL = leastLiquidL(base, vessel);
  const leastKg = leastWaterKg(base, leastL);
  const heldKg = heldBackL * COLD_DENSITY_KG_L;
  const held: readonly PlanItem[] = heldKg > 0 ? [heldBack(heldKg)] : [];
  let items: readonly PlanItem[] = base.items;
  let waterKg = Math.max(leastKg, coldWaterKg(goal.waterL / loads, kitchen) - heldKg);
  let trace: Trace | null = null;
  let isSettled = false;
  let holdMin: number | null = null;
  let centreRules = false;
  for (let round = 0; round < MOST_ROUNDS && !isSettled; round++) {
    const isTimed: boolean = round >= TIMED_FROM_ROUND;
    if (!isTimed) items = restaged(goal, items, base.heat.method, trace);
    const plan: Plan = { ...base, items: [...items, ...held] };
    const setPot = resolve(plan, kitchen);
    const pass: Pass = isTimed
      ? byCentre(goal, setPot, waterKg)
      : onePass(goal, setPot, waterKg, holdMin, centreRules);
    trace = pass.trace;
    centreRules = pass.centreRules;
    if (trace.problem !== null && trace.problem.code !== "boiledDry") throw trace.problem;
    const isDry = trace.problem !== null;
    const next = Math.max(leastKg, waterKg + (isDry ? wantedKg : wantedKg - trace.endLiquidKg));
    const tooLongMin = centreRules || isDry ? 0 : overMin(trace, goal.trace.cookMin);
    holdMin = Math.max(0, trace.holdMin - tooLongMin);
    const tooMuch = overRim(trace, vessel);
    if (tooMuch !== null) throw tooMuch;
    // The first pass counts what goes in late from a guess: only one of a known length is an answer.
    isSettled =
      round > 0 &&
      !isDry &&
      Math.abs(next - waterKg) < WITHIN_KG &&
      Math.abs(trace.holdMin - holdMin) <= stepMin(trace, goal.trace.cookMin) &&
      (isTimed || isStaged(goal, items, trace));
    if (!isSettled) waterKg = next;
  }
  if (trace === null || trace.problem !== null)
    throw (
      trace?.problem ??
      new Problem("notReachable", "water", waterKg, "No amount of water leaves what is wanted.")
    );
  if (trace.holdMin > DAY_MIN)
    throw new Problem(
      "notReachable",
      "stop",
      trace.holdMin,
      "It is not done within a day on this heat. Cook it hotter or cut it smaller.",
    );
  if (isSealed(base.heat) && isTooMuchByItself(trace, goal.trace.cookMin))
    throw new Problem(
      "notReachable",
      "stop",
      trace.holdMin,
      `Coming up and letting down alone cook it more than wanted. ${base.heat.release === "natural" ? "Take quick release where it is safe, or another heat." : "Take another heat."}`,
    );
  // What did not come to rest is no answer: neither time nor liquid would be right.
  if (!isSettled && !isNear(trace, goal.trace.cookMin, centreRules))
    throw new Problem(
      "notReachable",
      "stop",
      trace.holdMin,
      "Time and liquid do not come to rest on this heat: what goes in late and cold moves both. Put it in sooner, or cook it apart.",
    );
  const waterL = waterKg / waterDensityKgL(kitchen.waterC);
  const overKg = trace.endLiquidKg - wantedKg;
  return {
    plan: {
      ...base,
      items: [...items, ...held],
      water: { by: "amount", volumeL: waterL },
      stop: { by: "time", holdMin: saidMin(trace, goal.trace.cookMin) },
    },
    trace,
    waterL,
    loads,
    heldBackL,
    ...overOf(overKg, leastL),
  };
}

/**
 * One simulation on the way: the first stops by itself, later ones hold as long as the last one's cook
 * value asks for. Where the centre rules the hold is found by itself.
 */
function onePass(
  goal: Goal,
  setPot: SetPot,
  waterKg: number,
  holdMin: number | null,
  centreRules: boolean,
): Pass {
  const { cookMin } = goal.trace;
  if (holdMin === null) {
    const first = untilCooked(setPot, { waterKg }, cookMin);
    const isOver = first.cookAtEndOfHoldMin > cookMin + CENTRE_RULES_FROM;
    return first.problem === null && isOver
      ? byCentre(goal, setPot, waterKg)
      : { trace: first, centreRules: false };
  }
  if (centreRules) return byCentre(goal, setPot, waterKg, holdMin);
  const trace = runOnce(setPot, { waterKg }, holdMin);
  return trace.problem === null && !centreIsHot(trace)
    ? byCentre(goal, setPot, waterKg, holdMin)
    : { trace, centreRules: false };
}

interface Pass {
  readonly trace: Trace;
  /** True where it was held until the centre was hot, and not just by the cook value. */
  readonly centreRules: boolean;
}

/** The hold found by itself: until the cook value is there and the centre is hot. */
const byCentre = (goal: Goal, setPot: SetPot, waterKg: number, nearMin?: number): Pass => ({
  trace: holdForCook(setPot, { waterKg }, goal.trace.cookMin, nearMin),
  centreRules: true,
});

/** Half a minute, or what a hundredth of the cook value takes where that is finer, down to a tenth. */
const stepMin = (trace: Trace, cookMin: number): number =>
  Math.min(WITHIN_MIN, Math.max(0.1, (0.01 * cookMin) / cookRate(trace.holdC)));

/** The time as it is written down, in such steps. */
function saidMin(trace: Trace, cookMin: number): number {
  const perMin = stepMin(trace, cookMin) >= WITHIN_MIN ? 2 : 10;
  return Math.max(1, Math.round(trace.holdMin * perMin) / perMin);
}

/** Off by no more than this share of the cook value, or above it where the centre rules. */
const NEAR_SHARE = 0.02;
const isNear = (trace: Trace, cookMin: number, centreRules: boolean): boolean =>
  (centreRules && trace.cookMin >= cookMin) ||
  trace.holdMin < WITHIN_MIN ||
  Math.abs(trace.cookMin - cookMin) <= NEAR_SHARE * cookMin;

/** Less than so much of the cook value is no difference to a fork, min at 100 °C. */
const NO_MATTER_MIN = 2;
/** Held for the least time that can be timed, coming up and letting down cook it more than wanted. */
const isTooMuchByItself = (trace: Trace, cookMin: number): boolean => {
  const leastMin = trace.cookMin + (LEAST_HELD_MIN - trace.holdMin) * cookRate(trace.holdC);
  return (
    trace.holdMin < LEAST_HELD_MIN &&
    leastMin > cookMin + Math.max(NEAR_SHARE * cookMin, NO_MATTER_MIN)
  );
};

/** A first pass held this much longer than the cook value asks for, min at 100 °C, waited for the centre. */
const CENTRE_RULES_FROM = 2;

const heldBack = (massKg: number): PlanItem => ({
  id: HELD_BACK_ID,
  ingredientId: "water",
  massKg,
  when: { at: "offHeat" },
  preparation: "boiling, from the kettle",
  boneState: "raw",
  work: [],
  frozen: false,
  boiledMin: 0,
});

/** True where late ingredients have had what they shall have, within a seventh or three minutes. */
function isStaged(goal: Goal, items: readonly PlanItem[], trace: Trace): boolean {
  return items.every((item) => {
    const written = goal.plan.items.find((i) => i.id === item.id);
    if (item.when.at !== "beforeEnd" || written?.when.at !== "beforeEnd") return true;
    const want = goal.trace.items.find((x) => x.itemId === item.id)?.cookMin;
    const got = trace.items.find((x) => x.itemId === item.id)?.cookMin;
    if (want === undefined || got === undefined) return true;
    return Math.abs(want - got) <= Math.max(3, want * 0.15) || item.when.min >= trace.holdMin;
  });
}
