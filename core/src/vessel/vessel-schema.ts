import { z } from "zod";

const Size = z.tuple([z.number().positive().max(1.5), z.number().positive().max(1.5)]);

/** What a vessel's body is made of; sets heat capacity and how fast its wall loses heat. */
export const BodySchema = z.enum(["steel", "enamel", "iron", "aluminium", "ceramic"]);
export type Body = z.infer<typeof BodySchema>;

/**
 * One vessel by its inner measures. `bottomM` and `topM` are [length, width] at floor and rim;
 * a round vessel has both equal. Rim height is `heightM`. Straight when bottom and top agree.
 */
export const VesselSchema = z
  .object({
    id: z.string().min(1).max(80),
    name: z.string().trim().min(1).max(60),
    kind: z.enum(["pot", "casserole", "pan", "slowCooker", "pressureCooker"]),
    shape: z.enum(["round", "oval", "rectangular"]),
    bottomM: Size,
    topM: Size,
    heightM: z.number().positive().max(1.5),
    /** Highest sensible level as a share of the rim height. */
    fillShare: z.number().min(0.3).max(1).default(0.85),
    massKg: z.number().positive().max(100),
    body: BodySchema,
    lid: z.enum(["none", "ordinary", "heavy"]),
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
    if (v.heightM > widest * 4)
      context.issues.push({
        code: "custom",
        input: v.heightM,
        path: ["heightM"],
        message: "heightM is over four times the width; check the measures.",
      });
  });

export type Vessel = z.infer<typeof VesselSchema>;

/** The part of a vessel that decides volumes. */
export type VesselShape = Pick<Vessel, "shape" | "bottomM" | "topM" | "heightM">;
