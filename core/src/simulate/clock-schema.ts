import { IMPORTANCE } from "./importance";
import { SCHEMA_VERSION } from "./schema-version";
import { z } from "../units/zod";
import { nameUpTo } from "../units/text-schema";

const Id = z.string().min(1).max(200);
const Moment = z.iso.datetime({ offset: true });
const unique = (items: readonly { id: string }[]) =>
  new Set(items.map((i) => i.id)).size === items.length;

/** Something beside the pots that is cooked for a meal: so much work, then so long by itself. */
export const SideSchema = z.object({
  id: Id,
  name: nameUpTo(60),
  handsMin: z.number().int().min(0).max(600),
  /** By itself on a ring, or without one, min. */
  restMin: z.number().int().min(0).max(1440).default(0),
  onRing: z.boolean().default(false),
});
export type Side = z.infer<typeof SideSchema>;

/** A pot that is cooked before its day: which, and in what it is made hot again, its own pot where nothing is said. */
const AheadSchema = z.object({ planId: Id, vesselId: Id.optional() });

/** A meal: when, for how many, and what is on the table. */
export const MealSchema = z.object({
  id: Id,
  name: nameUpTo(80),
  at: Moment,
  eaters: z.number().int().min(1).max(5000).nullable().default(null),
  planIds: z.array(Id).max(12),
  /** Of these, what is cooked the day before or earlier, chilled, and made hot again. */
  ahead: z.array(AheadSchema).max(12).optional(),
  sides: z.array(SideSchema).max(20).refine(unique, "Two have the same id.").default([]),
  serveMin: z.number().int().min(0).max(240).default(15),
  importance: z.enum(IMPORTANCE).default("usual"),
});
export type Meal = z.infer<typeof MealSchema>;

/** A pot for no meal: stock for the freezer. */
export const LoosePotSchema = z.object({
  planId: Id,
  /** Ready by then; whenever there is room where nothing is said. */
  by: Moment.nullable().default(null),
  notBefore: Moment.nullable().default(null),
  onlyOvernight: z.boolean().default(false),
  /** The pot that was put on for it: once that is strained, this is over. */
  batchId: Id.nullable().default(null),
});
export type LoosePot = z.infer<typeof LoosePotSchema>;

/** What shall be cooked when, and what was put where by hand. Of one kitchen there is one. */
export const ClockSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  /** Time zone of the IANA list; the machine's own where none is named. */
  timeZone: z.string().min(1).max(60).optional(),
  meals: z.array(MealSchema).max(40).refine(unique, "Two meals have the same id.").default([]),
  loose: z.array(LoosePotSchema).max(60).default([]),
  /** Blocks of work that stay where they were put. */
  pins: z
    .array(z.object({ blockId: Id, at: Moment }))
    .max(200)
    .default([]),
  /** Blocks of work that are done already, before their pot is on. */
  done: z
    .array(z.object({ blockId: Id, at: Moment }))
    .max(600)
    .default([]),
  /** Tasks that are given so many minutes. */
  lengths: z
    .array(z.object({ taskId: Id, min: z.number().int().min(1).max(4320) }))
    .max(200)
    .default([]),
});
export type Clock = z.infer<typeof ClockSchema>;
