import { z } from "../units/zod";
import { LIDS } from "../vessel/lid";

export const RestHeatSchema = z.object({ method: z.literal("rest"), lid: z.enum(LIDS) });
/** Off the heat, standing. */
export type RestHeat = z.infer<typeof RestHeatSchema>;
