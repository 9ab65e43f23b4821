import { traitsOf } from "../ingredient/traits";
import { ingredientOf, isLoose, isOffBones } from "../simulate/item-facts";
import { outOf } from "../simulate/out-of";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { COLD_DENSITY_KG_L } from "../water/properties";

/** Goes in when the pot is off the heat and strained, or the next day: it never simmered with the rest. */
export const goesInAfter = ({ when }: PlanItem): boolean =>
  when.at === "afterStrain" || when.at === "nextDay";

/** Shell and bone that is still on it when it is served, kg. */
const shellKg = (item: PlanItem): number =>
  isOffBones(item) ? 0 : item.massKg * (traitsOf(item.ingredientId).uneatenShare ?? 0);

/** What is left to eat or drink, kg: the strained liquid, or everything in the pot. */
export interface Eaten {
  readonly liquidKg: number;
  readonly solidsKg: number;
  readonly allKg: number;
  /** What a portion is counted in: litres of a strained liquid, kilograms of a dish. */
  readonly unit: "L" | "kg";
  readonly portions: number | null;
  readonly eachKg: number | null;
}

/** Bones and shells are left on the plate, unless what was on them was taken off and put back. */
export const isEaten = (item: PlanItem, plan: Plan): boolean =>
  isOffBones(item) || (ingredientOf(item).group !== "bones" && outOf(item, plan)?.isBack !== false);

/**
 * What there is to eat: of a strained pot the liquid with what is put in after straining, of a dish all
 * but bones and what was lifted out for good.
 */
export function eatenOf(plan: Plan, trace: Trace): Eaten {
  const after = plan.items.filter(goesInAfter);
  const looseAfterKg = after
    .filter((i) => isLoose(ingredientOf(i)))
    .reduce((sum, i) => sum + i.massKg, 0);
  const liquidKg = trace.strained.liquidKg + looseAfterKg;
  const ends = new Map(trace.items.map((i) => [i.itemId, i.endKg]));
  const inPotKg =
    plan.end === "strained"
      ? 0
      : plan.items
          .filter((i) => isEaten(i, plan))
          .reduce((sum, i) => sum + (ends.get(i.id) ?? 0) - shellKg(i), 0);
  const afterKg = after.reduce((sum, i) => sum + i.massKg, 0) - looseAfterKg;
  const solidsKg = inPotKg + afterKg;
  const unit = plan.end === "strained" ? "L" : "kg";
  const allKg = liquidKg + solidsKg;
  const amount = unit === "L" ? liquidKg / COLD_DENSITY_KG_L : allKg;
  const { serves } = plan;
  return {
    liquidKg,
    solidsKg,
    allKg,
    unit,
    portions: serves === null ? null : amount / serves.eachKg,
    eachKg: serves?.eachKg ?? null,
  };
}

/** Of the solids of a pot what one would eat, kg: neither bones nor spice. */
export function eatenSolidsKg(plan: Plan, trace: Trace): number {
  const ends = new Map(trace.items.map((i) => [i.itemId, i.endKg]));
  return plan.items
    .filter((i) => isEaten(i, plan) && ingredientOf(i).group !== "aromatic")
    .reduce((sum, i) => sum + (ends.get(i.id) ?? 0), 0);
}

/** Liquid in what was weighed at the table, kg: all of it less the solids as reckoned. */
export const liquidOfServedKg = (servedKg: number, eaten: Eaten): number =>
  Math.max(0, servedKg - eaten.solidsKg);
