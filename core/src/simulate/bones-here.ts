import { exp } from "../units/same-math";
import type { SetPot } from "./set-pot";
import { kitchenEstimate } from "../units/constant";
import { ingredientOf } from "./item-facts";
import type { Kitchen } from "./kitchen-schema";
import { factorOf, ofNext, type FactorHere } from "./learned";
import { SPREAD, type Parameters } from "./parameters";
import type { Plan } from "./plan-schema";

/** How one pot of the same bones sets against the next: no log tells more of the next one. */
export const BONES_NOISE = kitchenEstimate(
  "bones, one lot against the next",
  0.16,
  "log",
  "kitchen estimate",
);

/** What gives a pot most of its gelatin, by its ingredient; null where nothing gives any. */
export function bonesOf({ items }: Pick<Plan, "items">): string | null {
  let [most, best]: [number, string | null] = [0, null];
  for (const item of items) {
    const gelatinG = item.massKg * (ingredientOf(item).gelatinGKg?.value ?? 0);
    if (gelatinG > most) [most, best] = [gelatinG, item.ingredientId];
  }
  return best;
}

/** How much gelatin such bones give here against the default; null where nothing is known of it. */
export function bonesHere(
  { learned }: Pick<Kitchen, "learned">,
  plan: Pick<Plan, "items">,
): FactorHere | null {
  if (learned?.set === undefined) return null;
  const bones = bonesOf(plan);
  return bones === null ? null : factorOf(learned.set, bones, SPREAD.extraction.value);
}

/** Spread of what such bones give in this kitchen, one standard deviation of the logarithm. */
export const bonesSigmaOf = ({ plan, kitchen }: SetPot): number =>
  ofNext(bonesHere(kitchen, plan), SPREAD.extraction.value, BONES_NOISE.value);

/** The parameters of a pot, its bones giving as they do here. */
export function withBonesHere(parameters: Parameters, { plan, kitchen }: SetPot): Parameters {
  const here = bonesHere(kitchen, plan);
  return here === null
    ? parameters
    : { ...parameters, extraction: parameters.extraction * exp(here.mean) };
}
