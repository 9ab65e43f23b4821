import { z } from "../units/zod";
import { ALLERGENS } from "./ingredient";

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
