import { z } from "../units/zod";
import { RELEASES } from "../heat/pressure";

export const PressureHeatSchema = z.object({
  method: z.literal("pressure"),
  setting: z.enum(["low", "high"]),
  release: z.enum(RELEASES).default("natural"),
});
export type PressureHeat = z.infer<typeof PressureHeatSchema>;
