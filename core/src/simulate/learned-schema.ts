import { z } from "../units/zod";
import type { LearnedKind } from "./learned-kinds";

/** A factor as it is believed, in the logarithm, and from how many pots. */
const BeliefSchema = z.object({
  log: z.number().min(-5).max(5),
  sd: z.number().min(0).max(2),
  pots: z.int().min(0).max(1_000_000),
});
const FactorsSchema = z.object({
  /** Of what was cooked with here: "tall|ajar|gentle" or "ring1|tall", by ids; of work its kind. */
  things: z.record(z.string().max(260), BeliefSchema),
  /** What all things of the kitchen share, in units of each one's own spread before anything was learned. */
  kitchen: BeliefSchema,
});

/**
 * What the finished pots of a kitchen have taught, as factors on the defaults. It is worked out from the log
 * and kept with a pot as it was known when it was put on.
 */
export const LearnedSchema = z.object({
  steam: FactorsSchema,
  ring: FactorsSchema,
  /** How hot an oven or a slow cooker gets: "oven|oven", "crock|low"; not in pots from before it was learned. */
  hot: FactorsSchema.optional(),
  /** How long work takes; not in pots that were put on before it was learned. */
  work: FactorsSchema.optional(),
  /** How much gelatin bones give, by what they are; not in pots from before it was learned. */
  set: FactorsSchema.optional(),
  /** How much liquid solids keep, by what they mostly are; not in pots from before it was learned. */
  kept: FactorsSchema.optional(),
  /** How much cooking it takes to be tender, by its end; not in pots from before it was learned. */
  tender: FactorsSchema.optional(),
  /** How fast things cool, by container and way: "tall|sink"; not in pots from before it was learned. */
  cooling: FactorsSchema.optional(),
  /** How salty and how thick it was wanted, by kind of pot; not in pots from before that. */
  salt: FactorsSchema.optional(),
  body: FactorsSchema.optional(),
} satisfies Record<LearnedKind, z.ZodType>);
export type LearnedFactors = z.infer<typeof LearnedSchema>;
