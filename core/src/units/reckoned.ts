import type { UnitSystem } from "./show";
import { INCH_M, POUND_KG, US_QUART_L } from "./us-measures";

/** A figure of a reckoning with its unit. */
export interface Reckoned {
  readonly value: number;
  readonly unit: string;
}

/** From the unit that is reckoned in to that which is read in US kitchens. */
const US: Readonly<Record<string, (value: number) => Reckoned>> = {
  kg: (kg) => ({ value: kg / POUND_KG, unit: "lb" }),
  L: (litres) => ({ value: litres / US_QUART_L, unit: "qt" }),
  cm: (cm) => ({ value: cm / (100 * INCH_M), unit: "in" }),
  "°C": (c) => ({ value: (c * 9) / 5 + 32, unit: "°F" }),
  "g/L": (perL) => ({ value: perL * US_QUART_L, unit: "g/qt" }),
  "g/kg": (perKg) => ({ value: perKg * POUND_KG, unit: "g/lb" }),
  "g flour/L": (perL) => ({ value: perL * US_QUART_L, unit: "g flour/qt" }),
  "min at 100 °C": (value) => ({ value, unit: "min at 212 °F" }),
};

/**
 * A figure of a reckoning as it is read in one system: by places, not by fractions, so that it can be
 * followed. What has no measure of its own there (g of salt, W, min) stays as it is.
 * @example reckonedIn(94.5, "°C", "us") // { value: 202.1, unit: "°F" }
 */
export const reckonedIn = (value: number, unit: string, system: UnitSystem): Reckoned =>
  (system === "us" ? US[unit]?.(value) : undefined) ?? { value, unit };
