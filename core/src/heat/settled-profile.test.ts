import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { BallConduction } from "./piece";
import {
  settledCentreC,
  settledMeanC,
  settledMeanExp,
  settledMidwayC,
  type SettledProfile,
} from "./settled-profile";

const TAU_S = 600;
const K = Math.LN10 / 33;
const profile = fc.record({
  surfaceC: fc.double({ min: 20, max: 110, noNaN: true }),
  spreadC: fc.double({ min: -15, max: 40, noNaN: true }),
  slowestC: fc.double({ min: -40, max: 40, noNaN: true }),
});

describe("a settled piece", () => {
  test("its centre, mean, middle and mean of exponentials are those of shells set to its profile", () => {
    fc.assert(
      fc.property(profile, (p) => {
        const ball = new BallConduction(TAU_S, 0);
        ball.settleAt(p.surfaceC, p.spreadC, p.slowestC);
        const scale = 1 + Math.abs(p.spreadC) + Math.abs(p.slowestC);
        expect(Math.abs(ball.centreC - settledCentreC(p)) / scale).toBeLessThan(0.001);
        expect(Math.abs(ball.meanC - settledMeanC(p)) / scale).toBeLessThan(0.002);
        expect(Math.abs(ball.midwayC - settledMidwayC(p)) / scale).toBeLessThan(1e-9);
        const rate = Math.exp(K * (p.surfaceC - 100)) * settledMeanExp(p.spreadC, p.slowestC, K);
        // Shells are flat within themselves: steep ones are a little off.
        expect(Math.abs(ball.meanExp(K, 100) / rate - 1)).toBeLessThan(0.012);
      }),
    );
  });

  test("in evenly warming liquid the shells come to it, and keep to it by its own clock", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.02, max: 0.08, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (perS, forTaus) => {
          const ball = new BallConduction(TAU_S, 20);
          const stepS = TAU_S / 60;
          let surfaceC = 20;
          const go = (taus: number) => {
            for (let i = 0; i < Math.round(taus * 60); i++) {
              surfaceC += perS * stepS;
              ball.step(stepS, surfaceC);
            }
          };
          go(2);
          const spreadC = ((Math.PI * Math.PI) / 6) * TAU_S * perS;
          const slowestC = ball.centreC - surfaceC + spreadC;
          go(forTaus);
          const later: SettledProfile = {
            surfaceC,
            spreadC,
            slowestC: slowestC * Math.exp((-Math.round(forTaus * 60) * stepS) / TAU_S),
          };
          const scale = 1 + Math.abs(spreadC);
          expect(Math.abs(ball.centreC - settledCentreC(later)) / scale).toBeLessThan(0.004);
          expect(Math.abs(ball.meanC - settledMeanC(later)) / scale).toBeLessThan(0.004);
        },
      ),
      { numRuns: 30 },
    );
  });

  test("at the liquid's temperature all of it is as hot as its surface", () => {
    expect(settledMeanExp(0, 0, K)).toBe(1);
  });
});
