import { LabelSchema } from "../ingredient/label-schema";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import { z } from "../units/zod";
import { PRODUCTS } from "../batch/product-kinds";
import { isIngredientId } from "../ingredient/catalogue";
import { AtMs, nameUpTo } from "../units/text-schema";
import { LEAST_KG } from "../units/limits";
import { STORE_KINDS } from "../vessel/store-container";
import { LARDER_KINDS, PLACES, WAYS_OUT, WHY_THROWN } from "./larder-words";

const Id = z.string().min(1).max(80);
const Count = z.number().int().min(1).max(10_000);

/** Several containers of one kind with the same in them: what a label says of each. */
export const LotSchema = z.object({
  id: Id,
  /** What is written on the lid, with the name. */
  code: nameUpTo(20),
  name: nameUpTo(80),
  kind: z.enum(LARDER_KINDS),
  /** The pot it is from; null where it was put in by hand. */
  batchId: Id.nullable().default(null),
  planId: Id.nullable().default(null),
  /** What of that pot it is, where its solids were kept apart from its liquid. */
  product: z.enum(PRODUCTS).optional(),
  /** What it is when a pot draws on it; null for what goes to the table as it is. */
  ingredientId: z
    .string()
    .refine(isIngredientId, "This is not in the catalogue of ingredients.")
    .nullable()
    .default(null),
  container: z.object({
    kind: z.enum(STORE_KINDS),
    name: nameUpTo(60),
    capacityL: z.number().positive().max(50),
  }),
  eachKg: z.number().min(LEAST_KG).max(100),
  isLiquid: z.boolean(),
  /** Of a dish, how much of it is no liquid, 0–1; unknown where nobody reckoned it. */
  solidsShare: z.number().min(0).max(1).optional(),
  /** When it was cooked, or came into the house raw. */
  madeMs: AtMs,
  /** What is dissolved in it, and what it was made of. */
  label: LabelSchema.default({}),
  isForAnimals: z.boolean().default(false),
  /** What a kilogram cost to make; null where prices were missing. */
  costPerKg: z.number().min(0).max(10_000).nullable().default(null),
});
export type Lot = z.infer<typeof LotSchema>;

const base = { id: Id, atMs: AtMs, schemaVersion: z.literal(SCHEMA_VERSION) };

/** Everything that happens in the larder. Events are only ever appended; `undo` takes one back. */
export const LarderEventSchema = z.discriminatedUnion("kind", [
  z.object({
    ...base,
    kind: z.literal("stored"),
    lot: LotSchema,
    count: Count,
    place: z.enum(PLACES),
    /** Since when it has stood there, where that is not the moment of writing. */
    sinceMs: AtMs.optional(),
  }),
  /** Part of a pot that never came to the shelves: eaten, fed, thrown away. */
  z.object({
    ...base,
    kind: z.literal("used"),
    batchId: Id,
    product: z.enum(PRODUCTS).optional(),
    massKg: z.number().min(LEAST_KG).max(500),
    out: z.enum(WAYS_OUT),
  }),
  z.object({
    ...base,
    kind: z.literal("taken"),
    lotId: Id,
    place: z.enum(PLACES),
    count: Count,
    out: z.enum(WAYS_OUT),
    why: z.enum(WHY_THROWN).optional(),
  }),
  z.object({ ...base, kind: z.literal("moved"), lotId: Id, from: z.enum(PLACES), count: Count }),
  /** A stock-take: so many are really there. */
  z.object({
    ...base,
    kind: z.literal("counted"),
    lotId: Id,
    place: z.enum(PLACES),
    count: z.number().int().min(0).max(10_000),
  }),
  z.object({ ...base, kind: z.literal("undo"), eventId: Id }),
]);
export type LarderEvent = z.infer<typeof LarderEventSchema>;

/** An event by itself, before it is written. */
export type LarderEventBody = LarderEvent extends infer E
  ? E extends LarderEvent
    ? Omit<E, "id" | "atMs" | "schemaVersion">
    : never
  : never;
