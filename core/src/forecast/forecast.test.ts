import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { outcomeOf } from "../units/problem";
import { fitRate } from "./rate-fit";
import { nextLookMin, timeToTarget } from "./time-to-target";

describe("the rate from readings", () => {
  test("posterior sd and mean of the worked readings", () => {
    const v = vectorsOf(10, (i) => "priorCv" in i)[0];
    const { V0, priorRateLMin, priorCv, readings } = v?.input as {
      V0: number;
      priorRateLMin: number;
      priorCv: number;
      readings: { tMin: number; L: number; sd: number }[];
    };
    const fit = fitRate(
      { mean: priorRateLMin, sd: priorRateLMin * priorCv },
      readings.map((r) => ({ x: r.tMin, y: V0 - r.L, sd: r.sd })),
    );
    expect(Math.abs(fit.sd - Number(v?.expected))).toBeLessThan(v?.tolerance ?? 0);
    expect(fit.mean).toBeCloseTo(0.007257028290195799, 12);
  });

  test("without readings the prior stands; each reading narrows it", () => {
    const prior = { mean: 1, sd: 0.35 };
    expect(fitRate(prior, [])).toEqual({ mean: 1, sd: expect.closeTo(0.35, 12) as number });
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            x: fc.double({ min: 0.1, max: 5, noNaN: true }),
            y: fc.double({ min: 0, max: 5, noNaN: true }),
            sd: fc.double({ min: 0.02, max: 1, noNaN: true }),
          }),
          { minLength: 1, maxLength: 6 },
        ),
        (readings) => {
          let before = prior.sd;
          for (let n = 1; n <= readings.length; n++) {
            const { sd } = fitRate(prior, readings.slice(0, n));
            expect(sd).toBeLessThan(before);
            before = sd;
          }
        },
      ),
    );
  });

  test("an exact line is found, whatever the prior, when readings are sharp", () => {
    const fit = fitRate({ mean: 1, sd: 0.35 }, [{ x: 2, y: 1.6, sd: 1e-4 }]);
    expect(fit.mean).toBeCloseTo(0.8, 5);
    expect(outcomeOf(() => fitRate({ mean: 1, sd: 0 }, []))).toMatchObject({ ok: false });
  });
});

describe("when it is down", () => {
  const rate = { mean: 0.007257028290195799, sd: 0.0007244448284425879 };
  test("P50 and P90 of the worked target, and when to look", () => {
    const t = timeToTarget(4.8, 3.2, rate);
    expect(t.expected).toBeCloseTo(220.475922, 2);
    expect(t.high).toBeCloseTo(252.819934, 2);
    expect(nextLookMin(120, t.low)).toBeCloseTo(157.734494, 2);
    expect(nextLookMin(120, 121)).toBe(122);
  });

  test("a rate that may be nothing may never get there", () => {
    expect(timeToTarget(4, 3, { mean: 0.001, sd: 0.001 }).high).toBe(Infinity);
  });
});
