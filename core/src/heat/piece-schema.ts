import { z } from "zod";

const Length = z.number().min(0.002).max(1);

/** A piece by its outer measures, m: a brick (dice, slice, joint), a cylinder, or a ball. */
export const PieceSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("brick"), sizeM: z.tuple([Length, Length, Length]) }),
  z.object({ kind: z.literal("cylinder"), diameterM: Length, lengthM: Length }),
  z.object({ kind: z.literal("ball"), diameterM: Length }),
]);
export type PieceShape = z.infer<typeof PieceSchema>;

/** Its shortest measure, m: what a knife sets. */
export const pieceEdgeM = (piece: PieceShape): number =>
  piece.kind === "brick"
    ? Math.min(...piece.sizeM)
    : piece.kind === "cylinder"
      ? Math.min(piece.diameterM, piece.lengthM)
      : piece.diameterM;

/** Its smallest side, m: how high it lies. */
export const smallestM = (piece: PieceShape): number =>
  piece.kind === "ball"
    ? piece.diameterM
    : piece.kind === "cylinder"
      ? Math.min(piece.diameterM, piece.lengthM)
      : Math.min(...piece.sizeM);
