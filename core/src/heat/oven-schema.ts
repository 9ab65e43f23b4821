import { OVEN_MAX_C } from "../units/limits";
import { z } from "../units/zod";
import { nameUpTo } from "../units/text-schema";

/** One oven. A fan carries more heat to the pot, and so lets an open pot steam faster. */
export const OvenSchema = z.object({
  id: z.string().min(1).max(80),
  name: nameUpTo(60),
  /** Its shelf, [width, depth]; a usual one where nobody measured it. */
  shelfM: z.tuple([z.number().min(0.1).max(1.5), z.number().min(0.1).max(1.5)]).optional(),
  fan: z.boolean().default(false),
  maxC: z.number().min(OVEN_MAX_C.least).max(OVEN_MAX_C.most).default(250),
});
export type Oven = z.infer<typeof OvenSchema>;
