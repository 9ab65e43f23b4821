import type { StartContents } from "./start-contents";
import { resolve, type SetPot } from "./set-pot";
import { outcomeOf } from "../units/problem";
import { depthForLiquidM, heapTopM } from "../vessel/solids";
import type { Vessel } from "../vessel/vessel-schema";
import { fillLineL } from "../vessel/volume";
import { waterL } from "./stated-water";

export const isOverFillLine = (vessel: Vessel, depthM: number): boolean =>
  depthM > vessel.heightM * vessel.fillShare + 5e-4;

/** What holds the pot back: the rim, the fill line, or nothing. */
type PotLimit = "fits" | "overFillLine" | "overRim" | "heapAboveRim";

export interface PotFit {
  readonly vesselId: string;
  readonly limit: PotLimit;
  readonly depthM: number | null;
  /** Room to the fill line, L; negative where it is over. */
  readonly roomL: number;
}

/** Whether waterVolumeL with the plan's solids fits a vessel, and how much room is left. */
export function fitIn(
  vessel: Vessel,
  { solids, othersL }: StartContents,
  waterVolumeL: number,
): PotFit {
  const liquid = waterVolumeL + othersL;
  const roomL = fillLineL(vessel) - liquid - solids.heapSolidL - solids.floatingL;
  const depth = outcomeOf(() => {
    heapTopM(vessel, solids);
    return depthForLiquidM(vessel, solids, liquid);
  });
  if (!depth.ok)
    return {
      vesselId: vessel.id,
      limit: depth.problem.code === "heapAboveRim" ? "heapAboveRim" : "overRim",
      depthM: null,
      roomL,
    };
  const over = isOverFillLine(vessel, depth.value);
  return {
    vesselId: vessel.id,
    limit: over ? "overFillLine" : "fits",
    depthM: depth.value,
    roomL,
  };
}

/** True where a plan goes into a vessel up to its fill line, whatever its own vessel is. */
export function isRoomIn(vessel: Vessel, { plan, kitchen, start }: SetPot): boolean {
  const fits = outcomeOf(
    () =>
      fitIn(vessel, start, waterL(resolve({ ...plan, vesselId: vessel.id }, kitchen))).limit ===
      "fits",
  );
  return fits.ok && fits.value;
}
