import { z } from "../units/zod";
import { LIDS } from "../vessel/lid";

export const OvenHeatSchema = z.object({
  method: z.literal("oven"),
  ovenId: z.string().min(1).max(80),
  ovenC: z.number().min(80).max(350),
  lid: z.enum(LIDS),
  /** Hot: brought to the simmer on the ring first. Cold: straight into the oven. */
  start: z.enum(["hot", "cold"]).default("hot"),
});
export type OvenHeat = z.infer<typeof OvenHeatSchema>;
