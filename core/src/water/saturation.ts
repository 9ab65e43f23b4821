import { powerOf } from "../units/same-math";
import { wholePower } from "../units/whole-power";
import { requireWithin } from "../units/problem";

/** Coefficients n1…n10 of IAPWS-IF97 region 4 (release of 2007, table 34). */
const N1 = 0.11670521452767e4;
const N2 = -0.72421316703206e6;
const N3 = -0.17073846940092e2;
const N4 = 0.1202082470247e5;
const N5 = -0.32325550322333e7;
const N6 = 0.1491510861353e2;
const N7 = -0.48232657361591e4;
const N8 = 0.40511340542057e6;
const N9 = -0.23855557567849;
const N10 = 0.65017534844798e3;
const ZERO_C_K = 273.15;

/**
 * Saturation pressure of water, kPa, at tempC (0–370 °C). IAPWS-IF97 region 4, equation 30.
 * @throws Problem `range`
 * @example saturationPressureKPa(100) // 101.418
 */
export function saturationPressureKPa(tempC: number): number {
  requireWithin("tempC", tempC, 0, 370, "°C");
  const k = tempC + ZERO_C_K;
  const v = k + N9 / (k - N10);
  const a = v * v + N1 * v + N2;
  const b = N3 * v * v + N4 * v + N5;
  const c = N6 * v * v + N7 * v + N8;
  const root = (2 * c) / (-b + Math.sqrt(b * b - 4 * a * c));
  return 1000 * wholePower(root, 4);
}

/**
 * Saturation temperature of water, °C, at pressureKPa (0.7–22 000 kPa). IAPWS-IF97 region 4, equation 31.
 * @throws Problem `range`
 * @example saturationTemperatureC(101.325) // 99.974
 */
export function saturationTemperatureC(pressureKPa: number): number {
  requireWithin("pressureKPa", pressureKPa, 0.7, 22000, "kPa");
  const beta = powerOf(pressureKPa / 1000, 0.25);
  const e = beta * beta + N3 * beta + N6;
  const f = N1 * beta * beta + N4 * beta + N7;
  const g = N2 * beta * beta + N5 * beta + N8;
  const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
  const sum = N10 + d;
  return (sum - Math.sqrt(sum * sum - 4 * (N9 + N10 * d))) / 2 - ZERO_C_K;
}
