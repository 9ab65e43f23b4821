import { z } from "zod";

/** A ring of the hob: what heats it and its full power as the maker states it. */
export const RingSchema = z.object({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(60),
  kind: z.enum(["gas", "induction", "radiant"]),
  powerW: z.number().min(200).max(20000),
});
export type Ring = z.infer<typeof RingSchema>;
