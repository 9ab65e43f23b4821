import { kitchenEstimate, published } from "../units/constant";
import { boilingPointC } from "../water/altitude";

const UK_MIN = published("bean boil", 10, "min", "UK FSA: at least 10 min");
const US_MIN = published("bean boil", 30, "min", "FDA: 30 min");
const HIGH_MIN = kitchenEstimate(
  "bean boil, high",
  45,
  "min",
  "margin where water boils under 96 °C",
);
const LOW_BOIL_C = 98;
const VERY_LOW_BOIL_C = 96;

/**
 * Minutes that dry common beans (Phaseolus) must boil hard in fresh water before they simmer:
 * 10 at low altitude, 30 where water boils under 98 °C, 45 under 96 °C.
 */
export function requiredBeanBoilMin(altitudeM: number): number {
  const boilC = boilingPointC(altitudeM);
  if (boilC < VERY_LOW_BOIL_C) return HIGH_MIN.value;
  return boilC < LOW_BOIL_C ? US_MIN.value : UK_MIN.value;
}
