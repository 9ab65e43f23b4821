import { exp, ln } from "../units/same-math";
import { square } from "../units/whole-power";
import { Problem } from "../units/problem";

/** One reading of the liquid while it warms. */
export interface WarmUpReading {
  readonly tMin: number;
  readonly tempC: number;
}

export interface WarmUpFit {
  readonly plateauC: number;
  readonly tauMin: number;
  /** Root mean square miss, °C. */
  readonly rmsC: number;
}

/** For one τ the curve is linear in plateau and start: least squares in closed form. */
function fitAt(readings: readonly WarmUpReading[], tauMin: number): WarmUpFit {
  const n = readings.length;
  const x = readings.map((r) => exp(-r.tMin / tauMin));
  const meanX = x.reduce((a, b) => a + b, 0) / n;
  const meanY = readings.reduce((a, r) => a + r.tempC, 0) / n;
  let sxx = 0;
  let sxy = 0;
  readings.forEach((r, i) => {
    const dx = (x[i] ?? 0) - meanX;
    sxx += dx * dx;
    sxy += dx * (r.tempC - meanY);
  });
  const slope = sxx > 0 ? sxy / sxx : 0;
  const plateauC = meanY - slope * meanX;
  const squares = readings.reduce(
    (sum, r, i) => sum + square(r.tempC - plateauC - slope * (x[i] ?? 0)),
    0,
  );
  return { plateauC, tauMin, rmsC: Math.sqrt(squares / n) };
}

/**
 * Plateau and time constant of a cooker from its own thermometer log: least squares of
 * T = Tp − (Tp − T0)·exp(−t/τ), τ by golden section from 10 to 600 min.
 * @throws Problem `range` with fewer than 4 readings, readings under an hour apart in all, or falling ones
 */
export function fitWarmUp(readings: readonly WarmUpReading[]): WarmUpFit {
  const times = readings.map((r) => r.tMin);
  if (readings.length < 4 || Math.max(...times) - Math.min(...times) < 60)
    throw new Problem(
      "range",
      "warmUp",
      readings.length,
      "A warm-up needs at least four readings over an hour or more.",
    );
  const ratio = (Math.sqrt(5) - 1) / 2;
  let low = ln(10);
  let high = ln(600);
  for (let i = 0; i < 60; i++) {
    const left = high - ratio * (high - low);
    const right = low + ratio * (high - low);
    if (fitAt(readings, exp(left)).rmsC < fitAt(readings, exp(right)).rmsC) high = right;
    else low = left;
  }
  const found = fitAt(readings, exp((low + high) / 2));
  const hottest = Math.max(...readings.map((r) => r.tempC));
  if (found.plateauC < hottest - 3 || found.plateauC > 130)
    throw new Problem(
      "range",
      "warmUp",
      Math.round(found.plateauC),
      "These readings do not level off like a cooker warming up. Read on until it hardly rises.",
    );
  return found;
}
