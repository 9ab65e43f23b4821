import { ingredientById, isIngredientId } from "./catalogue";
import type { Ingredient } from "./ingredient";
import { contentName, isOwnContent } from "./own-content";
import { traitsOf } from "./traits";

/** What harms cats and dogs, with why. */
export interface PetHazard {
  readonly name: string;
  readonly why: string;
}

/** What among these harms cats and dogs. */
export const hazardsAmong = (contents: readonly Ingredient[]): readonly PetHazard[] =>
  contents.flatMap(({ name, petHazard }) =>
    petHazard === undefined ? [] : [{ name, why: petHazard }],
  );

/** Of what nobody has read the label: a bundle or a ball of which nothing says what is in it; the kitchen's own. */
export const hiddenAmong = (unread: readonly string[]): readonly PetHazard[] => [
  ...unread
    .filter(isIngredientId)
    .map(ingredientById)
    .filter(
      (i) =>
        i.group === "aromatic" && traitsOf(i.id).isComposed === true && i.petHazard === undefined,
    )
    .map(({ name }) => ({ name, why: "nobody knows what is in it" })),
  ...unread
    .filter(isOwnContent)
    .map((id) => ({ name: contentName(id), why: "nobody has said that it is safe for them" })),
];
