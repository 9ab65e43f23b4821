import { SALTY_BROTH_G_L, SALTY_DISH_G_KG, saltToAddG, toDilute } from "../seasoning/salt";
import type { Kitchen } from "../simulate/kitchen-schema";
import { nameOf, valuesOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { eatenOf, goesInAfter } from "./eaten";
import { saltLiked, saltWanted } from "./wanted";

/** One thing that brings salt. */
interface SaltFrom {
  readonly itemId: string;
  readonly name: string;
  readonly saltG: number;
}

/** The salt of a whole pot. A litre of broth, or a kilogram of a dish, is what a figure is "per". */
export interface SaltOf {
  readonly unit: "L" | "kg";
  /** What is left to eat, L or kg, and the salt in it, g. */
  readonly amount: number;
  readonly saltG: number;
  readonly per: number;
  readonly from: readonly SaltFrom[];
  readonly targetPer: number;
  /** How salty such pots were wanted here; null where none was tasted. */
  readonly likedPer: number | null;
  /** Salt to add at the end for the target, g. */
  readonly addG: number;
  /** Unsalted liquid that brings it down to the target, L; 0 where it is not over. */
  readonly diluteL: number;
  readonly isSalty: boolean;
  /** How much saltier the liquid is at the end than at its start: what reducing does. */
  readonly concentrates: number;
  /** A portion, L or kg, and the salt in it, g; null where nobody counted. */
  readonly eachKg: number | null;
  readonly portionG: number | null;
}

/**
 * Salt through the whole pot, with everything that brings it (docs/method.md, “The whole dish”), against what is wanted in
 * this kitchen.
 */
export function saltOf(plan: Plan, kitchen: Pick<Kitchen, "learned">, trace: Trace): SaltOf {
  const from = plan.items
    .map((i) => ({ itemId: i.id, name: nameOf(i), saltG: i.massKg * valuesOf(i).saltGKg }))
    .filter((f) => f.saltG > 0.05)
    .sort((a, b) => b.saltG - a.saltG);
  const eaten = eatenOf(plan, trace);
  const { unit } = eaten;
  const startL = (trace.points[0]?.liquidKg ?? 0) / COLD_DENSITY_KG_L;
  const fixed = {
    unit,
    amount: unit === "L" ? eaten.liquidKg / COLD_DENSITY_KG_L : eaten.allKg,
    targetPer: saltWanted(plan, kitchen),
    likedPer: saltLiked(plan, kitchen),
    concentrates: trace.endLiquidL > 0 ? startL / trace.endLiquidL : 1,
    eachKg: plan.serves?.eachKg ?? null,
  };
  return judged(fixed, from, saltInG(plan, trace));
}

/** Salt in all there is to eat, g. */
export const saltInG = (plan: Plan, trace: Trace): number =>
  plan.items
    .filter(goesInAfter)
    .reduce((sum, i) => sum + i.massKg * valuesOf(i).saltGKg, trace.strained.saltG);

/** The same with only these in the pot: what lies on the counter yet is not tasted. */
export function saltInPot(salt: SaltOf, isIn: (itemId: string) => boolean): SaltOf {
  const allG = salt.from.reduce((sum, f) => sum + f.saltG, 0);
  const from = salt.from.filter((f) => isIn(f.itemId));
  const share = allG > 0 ? from.reduce((sum, f) => sum + f.saltG, 0) / allG : 1;
  return judged(salt, from, salt.saltG * share);
}

/** So much salt in it, against what is wanted. */
function judged(
  { unit, amount, targetPer, likedPer, concentrates, eachKg }: Fixed,
  from: readonly SaltFrom[],
  saltG: number,
): SaltOf {
  const per = amount > 0 ? saltG / amount : 0;
  const salty = Math.max(targetPer, (unit === "L" ? SALTY_BROTH_G_L : SALTY_DISH_G_KG).value);
  const isSalty = per > salty + 1e-9;
  return {
    unit,
    amount,
    saltG,
    per,
    from,
    targetPer,
    likedPer,
    addG: saltToAddG(saltG, amount, targetPer),
    diluteL: isSalty ? toDilute(saltG, amount, targetPer) : 0,
    isSalty,
    concentrates,
    eachKg,
    portionG: eachKg === null ? null : per * eachKg,
  };
}
type Fixed = Pick<SaltOf, "unit" | "amount" | "targetPer" | "likedPer" | "concentrates" | "eachKg">;
