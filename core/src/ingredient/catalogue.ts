import { Problem } from "../units/problem";
import { BONES } from "./catalogue-bones";
import { FISHES, MEATS } from "./catalogue-meat-fish";
import { ACIDS, DAIRY, FATS, LIQUIDS, SALTS, STARCHES, SWEETS } from "./catalogue-pantry";
import { AROMATICS, DRIEDS, GRAINS, PULSES, VEGETABLES } from "./catalogue-plants";
import { POULTRY } from "./catalogue-poultry";
import { READY_MADE } from "./catalogue-ready-made";
import type { Ingredient } from "./ingredient";

/** Everything that can go into a pot, in the order it is offered. */
export const CATALOGUE: readonly Ingredient[] = [
  ...BONES,
  ...MEATS,
  ...POULTRY,
  ...FISHES,
  ...VEGETABLES,
  ...AROMATICS,
  ...PULSES,
  ...GRAINS,
  ...DRIEDS,
  ...LIQUIDS,
  ...ACIDS,
  ...SALTS,
  ...STARCHES,
  ...DAIRY,
  ...FATS,
  ...SWEETS,
  ...READY_MADE,
];

const BY_ID: ReadonlyMap<string, Ingredient> = new Map(CATALOGUE.map((i) => [i.id, i]));

/**
 * The entry with this id.
 * @throws Problem `unknownReference`
 */
export function ingredientById(id: string): Ingredient {
  const found = BY_ID.get(id);
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "ingredientId",
      id,
      `"${id}" is not in the catalogue of ingredients.`,
    );
  return found;
}

/** True where the catalogue has this id. */
export const isIngredientId = (id: string): boolean => BY_ID.has(id);
