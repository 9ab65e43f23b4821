import { exp, ln } from "../units/same-math";
import type { CoolingPoint } from "./cooling";

const STEP_MIN = 1;

/**
 * The course between two readings, without its ends: heat leaves in proportion to what is above the
 * surroundings, so it lies on a decaying curve through both and under the straight line. Straight where it
 * does not fall, or falls to what is round it. T = T∞ + (T₀ − T∞)·e^(−k·t).
 */
function decayBetween(a: CoolingPoint, b: CoolingPoint, aroundC: number): readonly CoolingPoint[] {
  const spanMin = b.tMin - a.tMin;
  const decays = b.tempC < a.tempC && b.tempC > aroundC;
  if (!decays || spanMin <= STEP_MIN) return [];
  const perMin = ln((a.tempC - aroundC) / (b.tempC - aroundC)) / spanMin;
  const steps = Math.ceil(spanMin / STEP_MIN) - 1;
  return Array.from({ length: steps }, (_, i) => {
    const t = ((i + 1) * spanMin) / (steps + 1);
    return { tMin: a.tMin + t, tempC: aroundC + (a.tempC - aroundC) * exp(-perMin * t) };
  });
}

/** Readings with the decaying course between each two of them. */
export function decayThrough(
  readings: readonly CoolingPoint[],
  aroundC: (tMin: number) => number,
): readonly CoolingPoint[] {
  return readings.flatMap((point, i) => {
    const before = readings[i - 1];
    return before === undefined
      ? [point]
      : [...decayBetween(before, point, aroundC(before.tMin)), point];
  });
}
