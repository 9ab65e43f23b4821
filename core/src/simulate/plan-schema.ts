import {
  EATERS,
  HOLD_MIN,
  LEAST_KG,
  MOST_ITEM_KG,
  MOULDS,
  RATION_DAYS,
  SALT_WANTED_G,
  WATER_PER_BONE,
} from "../units/limits";
import { MOST_BONE_SHARE } from "./bone-share";
import { HeatSchema, StretchHeatSchema } from "../heats/heat-schema";
import { LabelSchema } from "../ingredient/label-schema";
import { SCHEMA_VERSION } from "./schema-version";
import { z } from "../units/zod";
import { TARGET_IDS } from "../doneness/targets";
import { PieceSchema } from "../heat/piece-schema";
import { boilFirstMinOf, isRest, stretchOf } from "../heats/heat";
import { isIngredientId } from "../ingredient/catalogue";
import { WorkSchema } from "../prepare/work-schema";
import { nameUpTo, numberIn, textUpTo } from "../units/text-schema";
import { USUAL_ITEM, USUAL_PLAN, USUAL_STRAIN } from "./usual-values";
import { ACCOMPANIMENTS, DIETS, KINDS } from "./dish-words";

const Id = z.string().min(1).max(80);
const uniqueIds = (items: readonly { id: string }[]) =>
  new Set(items.map((i) => i.id)).size === items.length;

/**
 * When an ingredient goes in. Minutes before the end count back from the end of the simmer; under
 * pressure they are simmered with the lid off after release. "After" counts from when it simmers (0:
 * once it has boiled), "whenTender" waits for another ingredient to be at its best, "stretch" for a later
 * stretch of the heat to begin.
 */
export const WhenSchema = z.discriminatedUnion("at", [
  z.object({ at: z.literal("start") }),
  z.object({ at: z.literal("after"), min: z.number().min(0).max(HOLD_MIN.most) }),
  z.object({ at: z.literal("whenTender"), itemId: Id }),
  z.object({ at: z.literal("stretch"), stretchId: Id }),
  z.object({ at: z.literal("beforeEnd"), min: numberIn(HOLD_MIN) }),
  z.object({ at: z.literal("offHeat") }),
  z.object({ at: z.literal("afterStrain") }),
  z.object({ at: z.literal("nextDay") }),
]);
export type When = z.infer<typeof WhenSchema>;

/** When it comes out again, and whether it goes back in at the end. */
export const OutSchema = z.object({
  when: z.discriminatedUnion("at", [
    z.object({ at: z.literal("tender") }),
    z.object({ at: z.literal("beforeEnd"), min: numberIn(HOLD_MIN) }),
    z.object({ at: z.literal("beforeBoil") }),
    z.object({ at: z.literal("stretch"), stretchId: Id }),
  ]),
  isBack: z.boolean(),
  /** It goes back as this stretch begins; at the end where none is named. */
  backAt: Id.optional(),
  /** It is taken off its bones meanwhile: of its raw weight so much is bone, and stays out, 0–1. */
  boneShare: z.number().gt(0).max(MOST_BONE_SHARE).optional(),
});
export type Out = z.infer<typeof OutSchema>;

export const PlanItemSchema = z.object({
  id: Id,
  ingredientId: z.string().refine(isIngredientId, "This is not in the catalogue of ingredients."),
  /** What the cook calls it, where that is not the catalogue's name. */
  called: nameUpTo(60).optional(),
  /** Not in the catalogue: `ingredientId` is what it is most like, `called` its name. */
  isOwn: z.literal(true).optional(),
  /** Of an own one: what has to come out before serving, one of it. */
  takeOut: nameUpTo(40).optional(),
  massKg: z.number().min(LEAST_KG).max(MOST_ITEM_KG),
  counted: z
    .object({
      count: z.number().positive().max(10000),
      word: z.string().min(1).max(40),
      eachKg: z.number().positive().max(50),
    })
    .optional(),
  when: WhenSchema,
  /** How it is prepared, in the cook's words. */
  preparation: textUpTo(200).default(USUAL_ITEM.preparation),
  boneState: z.enum(["raw", "blanched", "roasted", "usedBefore"]).default(USUAL_ITEM.boneState),
  frozen: z.boolean().default(USUAL_ITEM.frozen),
  /** It goes in hot, °C: from another pot, or kept beside it. */
  hotC: z.number().min(30).max(105).optional(),
  /** Minutes it was boiled hard before it goes in, in water thrown away. */
  boiledMin: z.number().min(0).max(240).default(USUAL_ITEM.boiledMin),
  /** Its pieces by their measures; without it the plan's or the ingredient's usual size. */
  piece: PieceSchema.optional(),
  /** What it shall become: to slice or to shred, to hold or to melt. */
  target: z.enum(TARGET_IDS).optional(),
  out: OutSchema.optional(),
  /** What is done to it before it goes in, in order. */
  work: z.array(WorkSchema).max(12).default([]),
  label: LabelSchema.optional(),
  /** The plan whose stock this is; its label then carries what that stock will hold. */
  fromPlanId: Id.optional(),
  /** The lot in the larder that it is taken from; its label then carries what that lot holds. */
  fromLotId: Id.optional(),
});
export type PlanItem = z.infer<typeof PlanItemSchema>;

