import { SCHEMA_VERSION } from "./schema-version";
import { OwnCodeSchema } from "../cool/own-code-schema";
import { z } from "../units/zod";
import { COOLING_CODES } from "../cool/codes";
import { OvenSchema } from "../heat/oven-schema";
import { RingSchema } from "../heat/ring-schema";
import { nameUpTo } from "../units/text-schema";
import { StoreContainerSchema } from "../vessel/store-container";
import { VesselSchema } from "../vessel/vessel-schema";
import { OwnIngredientSchema } from "../ingredient/own-ingredient";
import { HandSchema, RunsAloneSchema, WindowSchema } from "./hands-schema";
import { DailyUseSchema } from "./keeping-words";
import { FREEZER_SCHOOLS } from "./freezer-school";
import { LearnedSchema } from "./learned-schema";
import { TeachingSchema } from "./teaching-schema";

const unique = (items: readonly { id: string }[]) =>
  new Set(items.map((i) => i.id)).size === items.length;

/** A kitchen: where it is and what stands in it. */
export const KitchenSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  id: z.string().min(1).max(80),
  name: nameUpTo(80),
  altitudeM: z.number().min(-430).max(5500),
  units: z.enum(["metric", "us", "both"]),
  waterC: z.number().min(0).max(40).default(12),
  roomC: z.number().min(-10).max(45).default(22),
  vessels: z.array(VesselSchema).max(60).refine(unique, "Two vessels have the same id."),
  rings: z.array(RingSchema).max(20).refine(unique, "Two rings have the same id."),
  ovens: z.array(OvenSchema).max(10).refine(unique, "Two ovens have the same id.").default([]),
  /** Who cooks here; one pair of hands where nobody is named. */
  hands: z.array(HandSchema).max(20).refine(unique, "Two have the same id.").default([]),
  runsAlone: RunsAloneSchema.default({ slowCooker: true, oven: false, electricPressure: false }),
  /** What this kitchen cooks with that is not in the catalogue. */
  ownIngredients: z
    .array(OwnIngredientSchema)
    .max(200)
    .refine(unique, "Two ingredients have the same id.")
    .default([]),
  /** What is in the house, by ingredient. */
  onHand: z
    .array(
      z.object({ ingredientId: z.string().min(1).max(80), massKg: z.number().min(0).max(500) }),
    )
    .max(300)
    .default([]),
  /** What a kilogram costs here, in the kitchen's own money. */
  prices: z
    .array(
      z.object({ ingredientId: z.string().min(1).max(80), perKg: z.number().min(0).max(10000) }),
    )
    .max(300)
    .default([]),
  /** What portions are kept in. */
  containers: z
    .array(StoreContainerSchema)
    .max(60)
    .refine(unique, "Two containers have the same id.")
    .default([]),
  /** Room for portions in the freezer, L; null where nobody measured it. */
  freezerL: z.number().min(0).max(20_000).nullable().default(null),
  /** Room that is kept for stock in the fridge, L; where nothing is said there is room for all of it. */
  fridgeL: z.number().min(0).max(5000).nullable().optional(),
  /** When nothing is chopped, fried or blended here: others sleep. What simmers goes on. */
  quiet: z.array(WindowSchema).max(60).optional(),
  /** How long stock is held to be at its best frozen. */
  freezerSchool: z.enum(FREEZER_SCHOOLS).default("short"),
  /** Who takes of a stock every day. */
  dailyUses: z.array(DailyUseSchema).max(40).refine(unique, "Two have the same id.").default([]),
  /** Whose rule for chilling this kitchen goes by. */
  coolingCode: z.enum(COOLING_CODES).default("us"),
  ownCode: OwnCodeSchema.nullable().default(null),
  currency: z.string().trim().max(8).default("€"),
  /** What the cook says to what the log teaches. */
  teaching: TeachingSchema.optional(),
  /** What the log has taught: worked out from it, and only ever stored with a pot that was put on with it. */
  learned: LearnedSchema.optional(),
});
export type Kitchen = z.infer<typeof KitchenSchema>;
