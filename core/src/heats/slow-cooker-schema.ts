import { z } from "../units/zod";
import { CROCK_SETTINGS } from "../heat/slow-cooker";

export const SlowCookerHeatSchema = z.object({
  method: z.literal("slowCooker"),
  setting: z.enum(CROCK_SETTINGS),
  /** Hot: the water goes in from the kettle. */
  start: z.enum(["hot", "cold"]).default("cold"),
  /** Minutes on HIGH before LOW. */
  highFirstMin: z.number().min(0).max(480).default(0),
  /** Times the lid is lifted beside those when something goes in. */
  lidLifts: z.number().int().min(0).max(20).default(0),
  /** Minutes on WARM after it is done. */
  warmMin: z.number().min(0).max(600).default(0),
});
export type SlowCookerHeat = z.infer<typeof SlowCookerHeatSchema>;
