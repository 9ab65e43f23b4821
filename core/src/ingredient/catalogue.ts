import { Problem } from "../units/problem";
import { BONES } from "./catalogue-bones";
import { FISHES, MEATS } from "./catalogue-meat-fish";
import { ACIDS, DAIRY, FATS, LIQUIDS, SALTS, STARCHES, SWEETS } from "./catalogue-pantry";
import { AROMATICS, DRIEDS, GRAINS, PULSES, VEGETABLES } from "./catalogue-plants";
import { READY_MADE } from "./catalogue-ready-made";
import type { Ingredient } from "./ingredient";

/** Everything that can go into a pot, in the order it is offered. */
export const CATALOGUE: readonly Ingredient[] = [
  ...BONES,
  ...MEATS,
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

/** Entries whose name or other words begin with, then contain, the text; best first. */
export function findIngredients(text: string): readonly Ingredient[] {
  const wanted = text.trim().toLowerCase();
  if (wanted === "") return CATALOGUE;
  const rank = (i: Ingredient): number => {
    const words = [i.name.toLowerCase(), ...i.alsoCalled];
    if (words.some((w) => w === wanted)) return 0;
    if (words.some((w) => w.startsWith(wanted))) return 1;
    if (words.some((w) => w.split(/[ ,]+/).some((part) => part.startsWith(wanted)))) return 2;
    return words.some((w) => w.includes(wanted)) ? 3 : 4;
  };
  return CATALOGUE.map((i) => ({ i, r: rank(i) }))
    .filter(({ r }) => r < 4)
    .sort((a, b) => a.r - b.r)
    .map(({ i }) => i);
}
