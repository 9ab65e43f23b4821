import type { Vigour } from "../heat/constants";
import { latentHeatKJKg } from "../water/properties";
import { LID_FACTOR, SIMMER_FLUX_KG_M2_H, type Lid } from "./constants";

/** Share of the open evaporation that leaves past the lid. A heavy lid counts only when it is on. */
export const lidFactor = (lid: Lid, heavy: boolean): number =>
  LID_FACTOR[lid === "on" && heavy ? "heavy" : lid].value;

/** Hob evaporation, kg/m²·h of free surface, of a simmer under a lid. */
export const hobFluxKgM2H = (vigour: Vigour, lid: Lid, heavy = false): number =>
  SIMMER_FLUX_KG_M2_H[vigour].value * lidFactor(lid, heavy);

/**
 * Evaporation of a rolling boil, kg/m²·h: all heat left over goes into steam, P/(h_fg·A).
 */
export const rollingFluxKgM2H = (
  netPowerW: number,
  freeSurfaceM2: number,
  boilC: number,
): number =>
  freeSurfaceM2 > 0
    ? ((Math.max(0, netPowerW) / 1000 / latentHeatKJKg(boilC)) * 3600) / freeSurfaceM2
    : 0;
