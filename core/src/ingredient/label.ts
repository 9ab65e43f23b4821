import type { Allergen, Ingredient } from "./ingredient";
import type { Label } from "./label-schema";
import { traitsOf } from "./traits";

/**
 * Ids of what is composed in something and nobody has read the label of. Where it was made of things but
 * nobody noted which labels were read, all that are composed among them.
 */
export const unreadOf = ({ unread, madeOf }: Pick<Label, "unread" | "madeOf">): readonly string[] =>
  unread ?? (madeOf ?? []).filter((id) => traitsOf(id).isComposed === true);

/** What a kilogram of something brings into the pot. */
export interface LabelValues {
  readonly saltGKg: number;
  readonly fatGKg: number;
  readonly sugarGKg: number;
  readonly starchGKg: number;
  readonly waterShare: number;
  readonly alcoholShare: number;
  readonly gelatinGKg: number;
  readonly allergens: readonly Allergen[];
  /** Sizes it is sold in, kg; empty where it is sold loose. */
  readonly packsKg: readonly number[];
}

/** The label's own values, and the catalogue's where the label is silent. */
export function labelValues(ingredient: Ingredient, label?: Label): LabelValues {
  const traits = traitsOf(ingredient.id);
  return {
    saltGKg: label?.saltGKg ?? ingredient.saltGKg?.value ?? 0,
    fatGKg: label?.fatGKg ?? traits.fatGKg ?? 0,
    sugarGKg: label?.sugarGKg ?? traits.sugarGKg ?? 0,
    starchGKg: label?.starchGKg ?? traits.starchGKg ?? 0,
    waterShare: label?.waterShare ?? ingredient.waterShare.value,
    alcoholShare: label?.alcoholShare ?? ingredient.alcoholShare?.value ?? 0,
    gelatinGKg: label?.gelatinGKg ?? traits.solubleGelatinGKg ?? 0,
    allergens: label?.allergens ?? ingredient.allergens,
    packsKg: label?.packKg === undefined ? (traits.packsKg ?? []) : [label.packKg],
  };
}
