import type { SetPot } from "./set-pot";
import { isOnRing, isSealed } from "../heats/heat";
import { cookRate } from "../doneness/cook-value";
import { simmerC } from "../heat/hob";
import { itemWork } from "./item-facts";
import { eatenTarget, usualTarget } from "./judged";
import { outOf } from "./out-of";
import { pieceTauOf } from "./piece-of";
import type { Plan, PlanItem } from "./plan-schema";

/** The liquid's temperature that time is reckoned with to see what is last: near enough on every heat. */
const PRESSURE_C = 115;
const LOW_OVEN_C = 93;
/** A piece comes so many of its time constants behind the liquid. */
const LAG_TAUS = 1.2;

/** Sweated as a base, or cooked before, it rules nothing; nor does what goes in by the end of the others. */
const mayRule = (item: PlanItem, plan: Plan): boolean =>
  itemWork(item, "sweat") === undefined &&
  item.when.at !== "beforeEnd" &&
  item.when.at !== "offHeat" &&
  item.when.at !== "afterStrain" &&
  item.when.at !== "nextDay" &&
  outOf(item, plan)?.isBack !== false;

/**
 * What rules a dish: of all that is eaten and has an end, what reaches it last, by its cook value, its size
 * and when it goes in; the piece that the cook named, where one is. Null where nothing is judged: then the
 * heaviest of bones and meat leads.
 */
export function rulingItemId({ plan, kitchen }: SetPot, startLiquidKg: number): string | null {
  if (plan.end !== "served") return null;
  const named = plan.items.find((i) => i.id === plan.ruledBy);
  if (named !== undefined && usualTarget(named, plan) !== null) return named.id;
  const rate = cookRate(heldC({ plan, kitchen }));
  const judged = plan.items.flatMap((item) => {
    const target = mayRule(item, plan) ? eatenTarget(item, plan, kitchen, startLiquidKg) : null;
    if (target === null) return [];
    const lagMin = (LAG_TAUS * pieceTauOf(item, plan.pieceM)) / 60;
    const inMin = item.when.at === "after" ? item.when.min : 0;
    // By weight where two come to the same: the sum of it is what the dish is.
    return [{ item, min: inMin + lagMin + target.ideal.value / rate, kg: item.massKg }];
  });
  const last = judged.toSorted(
    (a, b) =>
      Number(b.item.when.at === "whenTender") - Number(a.item.when.at === "whenTender") ||
      b.min - a.min ||
      b.kg - a.kg,
  )[0];
  return last?.item.id ?? null;
}

function heldC({ plan: { heat }, kitchen }: Pick<SetPot, "plan" | "kitchen">): number {
  if (isSealed(heat)) return PRESSURE_C;
  return isOnRing(heat) ? simmerC(heat.vigour, kitchen.altitudeM) : LOW_OVEN_C;
}
