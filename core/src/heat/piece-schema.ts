import { z } from "../units/zod";

const Length = z.number().min(0.002).max(1);

/** A piece by its outer measures, m: a brick (dice, slice, joint), a cylinder, or a ball. */
export const PieceSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("brick"), sizeM: z.tuple([Length, Length, Length]) }),
  z.object({ kind: z.literal("cylinder"), diameterM: Length, lengthM: Length }),
  z.object({ kind: z.literal("ball"), diameterM: Length }),
]);
export type PieceShape = z.infer<typeof PieceSchema>;
