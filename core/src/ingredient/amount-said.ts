import { either, kilos, litres, type Said } from "../units/said";
import { showMass, showVolume } from "../units/show";
import { US_TEASPOON_L } from "../units/us-measures";
import type { Ingredient } from "./ingredient";
import { pouredKgL } from "./poured";
import type { Amount } from "./read-amount";
import { countWords } from "./word-forms";

/** Less than half an ounce is not weighed on a kitchen's scale where ounces are read: it is spooned or counted. */
const SPOONED_KG = 0.0142;

interface Measured {
  readonly massKg: number;
  readonly counted?: Amount["counted"] | undefined;
}

/**
 * How much of an ingredient, as it is measured out: what pours by its volume, all else by its weight; in a
 * US kitchen the little of a spice by the spoon, the leaf, the berry.
 * @example inWords(amountSaid(ingredientById("peppercorn"), { massKg: 0.0025 }), "us") // "1 tsp"
 */
export function amountSaid(ingredient: Ingredient, { massKg, counted }: Measured): Said {
  if (ingredient.isLiquid) return [litres(massKg / ingredient.densityKgL.value)];
  const little = massKg > 0 && massKg < SPOONED_KG ? spooned(ingredient, massKg, counted) : null;
  return [little === null ? kilos(massKg) : either(showMass(massKg, "metric"), little)];
}

function spooned(
  { id, each }: Ingredient,
  massKg: number,
  counted: Measured["counted"],
): string | null {
  if (counted !== undefined) return countWords(counted.count, counted.word);
  const perL = each["tsp"] === undefined ? pouredKgL(id) : null;
  if (perL !== null) return showVolume(massKg / perL.value, "us");
  if (each["tsp"] !== undefined)
    return showVolume((massKg / each["tsp"].value) * US_TEASPOON_L, "us");
  const [word, one] = Object.entries(each).sort(([, a], [, b]) => a.value - b.value)[0] ?? [];
  return word === undefined || one === undefined
    ? null
    : countWords(Math.max(1, Math.round(massKg / one.value)), word);
}
