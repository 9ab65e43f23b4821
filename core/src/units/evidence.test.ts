import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { gridAfter, saidAlone } from "./evidence";

describe("what evidence says by itself", () => {
  test("a normal reading is what was read, whatever was believed before", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 1, noNaN: true }),
        fc.double({ min: -1, max: 1, noNaN: true }),
        fc.double({ min: 0.2, max: 1.2, noNaN: true }),
        (sigma, read, sd) => {
          const likely = (x: number) => -0.5 * ((x - sigma * read) / (sigma * sd)) ** 2;
          const said = saidAlone(sigma, gridAfter(sigma, likely));
          expect(said?.mean).toBeCloseTo(sigma * read, 2);
          expect(said?.sd).toBeCloseTo(sigma * sd, 2);
        },
      ),
    );
  });

  test("what is as likely wherever it is says nothing, and its weights come to 1", () => {
    const grid = gridAfter(0.3, () => -4);
    expect(grid.weights.reduce((sum, w) => sum + w, 0)).toBeCloseTo(1, 12);
    expect(saidAlone(0.3, grid)).toBeNull();
  });

  test("evidence that is hardly possible anywhere still gives a figure", () => {
    const said = saidAlone(
      0.25,
      gridAfter(0.25, (x) => -5000 - 400 * (x - 1) ** 2),
    );
    expect(said?.mean).toBeGreaterThan(0.5);
    expect(Number.isFinite(said?.sd)).toBe(true);
  });
});
