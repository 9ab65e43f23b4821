import { powerOf } from "../units/same-math";
import { requireWithin } from "../units/problem";
import { saturationTemperatureC } from "./saturation";

/** Air pressure at sea level in the International Standard Atmosphere, kPa. */
export const SEA_LEVEL_KPA = 101.325;

/**
 * Mean air pressure, kPa, at altitudeM (−430 to 5500 m), International Standard Atmosphere.
 * @throws Problem `range`
 */
export function airPressureKPa(altitudeM: number): number {
  requireWithin("altitudeM", altitudeM, -430, 5500, "m");
  return SEA_LEVEL_KPA * powerOf(1 - 2.25577e-5 * altitudeM, 5.25588);
}

/**
 * Boiling point of water, °C, at altitudeM. ISA pressure, then IAPWS-IF97.
 * @example boilingPointC(1640) // 94.516
 */
export function boilingPointC(altitudeM: number): number {
  return saturationTemperatureC(airPressureKPa(altitudeM));
}
