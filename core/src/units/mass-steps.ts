import type { UnitSystem } from "./show";
import { OUNCE_KG } from "./us-measures";

const GRAM_KG = 0.001;
const STEPS = {
  metric: [1, 5, 10, 50, 100, 500, 1000, 5000].map((g) => g * GRAM_KG),
  us: [1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 16, 32, 160].map((oz) => oz * OUNCE_KG),
};
/** A step is at most so much of what there is. */
const MOST_SHARE = 1 / 4;

/**
 * The next rounder weight up or down, kg, in steps that a cook would take of so much: half a kilogram of
 * three, a pound of seven. Never down to nothing: the smallest step stays.
 */
export function massStepped(
  massKg: number,
  by: -1 | 1,
  system: Exclude<UnitSystem, "both">,
): number {
  const steps = STEPS[system];
  const stepKg = steps.findLast((s) => s <= massKg * MOST_SHARE + TINY_KG) ?? steps[0] ?? GRAM_KG;
  const along = massKg / stepKg;
  const next = by > 0 ? Math.floor(along + SAME) + 1 : Math.ceil(along - SAME) - 1;
  // To a milligram: what is kept is what a scale could say.
  return Number((Math.max(1, next) * stepKg).toFixed(6));
}

/** So close to a step it stands on it. */
const SAME = 1e-6;
const TINY_KG = 1e-9;
