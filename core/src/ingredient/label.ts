import { z } from "zod";
import { ALLERGENS, type Allergen, type Ingredient } from "./ingredient";
import { traitsOf } from "./traits";

const perKg = z.number().min(0).max(1000);

/** What a packet's label says, where it differs from the catalogue. All g are per kg of product. */
export const LabelSchema = z.object({
  saltGKg: perKg.optional(),
  fatGKg: perKg.optional(),
  sugarGKg: perKg.optional(),
  /** How it thickens, as g of wheat flour. */
  starchGKg: z.number().min(0).max(3000).optional(),
  waterShare: z.number().min(0).max(1).optional(),
  /** Alcohol by volume, 0–1. */
  alcoholShare: z.number().min(0).max(1).optional(),
  gelatinGKg: perKg.optional(),
  allergens: z.array(z.enum(ALLERGENS)).max(ALLERGENS.length).optional(),
  /** What a stock or sauce was made of, by ingredient: eaters and animals are screened for all of it. */
  madeOf: z.array(z.string().min(1).max(80)).max(120).optional(),
  /** Of what it was made of, what is composed and nobody has read the label of. */
  unread: z.array(z.string().min(1).max(80)).max(120).optional(),
  /** True where the packet says that nothing of animals is in it. */
  isPlant: z.boolean().optional(),
  /** What one packet holds, kg. */
  packKg: z.number().positive().max(50).optional(),
});
export type Label = z.infer<typeof LabelSchema>;

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
