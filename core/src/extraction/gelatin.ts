import { exp } from "../units/same-math";
import { kitchenEstimate } from "../units/constant";

const GELATIN_DECAY_FROM_MIN = kitchenEstimate(
  "cook value from which gelatin weakens",
  900,
  "min at 100 °C",
  "sets of over-long pots",
);
const GELATIN_DECAY_MIN = kitchenEstimate(
  "cook value in which gelatin weakens to 37 %",
  2500,
  "min at 100 °C",
  "sets of over-long pots",
);
export const ROASTED_FACTOR = kitchenEstimate(
  "gelatin of roasted bones",
  0.95,
  "of raw",
  "sets of brown stocks",
);
export const USED_BEFORE_FACTOR = kitchenEstimate(
  "gelatin of bones used before",
  0.8,
  "of raw",
  "sets of second pots",
);

/**
 * Gelatin, g, drawn from massKg of bones after a cook value of cookMin:
 * m·G·(1 − exp(−C/K)), weakened past a cook value of 900 by exp(−(C − 900)/2500).
 */
export function gelatinDrawnG(
  massKg: number,
  gelatinGKg: number,
  kMin: number,
  cookMin: number,
): number {
  const over = Math.max(0, cookMin - GELATIN_DECAY_FROM_MIN.value);
  return massKg * gelatinGKg * (1 - exp(-cookMin / kMin)) * exp(-over / GELATIN_DECAY_MIN.value);
}

/** Gelatin still in the bones after a first boil, g. */
export const gelatinLeftG = (
  massKg: number,
  gelatinGKg: number,
  kMin: number,
  cookMin: number,
): number => massKg * gelatinGKg * exp(-cookMin / kMin);
