import { exp } from "../units/same-math";
import { published } from "../units/constant";

/** Temperature step that makes texture change ten times faster. */
export const COOK_VALUE_Z_C = published(
  "z of the cook value",
  33,
  "°C",
  "classical cook value C₁₀₀; published range for texture 20–40",
);

/**
 * Minutes at 100 °C that one minute at tempC is worth: 10^((T − 100)/z).
 * @example cookRate(95) // 0.7055
 */
export const cookRate = (tempC: number, zC: number = COOK_VALUE_Z_C.value): number =>
  exp(((tempC - 100) / zC) * Math.LN10);
