import { ingredientById } from "./catalogue";
import type { Ingredient } from "./ingredient";
import { one } from "./make";
import { wordsOf } from "./match-ingredient";
import type { OwnIngredient } from "./own-ingredient";

/** The kitchen's own ingredient of that name, one or many of it; undefined where it has none. */
export function ownNamed(name: string, own: readonly OwnIngredient[]): OwnIngredient | undefined {
  const wanted = wordsOf(name).join(" ");
  return own.find((o) => wordsOf(o.name).join(" ") === wanted);
}

/** What it cooks like; counted by its own weight where the kitchen knows it, never by another's. */
export function likenessOf({ likeId, eachKg }: OwnIngredient): Ingredient {
  const like = ingredientById(likeId);
  return { ...like, each: eachKg === undefined ? {} : { medium: one(eachKg * 1000) } };
}
