import { exp, powerOf } from "../units/same-math";
import { airPressureKPa, boilingPointC, SEA_LEVEL_KPA } from "../water/altitude";

const SEA_LEVEL_BOIL_C = 99.97;
/** A covered pot stays at least this far under the boil, °C. */
const SHORT_OF_BOIL_C = 0.3;

/**
 * What a plateau known at sea level becomes at altitudeM, °C: the gap to the boil shrinks with the air's
 * pressure, T_b − max(0.3, (99.97 − plateau₀)·(p/101.325)^0.7). Kitchen estimate (docs/method.md,
 * “Oven, slow cooker, pressure”).
 * @throws Problem `range`
 */
export const plateauAtAltitudeC = (seaLevelC: number, altitudeM: number): number =>
  boilingPointC(altitudeM) -
  Math.max(
    SHORT_OF_BOIL_C,
    (SEA_LEVEL_BOIL_C - seaLevelC) * powerOf(airPressureKPa(altitudeM) / SEA_LEVEL_KPA, 0.7),
  );

/**
 * A temperature that goes toward plateauC with time constant tauMin: T after dtMin.
 * @example relaxed(15, 95, 160, 120) // 57.2
 */
export const relaxed = (tempC: number, plateauC: number, tauMin: number, dtMin: number): number =>
  plateauC - (plateauC - tempC) * exp(-dtMin / tauMin);
