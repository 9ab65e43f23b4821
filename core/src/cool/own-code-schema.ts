import { z } from "../units/zod";

const TempC = z.number().min(0).max(100);
/** A kitchen's own gates: what its plan says, or another country's code. What misses them is thrown away. */
export const OwnCodeSchema = z
  .array(
    z
      .object({ fromC: TempC, toC: TempC, withinMin: z.number().int().min(5).max(1440) })
      .refine((g) => g.toC < g.fromC, "A gate goes from the warmer to the colder temperature."),
  )
  .min(1)
  .max(4);
export type OwnCode = z.infer<typeof OwnCodeSchema>;
