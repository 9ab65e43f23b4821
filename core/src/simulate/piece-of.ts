import { smallestM } from "../heat/piece-sides";
import { pieceTauS } from "../heat/piece";
import type { PieceShape } from "../heat/piece-schema";
import { ingredientById } from "../ingredient/catalogue";
import { traitsOf } from "../ingredient/traits";
import type { IngredientGroup } from "../ingredient/ingredient";
import type { PlanItem } from "./plan-schema";

/** Small by nature, whatever size the bones are: beans, grains, dried goods, herbs, m. */
const SMALL_M = 0.008;
const SMALL_GROUPS: ReadonlySet<IngredientGroup> = new Set([
  "pulse",
  "grain",
  "dried",
  "aromatic",
  "starch",
]);

/** The piece an item is cooked as: its own, else the usual one of its kind in this plan. */
export function pieceOf(item: PlanItem, planPieceM: number): PieceShape {
  if (item.piece !== undefined) return item.piece;
  const { id, group } = ingredientById(item.ingredientId);
  const usualM = SMALL_GROUPS.has(group) ? SMALL_M : planPieceM;
  return { kind: "ball", diameterM: traitsOf(id).acrossM ?? usualM };
}

/** Its time constant, s. @throws Problem `range` */
export const pieceTauOf = (item: PlanItem, planPieceM: number): number =>
  pieceTauS(pieceOf(item, planPieceM));

/** How high a piece lies, m: on its flattest side; a bone as it is, whatever its flesh is cut to. */
export function liesM(item: PlanItem, planPieceM: number): number {
  const own = traitsOf(item.ingredientId).liesM;
  const piece = pieceOf(item, planPieceM);
  if (own !== undefined && item.piece === undefined) return own;
  return smallestM(piece);
}
