import type { PlanItem } from "../simulate/plan-schema";
import type { Vessel } from "../vessel/vessel-schema";

/** How one joint lies in a pot. */
export interface JointFit {
  /** Length and width of what lies on the floor, m. */
  readonly footprintM: readonly [number, number];
  readonly heightM: number;
  readonly fits: boolean;
  /** How far it stands out of a liquid of this depth, m; 0 where it is covered. */
  readonly standsOutM: number;
  /** Pieces it must be cut into across its length to lie in the pot; 1 where it fits whole. */
  readonly splitInto: number;
}

/** Anything longer than this counts as a joint, m. */
const JOINT_FROM_M = 0.1;
const MOST_SPLIT = 6;
/** Room between joint and wall, m. */
const ROOM_M = 0.005;

/** Corners of a joint give: so far past the rim of an ellipse they may reach (1 = not at all). */
const CORNERS_GIVE = 1.3;

function lies({ bottomM, shape }: Vessel, longM: number, wideM: number): boolean {
  const l = (longM + 2 * ROOM_M) / Math.max(...bottomM);
  const w = (wideM + 2 * ROOM_M) / Math.min(...bottomM);
  if (l > 1 || w > 1) return false;
  return shape === "rectangular" || l * l + w * w <= CORNERS_GIVE;
}

/** How a joint lies in this pot in a liquid of this depth; null where the piece is no joint. */
export function jointFit(item: PlanItem, vessel: Vessel, depthM: number): JointFit | null {
  const { piece } = item;
  if (piece === undefined || piece.kind === "ball") return null;
  const sizes =
    piece.kind === "brick" ? [...piece.sizeM] : [piece.lengthM, piece.diameterM, piece.diameterM];
  const [long, wide, flat] = sizes.sort((x, y) => y - x) as [number, number, number];
  if (long < JOINT_FROM_M) return null;
  let splitInto = 1;
  while (splitInto < MOST_SPLIT && !lies(vessel, long / splitInto, wide)) splitInto++;
  const fits = splitInto === 1 && flat <= vessel.heightM;
  return {
    footprintM: [long, wide],
    heightM: flat,
    fits,
    standsOutM: Math.max(0, flat - depthM),
    splitInto,
  };
}
