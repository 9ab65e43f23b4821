import type { PieceShape } from "./piece-schema";

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
