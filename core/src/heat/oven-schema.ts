import { z } from "zod";

/** One oven. A fan carries more heat to the pot, and so lets an open pot steam faster. */
export const OvenSchema = z.object({
  id: z.string().min(1).max(80),
  name: z.string().trim().min(1).max(60),
  fan: z.boolean().default(false),
  maxC: z.number().min(120).max(350).default(250),
});
export type Oven = z.infer<typeof OvenSchema>;