/** The result a cook wants, from which the water is found. */
export const WantedSchema = z.discriminatedUnion("by", [
  z.object({
    by: z.literal("volume"),
    volumeL: z.number().positive().max(200),
  }),
  z.object({
    by: z.literal("moulds"),
    count: numberIn(MOULDS).int(),
    mouldL: z.number().positive().max(20),
  }),
  z.object({
    by: z.literal("rations"),
    eaters: numberIn(EATERS).int(),
    rationL: z.number().positive().max(5),
    days: z.number().positive().max(RATION_DAYS.most),
  }),
]);
export type Wanted = z.infer<typeof WantedSchema>;

/** The ways of stating water: all of them state one unknown. */
export const WaterSchema = z.discriminatedUnion("by", [
  z.object({ by: z.literal("amount"), volumeL: z.number().min(0).max(200) }),
  z.object({
    by: z.literal("ratio"),
    waterPerBone: z.number().positive().max(WATER_PER_BONE.most),
  }),
  z.object({ by: z.literal("cover") }),
  z.object({ by: z.literal("over"), overM: z.number().min(0).max(1) }),
  z.object({ by: z.literal("halfWay") }),
  z.object({ by: z.literal("fillLine") }),
  z.object({ by: z.literal("left"), wanted: WantedSchema }),
]);
export type WaterStatement = z.infer<typeof WaterSchema>;

export const StopSchema = z.discriminatedUnion("by", [
  z.object({ by: z.literal("time"), holdMin: numberIn(HOLD_MIN) }),
  z.object({
    by: z.literal("liquid"),
    liquidL: z.number().positive().max(200),
  }),
  z.object({ by: z.literal("share"), share: z.number().gt(0).lt(1) }),
  z.object({ by: z.literal("depth"), depthM: z.number().positive().max(1.5) }),
  /** Until what rules the dish is done: its ideal cook value. */
  z.object({ by: z.literal("tender") }),
  /** Until its liquid is so thick by what binds in it, flour-equivalent g/L. */
  z.object({ by: z.literal("thick"), flourGL: z.number().min(5).max(150) }),
  /** Until the middle of what rules the dish is so hot, °C; off the heat, until the liquid is down to it. */
  z.object({ by: z.literal("temperature"), tempC: z.number().min(30).max(120) }),
]);
export type Stop = z.infer<typeof StopSchema>;

/**
 * A later stretch of the heat, in the same pot: what it is set to, and until when, counted from its own
 * beginning. A share is of what is in the pot as it begins.
 */
export const StretchSchema = z
  .object({
    id: Id,
    heat: StretchHeatSchema,
    stop: StopSchema,
    /** Before it begins all of it goes through a sieve: what was in it by then stays out, the liquid goes on. */
    isStrained: z.literal(true).optional(),
  })
  .refine(
    ({ heat, stop }) => !isRest(heat) || stop.by === "time" || stop.by === "temperature",
    "Off the heat it stands for a time, or until it is so cool, and for nothing else.",
  )
  .refine(
    ({ heat }) => boilFirstMinOf(heat) === null,
    "Only the first stretch boils first. Give a boil a stretch of its own.",
  )
  .refine(({ heat }) => {
    const later = stretchOf(heat).follows(heat);
    return !("start" in heat) || !("start" in later) || heat.start === later.start;
  }, "A later stretch begins with the pot as it is. Leave its start out.");
