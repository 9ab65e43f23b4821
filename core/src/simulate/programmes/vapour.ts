import { saturationPressureKPa } from "../../water/saturation";

/** Steam follows the vapour pressure: what a pot that is still warming loses of what it does at its plateau, 0–1, by °C. */
export function vapourShareOf(plateauC: number): (tempC: number) => number {
  const fullKPa = saturationPressureKPa(plateauC);
  return (tempC) => Math.min(1, saturationPressureKPa(Math.max(0, tempC)) / fullKPa);
}
