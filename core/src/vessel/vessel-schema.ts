import { FILL_SHARE, HIGH_KPA, LOW_KPA, OWN_POWER_W, WARM_UP_FILL_SHARE } from "../units/limits";
import { TALLEST_FOR_WIDTH, TALLEST_M } from "./tallest";
import { z } from "../units/zod";
import { nameUpTo, numberIn } from "../units/text-schema";

const Size = z.tuple([z.number().positive().max(1.5), z.number().positive().max(1.5)]);

/** What a vessel's body is made of; sets heat capacity and how fast its wall loses heat. */
export const BodySchema = z.enum(["steel", "enamel", "iron", "aluminium", "ceramic"]);
export type Body = z.infer<typeof BodySchema>;

/** What a pressure cooker's maker says of it; gauge pressures in kPa. */
export const PressureCookerSchema = z.object({
  drive: z.enum(["electric", "stovetop"]),
  highKPa: z.number().min(HIGH_KPA.least).max(HIGH_KPA.most),
  lowKPa: z.number().min(LOW_KPA.least).max(LOW_KPA.most).nullable().default(null),
  /** Least liquid the maker asks for; null where it is not known. */
  minLiquidL: z.number().min(0).max(5).nullable().default(null),
  /** True where steam leaves through the valve all the time. */
  vents: z.boolean().default(false),
});
export type PressureCooker = z.infer<typeof PressureCookerSchema>;

/** A slow cooker's own warm-up, read with a thermometer in plain water. */
export const WarmUpSchema = z.object({
  setting: z.enum(["low", "high"]),
  fillShare: numberIn(WARM_UP_FILL_SHARE),
  readings: z
    .array(z.object({ tMin: z.number().min(0).max(1440), tempC: z.number().min(-5).max(110) }))
    .max(200),
});
export type WarmUp = z.infer<typeof WarmUpSchema>;

/**
 * One vessel by its inner measures. `bottomM` and `topM` are [length, width] at floor and rim;
 * a round vessel has both equal. Rim height is `heightM`. Straight when bottom and top agree.
 */
export const VesselSchema = z
  .object({
    id: z.string().min(1).max(80),
    name: nameUpTo(60),
    kind: z.enum(["pot", "casserole", "pan", "slowCooker", "pressureCooker"]),
    shape: z.enum(["round", "oval", "rectangular"]),
    bottomM: Size,
    topM: Size,
    heightM: z.number().positive().max(TALLEST_M),
    /** Highest sensible level as a share of the rim height. */
    fillShare: numberIn(FILL_SHARE).default(0.85),
    massKg: z.number().positive().max(100),
    body: BodySchema,
    lid: z.enum(["none", "ordinary", "heavy"]),
    /** Power of a slow cooker or electric pressure cooker, W. */
    powerW: numberIn(OWN_POWER_W).optional(),
    pressure: PressureCookerSchema.optional(),
    warmUps: z.array(WarmUpSchema).max(10).optional(),
  })
  .check((context) => {
    const v = context.value;
    const widest = Math.max(...v.bottomM, ...v.topM);
    if (v.shape === "round" && (v.bottomM[0] !== v.bottomM[1] || v.topM[0] !== v.topM[1]))
      context.issues.push({
        code: "custom",
        input: v.bottomM,
        path: ["bottomM"],
        message: "A round vessel has one diameter: both numbers must be equal.",
      });
    if ((v.kind === "pressureCooker") !== (v.pressure !== undefined))
      context.issues.push({
        code: "custom",
        input: v.pressure,
        path: ["pressure"],
        message: "A pressure cooker says its pressure, and only a pressure cooker does.",
      });
    if (v.heightM > widest * TALLEST_FOR_WIDTH)
      context.issues.push({
        code: "custom",
        input: v.heightM,
        path: ["heightM"],
        message: "It is over four times as high as it is wide: check the measures.",
      });
  });

export type Vessel = z.infer<typeof VesselSchema>;

/** The part of a vessel that decides volumes. */
export type VesselShape = Pick<Vessel, "shape" | "bottomM" | "topM" | "heightM">;
