import { z } from "../units/zod";
import { ROUX_COLOURS, WORKS } from "./works";

/** One piece of work; without minutes the usual ones are taken. */
export const WorkSchema = z.object({
  kind: z.enum(WORKS),
  min: z.number().min(0).max(4320).optional(),
  /**
   * reduce: what is left of it; crush and blend: how much of it is done so; saltAhead: salt by its weight, as
   * much as is said here more than it holds. 0–1.
   */
  share: z.number().min(0).max(1).optional(),
  /** roux: how far it is taken. */
  colour: z.enum(ROUX_COLOURS).optional(),
  /** soak: the soaking water goes into the pot instead of down the drain, L of it. */
  liquorL: z.number().min(0).max(50).optional(),
});
export type Work = z.infer<typeof WorkSchema>;
