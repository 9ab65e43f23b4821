import { liquidAtDepthL, type SolidsIn } from "./solids";
import type { Vessel } from "./vessel-schema";

/** Litres up to the vessel's fill line with the solids in. */
export const waterToFillLineL = (vessel: Vessel, solids: SolidsIn): number =>
  Math.max(0, liquidAtDepthL(vessel, solids, vessel.heightM * vessel.fillShare));
