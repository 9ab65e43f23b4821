import { outcomeOf } from "../units/problem";
import { depthForLiquidM, liquidAtDepthL } from "../vessel/solids";
import { vesselOf } from "./references";
import type { SetPot } from "./set-pot";

/** A line is never pulled to less water than this, L; and goes by steps of so many. */
const LEAST_L = 0.1;
const STEPS_IN_L = 20;

/** Where a pulled water line comes to. */
export interface PulledWater {
  readonly volumeL: number;
  readonly depthM: number;
}

/**
 * Water, L to the nearest 50 mL, that brings the line of a pot to depthM, and how deep it then stands. Counted from where
 * it stands with waterL in it, as it was worked out last: that knows of all else in the pot.
 * @throws Problem as `vesselOf` does, `aboveRim` where depthM is
 */
export function waterPulledTo(
  setPot: SetPot,
  stands: { readonly waterL: number; readonly startDepthM: number },
  depthM: number,
): PulledWater {
  const vessel = vesselOf(setPot);
  const { solids } = setPot.start;
  const besideL = liquidAtDepthL(vessel, solids, stands.startDepthM) - stands.waterL;
  const wantedL = liquidAtDepthL(vessel, solids, depthM) - besideL;
  const volumeL = Math.max(LEAST_L, Math.round(wantedL * STEPS_IN_L) / STEPS_IN_L);
  // Rounded up at the rim it would run over.
  const standsM = outcomeOf(() => depthForLiquidM(vessel, solids, volumeL + besideL));
  return { volumeL, depthM: standsM.ok ? standsM.value : depthM };
}
