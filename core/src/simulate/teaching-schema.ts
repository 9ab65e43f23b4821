import { z } from "../units/zod";
import { LEARNED_KINDS } from "./learned-kinds";

const id = z.string().min(1).max(80);

/** What the cook says to what the log teaches: left out, begun anew, kept as it is. */
export const TeachingSchema = z.object({
  /** Pots that nothing is learned from, by their ids. */
  leftOut: z.array(id).max(20_000).default([]),
  /** Things of which nothing counts that was lit before then. */
  resets: z
    .array(
      z.object({
        kind: z.enum(LEARNED_KINDS),
        thing: z.string().min(1).max(260),
        at: z.iso.datetime(),
      }),
    )
    .max(1000)
    .default([]),
  /** Factors that are kept as they were, whatever the log says later. */
  frozen: z
    .array(
      z.object({
        kind: z.enum(LEARNED_KINDS),
        thing: z.string().min(1).max(260),
        log: z.number().min(-5).max(5),
        sd: z.number().min(0).max(2),
        pots: z.int().min(0).max(1_000_000),
      }),
    )
    .max(1000)
    .default([]),
});
export type Teaching = z.infer<typeof TeachingSchema>;
