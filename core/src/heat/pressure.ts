import { exp } from "../units/same-math";
import { kitchenEstimate } from "../units/constant";
import { airPressureKPa } from "../water/altitude";
import { latentHeatKJKg } from "../water/properties";
import { saturationTemperatureC } from "../water/saturation";

export const RELEASES = ["natural", "quick"] as const;
export type Release = (typeof RELEASES)[number];

export const VENTED_L = kitchenEstimate(
  "liquid vented before the valve shuts",
  0.05,
  "L",
  "cookers weighed before and after",
);
export const VENTING_TYPE_L_H = kitchenEstimate(
  "steam from a venting cooker",
  0.05,
  "L/h",
  "cookers weighed before and after",
);
export const ELECTRIC_HIGH_KPA = 80;
export const ELECTRIC_LOW_KPA = 40;
export const STOVETOP_SECOND_RING_KPA = 103;
/** Power of an electric cooker where it is not known, W. */
export const ELECTRIC_POWER_W = 1000;
/** Share of an electric cooker's power that reaches its pot. */
export const ELECTRIC_EFFICIENCY = kitchenEstimate(
  "share of an electric cooker's heat that reaches the pot",
  0.85,
  "",
  "common appliance figures, ±20 %",
  0.2,
);

/** Temperature at which a cooker holds, °C: water boils under air and gauge pressure together. */
export const pressureHoldC = (gaugeKPa: number, altitudeM: number): number =>
  saturationTemperatureC(airPressureKPa(altitudeM) + gaugeKPa);

/** Minutes a natural release takes: 10 and 2.5 a litre of whole contents. */
export const naturalReleaseMin = (contentsL: number): number => 10 + 2.5 * contentsL;

/**
 * Share of the liquid that flashes to steam on a quick release from fromC to toC:
 * 1 − exp(−4.2·ΔT/h_fg), h_fg at the mean temperature.
 */
export const flashShare = (fromC: number, toC: number): number =>
  fromC > toC ? 1 - exp((-4.2 * (fromC - toC)) / latentHeatKJKg((fromC + toC) / 2)) : 0;
