import { wholePower } from "./whole-power";

/**
 * Exponentials and logarithms that come to the same last digit in every engine: the language leaves that digit of its
 * own to them, and they differ. Only sums, products, quotients and roots are used here, which IEEE 754 fixes.
 * Method and coefficients: the freely distributable mathematical library of Sun Microsystems (fdlibm), e_exp and e_log.
 */

const LN2_HIGH = 6.93147180369123816e-1;
const LN2_LOW = 1.9082149292705877e-10;
const INVERSE_LN2 = 1.44269504088896339;
const LEAST_POWER = -1074;
/** Powers of two from the least there is to 2¹⁰²³, each exact. */
const TWO_TO = new Float64Array(1023 - LEAST_POWER + 1);
TWO_TO[-LEAST_POWER] = 1;
for (let k = 1; k <= 1023; k++)
  TWO_TO[k - LEAST_POWER] = 2 * (TWO_TO[k - 1 - LEAST_POWER] as number);
for (let k = -1; k >= LEAST_POWER; k--)
  TWO_TO[k - LEAST_POWER] = (TWO_TO[k + 1 - LEAST_POWER] as number) / 2;

/** e to the power of x; within an ulp. */
export function exp(x: number): number {
  if (Number.isNaN(x)) return NaN;
  if (x > 709.7827128933841) return Infinity;
  if (x < -745.1332191019411) return 0;
  const k = Math.round(x * INVERSE_LN2);
  const high = x - k * LN2_HIGH;
  const low = k * LN2_LOW;
  const r = high - low;
  const t = r * r;
  const c =
    r -
    t *
      (1.66666666666666019e-1 +
        t *
          (-2.77777777770155934e-3 +
            t *
              (6.61375632143793436e-5 +
                t * (-1.65339022054652515e-6 + t * 4.13813679705723846e-8))));
  const y = 1 - (low - (r * c) / (2 - c) - high);
  // In two steps where one would not reach.
  const half = k >> 1;
  return k > 1000 || k < -1000
    ? y * (TWO_TO[half - LEAST_POWER] as number) * (TWO_TO[k - half - LEAST_POWER] as number)
    : y * (TWO_TO[k - LEAST_POWER] as number);
}

const FLOAT = new Float64Array(1);
/** The same bits: the lower word, then the one with sign and exponent (little-endian, as all that browsers run on is). */
const WORDS = new Uint32Array(FLOAT.buffer);

/** Natural logarithm; within an ulp. NaN below 0. */
export function ln(x: number): number {
  if (!(x > 0)) return x === 0 ? -Infinity : NaN;
  if (x === Infinity) return Infinity;
  const isTiny = x < 2.2250738585072014e-308;
  FLOAT[0] = isTiny ? x * 18014398509481984 : x;
  const high = WORDS[1] as number;
  const fraction = high & 0xfffff;
  const i = (fraction + 0x95f64) & 0x100000;
  WORDS[1] = fraction | (i ^ 0x3ff00000);
  const k = (high >>> 20) - 1023 + (i >>> 20) - (isTiny ? 54 : 0);
  const f = FLOAT[0] - 1;
  const s = f / (2 + f);
  const z = s * s;
  const r =
    z *
    (6.66666666666673513e-1 +
      z *
        (3.99999999994094191e-1 +
          z *
            (2.85714287436623915e-1 +
              z *
                (2.2222198432149784e-1 +
                  z *
                    (1.81835721616180501e-1 +
                      z * (1.53138376992093733e-1 + z * 1.47981986051165859e-1))))));
  const halfSquare = 0.5 * f * f;
  return k * LN2_HIGH - (halfSquare - (s * (halfSquare + r) + k * LN2_LOW) - f);
}

export const log10 = (x: number): number => ln(x) / Math.LN10;

/** e to the power of x, less 1, exact for small x too (Kahan). */
export function expLess1(x: number): number {
  const y = exp(x);
  if (y === 1) return x;
  return y === 0 || y === Infinity ? y - 1 : ((y - 1) * x) / ln(y);
}

/** A base to a power; whole powers by multiplying. */
export function powerOf(base: number, exponent: number): number {
  if (!Number.isInteger(exponent) || Math.abs(exponent) > 64)
    return base === 0 ? (exponent > 0 ? 0 : Infinity) : exp(exponent * ln(base));
  return wholePower(base, exponent);
}

/** π/2 in two parts. */
const QUARTER_HIGH = 1.5707963267341256;
const QUARTER_LOW = 6.077100506506192e-11;

/** Sum of the series of sine (from 1) or cosine (from 0) for |r| up to π/4, 1/n! by the way. */
function series(r: number, from: 0 | 1): number {
  const z = -r * r;
  let term = from === 1 ? r : 1;
  let sum = term;
  for (let n = from + 1; n < 20; n += 2) {
    term *= z / (n * (n + 1));
    sum += term;
  }
  return sum;
}

/** For angles of a few turns. */
export function sine(x: number): number {
  const n = Math.round(x / (QUARTER_HIGH + QUARTER_LOW));
  const r = x - n * QUARTER_HIGH - n * QUARTER_LOW;
  const value = series(r, n % 2 === 0 ? 1 : 0);
  return ((n % 4) + 4) % 4 >= 2 ? -value : value;
}

export const cosine = (x: number): number => sine(x + QUARTER_HIGH + QUARTER_LOW);
