import { SCHEMA_VERSION } from "../simulate/schema-version";
import { z } from "../units/zod";
import { COOLING_WAYS } from "../cool/ways";
import { SETS } from "../extraction/set";
import { VIGOURS } from "../heat/constants";
import { CROCK_SETTINGS } from "../heat/slow-cooker";
import { KitchenSchema } from "../simulate/kitchen-schema";
import { isIngredientId } from "../ingredient/catalogue";
import { PlanItemSchema, PlanSchema } from "../simulate/plan-schema";
import { AtMs, LEAST_KG, nameUpTo, textUpTo } from "../units/text-schema";
import { LIDS } from "../vessel/lid";

const Id = z.string().min(1).max(80);

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

/** Who read it: the cook by hand (also where nothing is said), or an instrument. */
const Source = z.enum(["hand", "instrument"]).optional();

/** Why a pot stood without heat, or open. */
export const INTERRUPTIONS = ["paused", "powerCut", "lidOff"] as const;
export type Interruption = (typeof INTERRUPTIONS)[number];

/** What a taste can be short of, or too much of. */
export const TASTES = ["right", "dull", "salty", "sweet", "sharp", "hot", "thin", "thick"] as const;
export type Taste = (typeof TASTES)[number];

/** How it was liked once it was eaten, the least first. */
export const LIKINGS = ["notAgain", "allRight", "good", "best"] as const;
export type Liking = (typeof LIKINGS)[number];

/** What the fork says. */
export const CHECKS = ["notYet", "nearly", "tender", "tooSoft"] as const;
export type Check = (typeof CHECKS)[number];

/** What becomes of marrow, and of the rest that stays in the sieve. */
export const MARROWS = ["into", "apart", "left"] as const;
export type Marrow = (typeof MARROWS)[number];
export const SOLIDS_FATES = ["eaten", "returned", "frozen", "fed", "thrown"] as const;
export type SolidsFate = (typeof SOLIDS_FATES)[number];

/** How a strained stock looks against the light. */
export const CLARITIES = ["clear", "hazy", "cloudy"] as const;
export type Clarity = (typeof CLARITIES)[number];
export const COLOURS = ["pale", "golden", "amber", "brown"] as const;
export type Colour = (typeof COLOURS)[number];

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
  /** Left behind on purpose with the grit, L. */
  leftL: z.number().min(0).max(20).optional(),
  /** What became of the marrow. */
  marrow: z.enum(MARROWS).optional(),
  /** Nobody measured it: it is what was reckoned. */
  isReckoned: z.literal(true).optional(),
});

/** How a pot is chilled: all of it, in so many of a vessel or tray, from fromC on. */
export const ChillSchema = z.object({
  containerId: Id,
  count: z.number().int().min(1).max(200),
  massKg: z.number().min(LEAST_KG).max(500),
  fromC: z.number().min(5).max(110),
  isThick: z.boolean(),
  stages: z
    .array(z.object({ way: z.enum(COOLING_WAYS), min: z.number().min(0).max(1440) }))
    .min(1)
    .max(4),
});
export type Chill = z.infer<typeof ChillSchema>;

