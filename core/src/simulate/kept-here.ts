import { exp } from "../units/same-math";
import { kitchenEstimate } from "../units/constant";
import { ingredientOf } from "./item-facts";
import type { Kitchen } from "./kitchen-schema";
import { factorOf, ofNext, type FactorHere } from "./learned";
import { SPREAD, type Parameters } from "./parameters";
import type { Plan } from "./plan-schema";

/** How much the same solids keep in one pot against the next: no log tells more of the next one. */
export const KEPT_NOISE = kitchenEstimate(
  "liquid kept by solids, one pot against the next",
  0.15,
  "log",
  "kitchen estimate",
);

/** What lies in the sieve mostly, by its ingredient; null where only liquids went in. */
export function keepsMost({ items }: Pick<Plan, "items">): string | null {
  const solids = items.filter((i) => ingredientOf(i).isLiquid !== true);
  return solids.toSorted((a, b) => b.massKg - a.massKg)[0]?.ingredientId ?? null;
}

type Known = Pick<Kitchen, "learned">;

/** How much liquid such solids keep here against the default; null where nothing is known of it. */
export function keptHere({ learned }: Known, plan: Pick<Plan, "items">): FactorHere | null {
  const solids = keepsMost(plan);
  return learned?.kept === undefined || solids === null
    ? null
    : factorOf(learned.kept, solids, SPREAD.leftOnSolids.value);
}

/** Spread of what such solids keep in this kitchen, one standard deviation of the logarithm. */
export const keptSigmaOf = (plan: Pick<Plan, "items">, kitchen: Known): number =>
  ofNext(keptHere(kitchen, plan), SPREAD.leftOnSolids.value, KEPT_NOISE.value);

/** The parameters of a pot, its solids keeping as much as they do here. */
export function withKeptHere(parameters: Parameters, plan: Plan, kitchen: Known): Parameters {
  const here = keptHere(kitchen, plan);
  return here === null
    ? parameters
    : { ...parameters, leftOnSolids: parameters.leftOnSolids * exp(here.mean) };
}
