import { z } from "zod";
import { SETS } from "../extraction/set";
import { VIGOURS } from "../heat/constants";
import { KitchenSchema, SCHEMA_VERSION } from "../simulate/kitchen-schema";
import { isIngredientId } from "../ingredient/catalogue";
import { PlanItemSchema, PlanSchema } from "../simulate/plan-schema";
import { LIDS } from "../vessel/lid";

const Id = z.string().min(1).max(80);
const AtMs = z.number().int().min(0).max(8.64e15);

/** How a level was read. All lengths in m, volumes in L hot, weights in kg gross. */
export const READING_FORMS = [
  "liquidDepth",
  "fromRim",
  "belowTideMark",
  "volume",
  "potWeight",
] as const;
export type ReadingForm = (typeof READING_FORMS)[number];

export const ReadingSchema = z.object({
  form: z.enum(READING_FORMS),
  value: z.number().min(0).max(500),
});

/** What was measured at the sieve. One of volume or weight; a volume is cold unless tempC is given. */
export const StrainedSchema = z.object({
  volumeL: z.number().min(0).max(500).optional(),
  massKg: z.number().min(0).max(500).optional(),
  /** Of a dish: everything that is served, kg; massKg is then its liquid alone. */
  servedKg: z.number().min(0).max(500).optional(),
  tempC: z.number().min(0).max(110).default(15),
  passes: z.number().int().min(1).max(6),
  clothPasses: z.number().int().min(0).max(5),
  pressed: z.boolean(),
});

const base = {
  id: Id,
  batchId: Id,
  atMs: AtMs,
  schemaVersion: z.literal(SCHEMA_VERSION),
};

/** Everything that can happen to a pot. Events are only ever appended; `undo` takes one back. */
export const CookEventSchema = z.discriminatedUnion("kind", [
  z.object({ ...base, kind: z.literal("lit") }),
  z.object({ ...base, kind: z.literal("boils") }),
  z.object({ ...base, kind: z.literal("simmers") }),
  z.object({
    ...base,
    kind: z.literal("added"),
    itemId: Id,
    massKg: z.number().positive().max(200),
  }),
  /** Something else is taken instead of what was planned. */
  z.object({
    ...base,
    kind: z.literal("swapped"),
    itemId: Id,
    ingredientId: z.string().refine(isIngredientId, "This is not in the catalogue of ingredients."),
    massKg: z.number().positive().max(200),
  }),
  /** Something nobody had planned lies ready; an `added` event puts it in. */
  z.object({ ...base, kind: z.literal("extra"), item: PlanItemSchema }),
  z.object({
    ...base,
    kind: z.literal("toppedUp"),
    volumeL: z.number().positive().max(100),
  }),
  z.object({
    ...base,
    kind: z.literal("heatSet"),
    vigour: z.enum(VIGOURS),
    lid: z.enum(LIDS),
  }),
  z.object({ ...base, kind: z.literal("read"), reading: ReadingSchema }),
  z.object({
    ...base,
    kind: z.literal("did"),
    what: z.string().min(1).max(120),
  }),
  z.object({
    ...base,
    kind: z.literal("noted"),
    text: z.string().trim().min(1).max(2000),
  }),
  z.object({ ...base, kind: z.literal("offHeat") }),
  z.object({ ...base, kind: z.literal("strained"), measured: StrainedSchema }),
  z.object({
    ...base,
    kind: z.literal("fatLifted"),
    fatKg: z.number().min(0).max(50),
  }),
  z.object({ ...base, kind: z.literal("setJudged"), set: z.enum(SETS) }),
  z.object({ ...base, kind: z.literal("finished") }),
  z.object({ ...base, kind: z.literal("undo"), eventId: Id }),
]);
export type CookEvent = z.infer<typeof CookEventSchema>;

/** One pot being cooked or cooked: the plan and kitchen as they were when it began. */
export const BatchSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  id: Id,
  createdMs: AtMs,
  plan: PlanSchema,
  kitchen: KitchenSchema,
});
export type Batch = z.infer<typeof BatchSchema>;

/** What came out of a batch, as far as it was measured. */
export const ResultSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  batchId: Id,
  strainedMs: AtMs,
  strainedL: z.number().min(0),
  servedKg: z.number().min(0).nullable().default(null),
  passes: z.number().int(),
  clothPasses: z.number().int(),
  pressed: z.boolean(),
  fatKg: z.number().nullable(),
  set: z.enum(SETS).nullable(),
});
export type Result = z.infer<typeof ResultSchema>;
