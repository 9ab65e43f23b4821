import { describe, expect, test } from "vitest";
import { EvenDraws } from "./even-draws";
import { normal, seeded } from "./random";

const DIMENSIONS = 18;
/** As a conversion's time goes by what is uncertain about it: by a few much, by the rest little. */
const WEIGHTS = Array.from({ length: DIMENSIONS }, (_, i) => 0.4 / (i + 1));
const SIGMA = Math.sqrt(WEIGHTS.reduce((sum, w) => sum + w * w, 0));
const P90 = Math.exp(1.2815515655446004 * SIGMA);

/** How far off the tenth and the ninetieth of a hundred lie, as a share, over many seeds. */
function missOf(draws: number, figures: (seed: number, draws: number) => number[]): number {
  const seeds = Array.from({ length: 40 }, (_, i) => i + 1);
  const squares = seeds.flatMap((seed) => {
    const sorted = figures(seed, draws).sort((a, b) => a - b);
    const at = (share: number) => sorted[Math.round(share * (draws - 1))] ?? NaN;
    return [(at(0.1) * P90 - 1) ** 2, (at(0.9) / P90 - 1) ** 2];
  });
  return Math.sqrt(squares.reduce((a, b) => a + b, 0) / squares.length);
}
const figureOf = (next: () => number) => Math.exp(WEIGHTS.reduce((sum, w) => sum + w * next(), 0));
const even = (seed: number, count: number) => {
  const draws = new EvenDraws(seed, DIMENSIONS);
  return Array.from({ length: count }, () => {
    draws.begin();
    return figureOf(() => draws.normal());
  });
};
const random = (seed: number, count: number) => {
  const source = seeded(seed);
  return Array.from({ length: count }, () => figureOf(() => normal(source)));
};

describe("even draws", () => {
  test("250 of them tell a range better than 500 at random", () => {
    expect(missOf(250, even)).toBeLessThan(0.8 * missOf(500, random));
  });

  test("every dimension is standard normal, and none goes with another", () => {
    const draws = new EvenDraws(5, DIMENSIONS);
    const n = 2000;
    const rows = Array.from({ length: n }, () => {
      draws.begin();
      return WEIGHTS.map(() => draws.normal());
    });
    for (let a = 0; a < DIMENSIONS; a++) {
      const of = (row: number[], i: number) => row[i] ?? NaN;
      expect(Math.abs(rows.reduce((sum, r) => sum + of(r, a), 0) / n)).toBeLessThan(0.02);
      for (let b = 0; b <= a; b++) {
        const mean = rows.reduce((sum, r) => sum + of(r, a) * of(r, b), 0) / n;
        expect(Math.abs(mean - Number(a === b))).toBeLessThan(0.1);
      }
    }
  });

  test("the same seed draws the same", () => {
    expect(even(3, 20)).toEqual(even(3, 20));
    expect(even(4, 20)).not.toEqual(even(3, 20));
  });
});
