import { RING_W } from "../units/limits";
import { z } from "../units/zod";
import { RING_KINDS } from "./ring-kinds";
import { nameUpTo, numberIn } from "../units/text-schema";

/** A ring of the hob: what heats it and its full power as the maker states it. */
export const RingSchema = z.object({
  id: z.string().min(1).max(80),
  name: nameUpTo(60),
  kind: z.enum(RING_KINDS),
  powerW: numberIn(RING_W),
});
export type Ring = z.infer<typeof RingSchema>;