const base = {
  id: Id,
  batchId: Id,
  atMs: AtMs,
  schemaVersion: z.literal(SCHEMA_VERSION),
  /** Beside the wall's clock, one that only counts on, ms, while its page lives: a wall clock can be set. */
  clock: z.object({ page: Id, monoMs: z.number().min(0).max(1e13) }).optional(),
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
    massKg: z.number().min(LEAST_KG).max(200),
  }),
  /** Something else is taken instead of what was planned. */
  z.object({
    ...base,
    kind: z.literal("swapped"),
    itemId: Id,
    ingredientId: z.string().refine(isIngredientId, "This is not in the catalogue of ingredients."),
    massKg: z.number().min(LEAST_KG).max(200),
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
    /** In a slow cooker, LOW or HIGH. */
    setting: z.enum(CROCK_SETTINGS).optional(),
    /** In an oven, its temperature, °C. */
    ovenC: z.number().min(80).max(350).optional(),
    /** The stretch of the plan's heat that begins with it. */
    stretchId: Id.optional(),
  }),
  z.object({ ...base, kind: z.literal("read"), reading: ReadingSchema, source: Source }),
  /** Temperature of the liquid, or of the middle of a piece, °C. */
  z.object({
    ...base,
    kind: z.literal("temperature"),
    where: z.enum(["liquid", "piece"]),
    tempC: z.number().min(-30).max(150),
    source: Source,
  }),
  /** Without heat or lid from one moment to another; `untilMs` is null while it lasts. */
  z.object({
    ...base,
    kind: z.literal("interrupted"),
    why: z.enum(INTERRUPTIONS),
    fromMs: AtMs,
    untilMs: AtMs.nullable(),
    /** Nobody knows how long: `fromMs` is when it was last seen with its heat on. */
    isUnknown: z.boolean().optional(),
  }),
  /** Heat or lid is back: ends the interruption that lasts. */
  z.object({ ...base, kind: z.literal("resumed") }),
  /** One tasting round. */
  z.object({
    ...base,
    kind: z.literal("tasted"),
    who: textUpTo(40).default(""),
    tastes: z.array(z.enum(TASTES)).min(1).max(TASTES.length),
    /** Cooled on the spoon to the heat it is eaten at. */
    isAtEatingHeat: z.boolean(),
    text: textUpTo(2000).default(""),
  }),
  z.object({ ...base, kind: z.literal("checked"), itemId: Id, how: z.enum(CHECKS) }),
  /** Part of an ingredient is kept apart, to go in by itself. */
  z.object({
    ...base,
    kind: z.literal("split"),
    itemId: Id,
    intoId: Id,
    massKg: z.number().min(LEAST_KG).max(200),
  }),
  /** It was planned and does not go in. */
  z.object({ ...base, kind: z.literal("leftOut"), itemId: Id }),
  z.object({ ...base, kind: z.literal("ladledOut"), volumeL: z.number().positive().max(100) }),
  z.object({ ...base, kind: z.literal("pouredBack"), volumeL: z.number().positive().max(100) }),
  z.object({
    ...base,
    kind: z.literal("did"),
    what: z.string().min(1).max(120),
  }),
  z.object({
    ...base,
    kind: z.literal("noted"),
    text: nameUpTo(2000),
  }),
  z.object({ ...base, kind: z.literal("offHeat") }),
  z.object({ ...base, kind: z.literal("strained"), measured: StrainedSchema }),
  z.object({
    ...base,
    kind: z.literal("fatLifted"),
    fatKg: z.number().min(0).max(50),
  }),
  z.object({ ...base, kind: z.literal("setJudged"), set: z.enum(SETS) }),
  z.object({
    ...base,
    kind: z.literal("looked"),
    clarity: z.enum(CLARITIES).optional(),
    colour: z.enum(COLOURS).optional(),
  }),
  z.object({ ...base, kind: z.literal("solids"), fate: z.enum(SOLIDS_FATES) }),
  /** After straining: boiled down on to so much, cold litres. */
  z.object({ ...base, kind: z.literal("reducedTo"), volumeL: z.number().positive().max(500) }),
  /** After straining: salt, a thickener, gelatin, meat, water or ice stirred in. */
  z.object({
    ...base,
    kind: z.literal("stirredIn"),
    ingredientId: z.string().refine(isIngredientId, "This is not in the catalogue of ingredients."),
    massKg: z.number().min(LEAST_KG).max(200),
  }),
  /** What is eaten of the solids is kept apart from the liquid, so much of it; replaces what was said before. */
  z.object({ ...base, kind: z.literal("keptApart"), massKg: z.number().min(0).max(500) }),
  /** Poured hot into another pot: so much of what came through the sieve. */
  z.object({
    ...base,
    kind: z.literal("handedOn"),
    toBatchId: Id,
    massKg: z.number().min(LEAST_KG).max(500),
  }),
  /** Chilling begins: in what, and by which stages. Replaces what was begun before. */
  z.object({ ...base, kind: z.literal("chillBegun"), chill: ChillSchema }),
  z.object({ ...base, kind: z.literal("chillRead"), tempC: z.number().min(-20).max(110) }),
  z.object({ ...base, kind: z.literal("chilled") }),
  /** The wall clock was set by so much: what was written before moves along with it. */
  z.object({
    ...base,
    kind: z.literal("clockSet"),
    shiftMs: z.number().int().min(-3.2e12).max(3.2e12),
    /** Seen to be set, or assumed since the clock stood before the last entry. */
    isAssumed: z.boolean().default(false),
  }),
  z.object({ ...base, kind: z.literal("finished") }),
  /** How it was liked; what is said later counts. */
  z.object({ ...base, kind: z.literal("liked"), how: z.enum(LIKINGS) }),
  z.object({ ...base, kind: z.literal("undo"), eventId: Id }),
]);
export type CookEvent = z.infer<typeof CookEventSchema>;
/** An event by itself, before it belongs to a pot. */
export type EventBody = CookEvent extends infer E
  ? E extends CookEvent
    ? Omit<E, "id" | "batchId" | "schemaVersion">
    : never
  : never;

/**
 * A pot cooked for practice: its clock runs `speed` times as fast as the real one, and its true pot is
 * drawn from the seed. At `realMs` on the real clock it was `potMs` for the pot.
 */
export const PracticeSchema = z.object({
  seed: z
    .number()
    .int()
    .min(0)
    .max(2 ** 31 - 1),
  speed: z.number().min(0).max(600),
  realMs: AtMs,
  potMs: AtMs,
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
