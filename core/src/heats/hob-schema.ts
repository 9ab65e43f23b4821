import { z } from "../units/zod";
import { VIGOURS } from "../heat/constants";
import { LIDS } from "../vessel/lid";

export const HobHeatSchema = z.object({
  method: z.literal("hob"),
  vigour: z.enum(VIGOURS),
  lid: z.enum(LIDS),
  /** Minutes at a rolling boil, skimming, before it is turned down; null goes straight to the simmer. */
  boilFirstMin: z.number().min(0).max(120).nullable(),
});
export type HobHeat = z.infer<typeof HobHeatSchema>;
