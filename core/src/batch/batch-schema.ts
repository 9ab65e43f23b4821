import { wholePower } from "../units/whole-power";
import { LESSON_IDS } from "./lesson-ids";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { Id } from "../events/event-base";
import { SETS } from "../extraction/set";
import { KitchenSchema } from "../simulate/kitchen-schema";
import { PlanSchema } from "../simulate/plan-schema";
import { AtMs } from "../units/text-schema";
import { z } from "../units/zod";

/**
 * A pot cooked for practice: its clock runs `speed` times as fast as the real one, and its true pot is
 * drawn from the seed. At `realMs` on the real clock it was `potMs` for the pot.
 */
export const PracticeSchema = z.object({
  seed: z
    .number()
    .int()
    .min(0)
    .max(wholePower(2, 31) - 1),
  speed: z.number().min(0).max(600),
  realMs: AtMs,
  potMs: AtMs,
  /** The lesson it is: what goes wrong in it. */
  lesson: z.enum(LESSON_IDS).optional(),
});
export type Practice = z.infer<typeof PracticeSchema>;

/** One pot being cooked or cooked: the plan and kitchen as they were when it began. */
export const BatchSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  id: Id,
  createdMs: AtMs,
  plan: PlanSchema,
  kitchen: KitchenSchema,
  practice: PracticeSchema.optional(),
});
export type Batch = z.infer<typeof BatchSchema>;

/** What came out of a batch, as far as it was measured. */
export const ResultSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  batchId: Id,
  strainedMs: AtMs,
  strainedL: z.number().min(0),
  servedKg: z.number().min(0).nullable().default(null),
  /** Nobody measured it: nothing can be learned from it. */
  isReckoned: z.boolean().default(false),
  passes: z.number().int(),
  clothPasses: z.number().int(),
  pressed: z.boolean(),
  fatKg: z.number().nullable(),
  set: z.enum(SETS).nullable(),
});
export type Result = z.infer<typeof ResultSchema>;
