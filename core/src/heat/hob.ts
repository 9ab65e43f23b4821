import { ln } from "../units/same-math";
import { RING_W } from "../units/limits";
import { requireWithin } from "../units/problem";
import { airPressureKPa, boilingPointC, SEA_LEVEL_KPA } from "../water/altitude";
import { saturationPressureKPa } from "../water/saturation";
import { SIMMER_OFFSET_C, type Vigour } from "./constants";
import { RINGS } from "./ring-kinds";
import type { Ring } from "./ring-schema";

/** Temperature a simmer holds on the hob, °C, at altitudeM. */
export const simmerC = (vigour: Vigour, altitudeM: number): number =>
  boilingPointC(altitudeM) - SIMMER_OFFSET_C[vigour].value;

/**
 * Heat that reaches the pot at full power, W. Gas weakens with thin air: × √(p/101.325) (kitchen estimate).
 * @throws Problem `range`
 */
export function ringNetW(ring: Ring, altitudeM: number): number {
  requireWithin("powerW", ring.powerW, RING_W.least, RING_W.most, "W");
  const { efficiency, burnsAir } = RINGS[ring.kind];
  const thin = burnsAir ? Math.sqrt(airPressureKPa(altitudeM) / SEA_LEVEL_KPA) : 1;
  return ring.powerW * efficiency.value * thin;
}

/**
 * Open evaporation before the simmer, kg/m²·h, from tempC into air at airKPa: film diffusion,
 * F = 5·ln((p − 1.2)/(p − p_sat))/1.165 with p_sat held at 0.97 p or less.
 */
export function warmingFluxKgM2H(tempC: number, airKPa: number): number {
  const vapour = Math.min(saturationPressureKPa(Math.max(0, tempC)), 0.97 * airKPa);
  return Math.max(0, (5 * ln((airKPa - 1.2) / (airKPa - vapour))) / 1.165);
}