export type HeatStretch = z.infer<typeof StretchSchema>;

/** Something served beside the pot that may draw on its liquid. */
export const AccompanimentSchema = z.object({
  kind: z.enum(ACCOMPANIMENTS),
  /** Dry weight for one eater, kg. */
  eachKg: z.number().positive().max(2),
  /** Minutes by hand and by itself, where they are not the usual ones. */
  handsMin: z.number().min(0).max(600).optional(),
  restMin: z.number().min(0).max(600).optional(),
  /** It cooks in liquid ladled out of this pot, instead of water or another stock. */
  fromPot: z.literal(true).optional(),
});

/** One pot as planned. */
export const PlanSchema = z.object({
  schemaVersion: z.literal(SCHEMA_VERSION),
  id: Id,
  name: nameUpTo(80),
  forWhat: textUpTo(120).default(USUAL_PLAN.forWhat),
  /** Who eats it; what is for animals is screened for what harms them. */
  feeds: z.enum(["people", "animals"]).default(USUAL_PLAN.feeds),
  /** What kind of pot it is; null where the cook never said. */
  kind: z.enum(KINDS).nullable().default(USUAL_PLAN.kind),
  /** Strained for its liquid, or served as it is. */
  end: z.enum(["strained", "served"]).default(USUAL_PLAN.end),
  /** The ingredient that its end is judged by, where the cook named one; else what is done last. */
  ruledBy: Id.optional(),
  /** How many eat of it, and how much each, kg (L of a liquid); null where nobody counted. */
  serves: z
    .object({ people: numberIn(EATERS).int(), eachKg: z.number().positive().max(5) })
    .nullable()
    .default(USUAL_PLAN.serves),
  diets: z.array(z.enum(DIETS)).max(DIETS.length).default([]),
  /** Salt wanted at the end, g per kg of all that is eaten (per L where it is strained). */
  saltWantedGKg: numberIn(SALT_WANTED_G).nullable().default(USUAL_PLAN.saltWantedGKg),
  /** Thickness wanted at the end, flour-equivalent g/L. */
  thickWantedGL: z.number().min(0).max(150).nullable().default(USUAL_PLAN.thickWantedGL),
  /** The cook's choice where cooks differ, by question. */
  schools: z.record(z.string().max(40), z.string().max(40)).default({}),
  accompaniments: z.array(AccompanimentSchema).max(8).default([]),
  /** Where it came from, in the cook's words. */
  source: textUpTo(300).default(USUAL_PLAN.source),
  /**
   * What the recipe it was read from says beside all that: what is put in to taste, and each sentence;
   * `isHeld` where the plan's own figures stand for all of it.
   */
  recipe: z
    .object({
      toTaste: z.array(textUpTo(80)).max(20),
      steps: z.array(z.object({ text: textUpTo(600), isHeld: z.boolean() })).max(120),
    })
    .optional(),
  vesselId: Id,
  ringId: Id,
  items: z.array(PlanItemSchema).max(60).refine(uniqueIds, "Two ingredients have the same id."),
  water: WaterSchema,
  heat: HeatSchema,
  stop: StopSchema,
  /** What follows on the first heat, in order. */
  then: z
    .array(StretchSchema)
    .max(5)
    .refine(uniqueIds, "Two stretches of the heat have the same id.")
    .default([]),
  pieceM: z.number().min(0.005).max(0.3).default(USUAL_PLAN.pieceM),
  fat: z.enum(["keep", "skimHot", "liftCold"]).default(USUAL_PLAN.fat),
  strain: z
    .object({
      when: z.enum(["atOnce", "afterPause"]),
      pressed: z.boolean(),
      clothPasses: z.number().int().min(0).max(5),
    })
    .default(USUAL_STRAIN),
  /** When it shall be strained, as an ISO time with zone; null when it does not matter. */
  readyAt: z.iso.datetime({ offset: true }).nullable().default(USUAL_PLAN.readyAt),
  /** Minutes of work before the pot goes on, beside what the ingredients ask for. */
  prepareMin: z.number().min(0).max(1440).default(USUAL_PLAN.prepareMin),
  /** For the next time: shown when it is planned again. */
  note: textUpTo(2000).default(USUAL_PLAN.note),
});
export type Plan = z.infer<typeof PlanSchema>;
