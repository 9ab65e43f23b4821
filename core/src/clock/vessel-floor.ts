import type { Oven } from "../heat/oven-schema";
import type { Vessel } from "../vessel/vessel-schema";
import { kitchenEstimate } from "../units/constant";

/** A usual oven's shelf, m. */
const USUAL_SHELF_M = [0.44, 0.36] as const;
const HANDLE_M = kitchenEstimate("handles and the wall of a pot, each side", 0.02, "m", "measured");

/** Floor that a vessel takes up on a shelf, handles and all, m². */
export const shelfFloorM2 = ({ topM }: Pick<Vessel, "topM">): number =>
  (topM[0] + 2 * HANDLE_M.value) * (topM[1] + 2 * HANDLE_M.value);

export const shelfM2 = ({ shelfM }: Pick<Oven, "shelfM">): number => {
  const [width, depth] = shelfM ?? USUAL_SHELF_M;
  return width * depth;
};
