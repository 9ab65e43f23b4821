import { SETS } from "../../extraction/set";
import { LEAST_KG } from "../../units/limits";
import { z } from "../../units/zod";
import { event, Id, type EventOf } from "../event-base";
import { IngredientId, InKg } from "../pot/schema";
import { CLARITIES, COLOURS, MARROWS, SOLIDS_FATES } from "./terms";

/** What was measured at the sieve. One of volume or weight; a volume is cold unless tempC is given. */
const StrainedSchema = z.object({
  volumeL: z.number().min(0).max(500).optional(),
  massKg: z.number().min(0).max(500).optional(),
  /** Of a dish: everything that is served, kg; massKg is then its liquid alone. */
  servedKg: z.number().min(0).max(500).optional(),
  tempC: z.number().min(0).max(110).default(15),
  passes: z.number().int().min(1).max(6),
  clothPasses: z.number().int().min(0).max(5),
  pressed: z.boolean(),
  /** Left behind on purpose with the grit, L. */
  leftL: z.number().min(0).max(20).optional(),
  /** What became of the marrow. */
  marrow: z.enum(MARROWS).optional(),
  /** Nobody measured it: it is what was reckoned. */
  isReckoned: z.literal(true).optional(),
});

/** What came through the sieve, and what is done to it then. */
export const SIEVE = {
  strained: event("strained", { measured: StrainedSchema }),
  fatLifted: event("fatLifted", { fatKg: z.number().min(0).max(50) }),
  setJudged: event("setJudged", { set: z.enum(SETS) }),
  looked: event("looked", {
    clarity: z.enum(CLARITIES).optional(),
    colour: z.enum(COLOURS).optional(),
  }),
  solids: event("solids", { fate: z.enum(SOLIDS_FATES) }),
  /** After straining: boiled down on to so much, cold litres. */
  reducedTo: event("reducedTo", { volumeL: z.number().positive().max(500) }),
  /** After straining: salt, a thickener, gelatin, meat, water or ice stirred in. */
  stirredIn: event("stirredIn", { ingredientId: IngredientId, massKg: InKg }),
  /** What is eaten of the solids is kept apart from the liquid, so much of it; replaces what was said before. */
  keptApart: event("keptApart", { massKg: z.number().min(0).max(500) }),
  /** Poured hot into another pot: so much of what came through the sieve. */
  handedOn: event("handedOn", { toBatchId: Id, massKg: z.number().min(LEAST_KG).max(500) }),
};
export type SieveEvent = EventOf<typeof SIEVE>;
