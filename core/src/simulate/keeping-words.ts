import { EATERS } from "../units/limits";
import { z } from "../units/zod";
import { nameUpTo, numberIn } from "../units/text-schema";

/** Someone who takes of the same stock every day: people by the bowl, animals by the spoon. */
export const DailyUseSchema = z.object({
  id: z.string().min(1).max(80),
  who: nameUpTo(60),
  eaters: numberIn(EATERS).int(),
  eachL: z.number().positive().max(5),
  timesADay: z.number().min(0.1).max(10),
  /** The plan whose stock it is, by which it is made again. */
  planId: z.string().min(1).max(80),
});
export type DailyUse = z.infer<typeof DailyUseSchema>;
