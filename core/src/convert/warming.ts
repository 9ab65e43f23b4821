import { exp, ln } from "../units/same-math";
import type { SetPot } from "../simulate/set-pot";
import { heatOf } from "../heats/heat";
import { ingredientById } from "../ingredient/catalogue";
import { goesInFirst } from "../simulate/item-facts";
import { SPREAD } from "../simulate/parameters";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { runOnce } from "../simulate/simulate";
import { moved, sigmaOf } from "../simulate/moved";
import type { Trace } from "../simulate/trace";
import { coldWaterKg } from "../simulate/stated-water";
import { outcomeOf } from "../units/problem";

/** The thickest part passes from 5 to 60 °C within this, min: model, kidney-bean rule and joints. */
export const SAFE_WARM_UP_MIN = 240;

/** What germs grow in while it warms. */
export const isMeat = (item: PlanItem): boolean => {
  const { group } = ingredientById(item.ingredientId);
  return group === "meat" || group === "fish" || group === "bones";
};

/** Minutes from 5 to 60 °C of the slowest meat that goes in first; Infinity where it never gets there. */
export const slowestIn = (plan: Plan, trace: Trace): number =>
  plan.items
    .filter((i) => goesInFirst(i) && isMeat(i))
    .reduce((slowest, item) => {
      const course = trace.items.find((x) => x.itemId === item.id);
      return Math.max(slowest, course?.from5To60Min ?? Infinity);
    }, 0);

/**
 * Minutes from 5 to 60 °C of the slowest meat; Infinity where it does not get there within five hours. A
 * plan that ends sooner is followed on: that it is undercooked is the core's rule, not this one.
 */
export function slowestMeatMin(setPot: SetPot, trace: Trace, waterL: number): number {
  const { plan, kitchen } = setPot;
  const slowest = slowestIn(plan, trace);
  if (Number.isFinite(slowest) || trace.holdMin >= FOLLOWED_MIN) return slowest;
  const longer = outcomeOf(() =>
    runOnce(setPot, { waterKg: coldWaterKg(waterL, kitchen) }, FOLLOWED_MIN),
  );
  return longer.ok ? slowestIn(plan, longer.value) : slowest;
}

/** A plan that ends sooner is followed so long, min. */
export const FOLLOWED_MIN = SAFE_WARM_UP_MIN + 60;
/** Under this no spread of ring, oven or crock brings it over four hours, min. */
const SURELY_FAST_MIN = 90;

/**
 * The slow end (P90) of the minutes from 5 to 60 °C of the slowest meat: ring, plateau and warm-up at
 * their slow ends, added in quadrature in the logarithm; Infinity where one of them alone keeps it under 60.
 */
export function slowestMeatHighMin(setPot: SetPot, trace: Trace, waterL: number): number {
  const { plan, kitchen } = setPot;
  const expected = slowestMeatMin(setPot, trace, waterL);
  if (expected <= SURELY_FAST_MIN || !Number.isFinite(expected)) return expected;
  const waterKg = coldWaterKg(waterL, kitchen);
  const holdMin = Math.max(FOLLOWED_MIN, trace.holdMin);
  const logs = heatOf(plan.heat).slowBy.map((by) => {
    // Known to run cool, it is surer of its heat; how slow it may be is looked at as carefully as before.
    const sigma = by === "plateauC" ? SPREAD.plateauC.value : sigmaOf(by, setPot, trace);
    const parameters = moved(by, by === "warmUp", sigma);
    const outcome = outcomeOf(() => runOnce(setPot, { waterKg, parameters }, holdMin));
    return ln(Math.max(1, (outcome.ok ? slowestIn(plan, outcome.value) : Infinity) / expected));
  });
  return expected * exp(Math.sqrt(logs.reduce((sum, l) => sum + l * l, 0)));
}
