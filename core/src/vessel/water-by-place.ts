import { heapTopM, liquidAtDepthL, type SolidsIn } from "./solids";
import type { Vessel } from "./vessel-schema";

/** Litres that just cover the solids. @throws Problem `heapAboveRim` */
export const waterToCoverL = (vessel: Vessel, solids: SolidsIn): number =>
  liquidAtDepthL(vessel, solids, heapTopM(vessel, solids));

/** Litres that stand overM above the solids. @throws Problem `heapAboveRim`, `aboveRim` */
export const waterOverL = (vessel: Vessel, solids: SolidsIn, overM: number): number =>
  liquidAtDepthL(vessel, solids, heapTopM(vessel, solids) + overM);

/** Litres that reach half-way up the solids. @throws Problem `heapAboveRim` */
export const waterHalfWayL = (vessel: Vessel, solids: SolidsIn): number =>
  Math.max(0, liquidAtDepthL(vessel, solids, heapTopM(vessel, solids) / 2));

/** Litres up to the vessel's fill line with the solids in. */
export const waterToFillLineL = (vessel: Vessel, solids: SolidsIn): number =>
  Math.max(0, liquidAtDepthL(vessel, solids, vessel.heightM * vessel.fillShare));
