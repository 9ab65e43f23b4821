import {
  DISH_SALT_G_KG,
  SALTY_BROTH_G_L,
  SALTY_DISH_G_KG,
  saltToAddG,
  SIPPING_SALT_G_L,
  toDilute,
} from "../seasoning/salt";
import { nameOf, valuesOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { eatenOf, goesInAfter } from "./eaten";

/** One thing that brings salt. */
export interface SaltFrom {
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
  /** Salt to add at the end for the target, g. */
  readonly addG: number;
  /** Unsalted liquid that brings it down to the target, L; 0 where it is not over. */
  readonly diluteL: number;
  readonly isSalty: boolean;
  /** How much saltier the liquid is at the end than at its start: what reducing does. */
  readonly concentrates: number;
  readonly portionG: number | null;
}

/** Salt through the whole pot, with everything that brings it (model section 14). */
export function saltOf(plan: Plan, trace: Trace): SaltOf {
  const from = plan.items
    .map((i) => ({ itemId: i.id, name: nameOf(i), saltG: i.massKg * valuesOf(i).saltGKg }))
    .filter((f) => f.saltG > 0.05)
    .sort((a, b) => b.saltG - a.saltG);
  const laterG = plan.items
    .filter(goesInAfter)
    .reduce((sum, i) => sum + i.massKg * valuesOf(i).saltGKg, 0);
  const eaten = eatenOf(plan, trace);
  const { unit } = eaten;
  const amount = unit === "L" ? eaten.liquidKg / COLD_DENSITY_KG_L : eaten.allKg;
  const saltG = trace.strained.saltG + laterG;
  const per = amount > 0 ? saltG / amount : 0;
  const usual = unit === "L" ? SIPPING_SALT_G_L : DISH_SALT_G_KG;
  const targetPer = plan.saltWantedGKg ?? usual.value;
  const salty = Math.max(targetPer, (unit === "L" ? SALTY_BROTH_G_L : SALTY_DISH_G_KG).value);
  const startL = (trace.points[0]?.liquidKg ?? 0) / COLD_DENSITY_KG_L;
  return {
    unit,
    amount,
    saltG,
    per,
    from,
    targetPer,
    addG: saltToAddG(saltG, amount, targetPer),
    diluteL: per > salty + 1e-9 ? toDilute(saltG, amount, targetPer) : 0,
    isSalty: per > salty + 1e-9,
    concentrates: trace.endLiquidL > 0 ? startL / trace.endLiquidL : 1,
    portionG: plan.serves === null ? null : per * plan.serves.eachKg,
  };
}

/** The same with only these in the pot: what lies on the counter yet is not tasted. */
export function saltInPot(salt: SaltOf, isIn: (itemId: string) => boolean): SaltOf {
  const allG = salt.from.reduce((sum, f) => sum + f.saltG, 0);
  const from = salt.from.filter((f) => isIn(f.itemId));
  const share = allG > 0 ? from.reduce((sum, f) => sum + f.saltG, 0) / allG : 1;
  const saltG = salt.saltG * share;
  const per = salt.per * share;
  const salty = Math.max(
    salt.targetPer,
    (salt.unit === "L" ? SALTY_BROTH_G_L : SALTY_DISH_G_KG).value,
  );
  const isSalty = per > salty + 1e-9;
  return {
    ...salt,
    from,
    saltG,
    per,
    isSalty,
    addG: saltToAddG(saltG, salt.amount, salt.targetPer),
    diluteL: isSalty ? toDilute(saltG, salt.amount, salt.targetPer) : 0,
    portionG: salt.portionG === null ? null : salt.portionG * share,
  };
}
