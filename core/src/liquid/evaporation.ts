import type { Vigour } from "../heat/constants";
import { latentHeatKJKg } from "../water/properties";
import type { Lid } from "../vessel/lid";
import { LID_FACTOR, OVEN_FLUX_KG_M2_H, OVEN_HEAT_W_M2_K, SIMMER_FLUX_KG_M2_H } from "./constants";

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

/** Oven evaporation before the energy ceiling, kg/m²·h of free surface: flux at 150 °C × (T − 60)/90. */
export const ovenFluxKgM2H = (lid: Lid, ovenC: number): number =>
  (OVEN_FLUX_KG_M2_H[lid].value * Math.max(0, ovenC - 60)) / 90;

/**
 * Most that oven air can drive off, kg/m²·h of free surface: U·A_outer·(T_oven − T)/(h_fg·A_free).
 */
export const ovenCeilingKgM2H = (
  ovenC: number,
  liquidC: number,
  outerAreaM2: number,
  freeSurfaceM2: number,
  hasFan: boolean,
): number => {
  const heat = OVEN_HEAT_W_M2_K[hasFan ? "fan" : "still"].value;
  const kW = (heat * outerAreaM2 * Math.max(0, ovenC - liquidC)) / 1000;
  return freeSurfaceM2 > 0 ? (kW / latentHeatKJKg(liquidC) / freeSurfaceM2) * 3600 : 0;
};
