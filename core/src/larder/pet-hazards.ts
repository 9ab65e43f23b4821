import { ingredientById, isIngredientId } from "../ingredient/catalogue";
import { unreadOf } from "../ingredient/label";
import { hazardsAmong, hiddenAmong, type PetHazard } from "../ingredient/pet-hazards";
import { traitsOf } from "../ingredient/traits";
import type { Lot } from "./larder-schema";
import { isUnsalted } from "./lot-amounts";

/**
 * What in a lot harms cats and dogs, with why; salt and cooked bones too. A stock or dish of which nobody
 * said what it was made of is not trusted.
 */
export function petHazardsIn(
  lot: Pick<Lot, "label" | "ingredientId" | "kind">,
): readonly PetHazard[] {
  const { label, ingredientId, kind } = lot;
  const isRaw = kind === "rawBones" || kind === "rawMeat" || kind === "trimmings" || kind === "fat";
  if (label.madeOf === undefined && !isRaw)
    return [{ name: "What it is made of", why: "is not known: it may hold onion or salt" }];
  if (isRaw && ingredientId === null && label.madeOf === undefined)
    return [{ name: "What it is", why: "is not known by its name: put it in as what it is" }];
  const own =
    isRaw && ingredientId !== null && traitsOf(ingredientId).isOftenMeat !== true
      ? [ingredientId]
      : [];
  const contents = [...own, ...(label.madeOf ?? [])].filter(isIngredientId).map(ingredientById);
  return [
    ...hazardsAmong(contents),
    ...hiddenAmong(isRaw && label.madeOf === undefined ? own : unreadOf(label)),
    ...(isUnsalted(lot) ? [] : [{ name: "Salt", why: "none for animals" }]),
    ...(kind === "carcass"
      ? [{ name: "Cooked bones", why: "they splinter: never to animals" }]
      : []),
  ];
}
