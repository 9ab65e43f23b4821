import { LabelSchema } from "./label-schema";
import { z } from "../units/zod";
import { nameUpTo } from "../units/text-schema";
import { isIngredientId } from "./catalogue";

/** An ingredient of this kitchen's own: it cooks like the one it is most like; its label says what differs. */
export const OwnIngredientSchema = z.object({
  id: z.string().min(1).max(80),
  name: nameUpTo(60),
  likeId: z.string().refine(isIngredientId, "This is not in the catalogue of ingredients."),
  label: LabelSchema.optional(),
  /** What has to come out before serving, one of it: "a stalk". */
  takeOut: nameUpTo(40).optional(),
  /** What one of it weighs, kg, where it is counted. */
  eachKg: z.number().positive().max(50).optional(),
});
export type OwnIngredient = z.infer<typeof OwnIngredientSchema>;
