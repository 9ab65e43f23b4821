import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { cosine, exp, expLess1, ln, log10, powerOf, sine } from "./same-math";

/** Relative to the engine's own. */
const off = (mine: number, theirs: number) =>
  theirs === 0 || !Number.isFinite(theirs)
    ? Math.abs(mine - theirs) || 0
    : Math.abs(mine / theirs - 1);
const real = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("the same in every engine, and right", () => {
  test("exponential and logarithm are the engine's own but for the last digit, and undo each other", () => {
    fc.assert(
      fc.property(real(-700, 700), (x) => {
        expect(off(exp(x), Math.exp(x))).toBeLessThan(4e-16);
        expect(ln(exp(x))).toBeCloseTo(x, 12);
      }),
      { numRuns: 2000 },
    );
    fc.assert(
      fc.property(real(5e-324, 1e300), (x) => {
        expect(Math.abs(ln(x) - Math.log(x))).toBeLessThanOrEqual(
          1e-15 * Math.abs(Math.log(x)) + 1e-16,
        );
      }),
      { numRuns: 2000 },
    );
    fc.assert(
      fc.property(real(0.5, 2), (x) => void expect(off(ln(x), Math.log(x))).toBeLessThan(1e-14)),
    );
  });

  test("at their ends they are what the engine has", () => {
    for (const x of [0, -0, 709.78, 710, -745, -746, Infinity, -Infinity, NaN, 1e-320, -720])
      expect(off(exp(x), Math.exp(x)) < 1e-9 || Object.is(exp(x), Math.exp(x))).toBe(true);
    for (const x of [0, 1, -1, Infinity, NaN]) expect(ln(x)).toBe(Math.log(x));
    expect([exp(0), ln(1), powerOf(10, 3), powerOf(2, -2), powerOf(0, 0.7), log10(1000)]).toEqual([
      ...[1, 0, 1000, 0.25, 0],
      expect.closeTo(3, 14) as number,
    ]);
  });

  test("powers, small exponentials and angles are the engine's own", () => {
    fc.assert(
      fc.property(real(0.01, 100), real(-8, 8), (b, e) => {
        expect(off(powerOf(b, e), b ** e)).toBeLessThan(1e-13);
      }),
    );
    fc.assert(
      fc.property(real(-30, 3), (x) => {
        expect(off(expLess1(x / 1e6), Math.expm1(x / 1e6))).toBeLessThan(1e-14);
        expect(off(expLess1(x), Math.expm1(x))).toBeLessThan(1e-14);
      }),
    );
    fc.assert(
      fc.property(real(-60, 60), (x) => {
        expect(sine(x)).toBeCloseTo(Math.sin(x), 13);
        expect(cosine(x)).toBeCloseTo(Math.cos(x), 13);
      }),
    );
  });
});
