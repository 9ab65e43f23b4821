import { isIngredientId } from "../../ingredient/catalogue";
import { PlanItemSchema } from "../../simulate/plan-schema";
import { LEAST_KG, MOST_ITEM_KG } from "../../units/limits";
import { z } from "../../units/zod";
import { event, Id, PouredL, type EventOf } from "../event-base";
import { SALT_ROUNDS } from "./terms";

/** What is weighed into a pot, kg. */
export const InKg = z.number().min(LEAST_KG).max(MOST_ITEM_KG);
export const IngredientId = z
  .string()
  .refine(isIngredientId, "This is not in the catalogue of ingredients.");

/** What goes into a pot, and comes out of it before the sieve. */
export const POT = {
  added: event("added", { itemId: Id, massKg: InKg }),
  /** Something else is taken instead of what was planned. */
  swapped: event("swapped", { itemId: Id, ingredientId: IngredientId, massKg: InKg }),
  /** Something nobody had planned lies ready; an `added` event puts it in. */
  extra: event("extra", { item: PlanItemSchema }),
  /** Part of an ingredient is kept apart, to go in by itself. */
  split: event("split", { itemId: Id, intoId: Id, massKg: InKg }),
  /** It was planned and does not go in. */
  leftOut: event("leftOut", { itemId: Id }),
  /** Lifted out whole: a bundle, or a piece that is soft. */
  takenOut: event("takenOut", { itemId: Id }),
  putBack: event("putBack", { itemId: Id }),
  /** The water that the plan wants is in. */
  waterIn: event("waterIn", {}),
  toppedUp: event("toppedUp", { volumeL: PouredL }),
  ladledOut: event("ladledOut", { volumeL: PouredL }),
  pouredBack: event("pouredBack", { volumeL: PouredL }),
  /** No more salt at this round. */
  noSalt: event("noSalt", { round: z.enum(SALT_ROUNDS) }),
};
export type PotEvent = EventOf<typeof POT>;
