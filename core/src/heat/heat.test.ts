import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { cookRate } from "../doneness/cook-value";
import { outcomeOf } from "../units/problem";
import { airPressureKPa } from "../water/altitude";
import { comeUpMin, holdingW } from "./come-up";
import type { Vigour } from "./constants";
import { ringNetW, simmerC, warmingFluxKgM2H } from "./hob";
import { BallConduction, equalBallRadiusM, pieceTauS } from "./piece";

interface ComeUpInput {
  items: { kg: number; c: number }[];
  fromC: number;
  areaOutM2: number;
  areaFreeM2: number;
  roomC: number;
  toC: number;
  powerW: number;
  eta: number;
  lid: number;
  altitudeM: number;
}

const comeUpOf = (i: ComeUpInput) => {
  const thin = Math.sqrt(airPressureKPa(i.altitudeM) / 101.325);
  return comeUpMin({
    heatCapacityKJK: i.items.reduce((sum, { kg, c }) => sum + kg * c, 0),
    fromC: i.fromC,
    toC: i.toC,
    // The worked numbers take a ring that does not weaken with altitude.
    netW: ringNetW({ id: "r", name: "r", kind: "gas", powerW: i.powerW }, i.altitudeM) / thin,
    lossWK: i.areaOutM2 * 12,
    freeSurfaceM2: i.areaFreeM2,
    lidFactor: i.lid,
    altitudeM: i.altitudeM,
    roomC: i.roomC,
  });
};

describe("coming up to heat against worked numbers", () => {
  for (const v of vectorsOf(3, (i) => "items" in i))
    test(v.name, () => {
      const got = outcomeOf(() => comeUpOf(v.input as unknown as ComeUpInput));
      if (typeof v.expected === "number") {
        expect(got.ok).toBe(true);
        expect(Math.abs((got.ok ? got.value : 0) - v.expected)).toBeLessThanOrEqual(v.tolerance);
      } else {
        expect(got).toMatchObject({
          ok: false,
          problem: { code: "ringTooWeak" },
        });
        const stuckC = got.ok ? 0 : Number(got.problem.value);
        expect(Math.abs(stuckC - 92)).toBeLessThanOrEqual(v.tolerance);
      }
    });

  test("holding a gentle simmer with the lid off", () => {
    const v = vectorsOf(3, (i) => "fluxKgM2h" in i)[0];
    expect(
      Math.abs(holdingW(10, 0.05309, 0.2377 * 12, 94.97, 22) - Number(v?.expected)),
    ).toBeLessThan(v?.tolerance ?? 0);
  });

  test("open evaporation at 60 °C while warming", () => {
    expect(warmingFluxKgM2H(60, 101.325)).toBeCloseTo(0.889475, 2);
  });

  test("a gas ring weakens with thin air, induction does not", () => {
    const gas = { id: "g", name: "g", kind: "gas" as const, powerW: 3000 };
    const plate = { ...gas, kind: "induction" as const };
    expect(ringNetW(gas, 1640)).toBeCloseTo(1200 * Math.sqrt(83.13 / 101.325), 0);
    expect(ringNetW(plate, 1640)).toBe(ringNetW(plate, 0));
  });
});

describe("simmer temperatures", () => {
  for (const v of vectorsOf(4, (i) => "vigour" in i))
    test(v.name, () => {
      const i = v.input as { vigour: Vigour; altitudeM: number };
      expect(Math.abs(simmerC(i.vigour, i.altitudeM) - Number(v.expected))).toBeLessThan(
        v.tolerance,
      );
    });
});

describe("heat into the piece", () => {
  for (const v of vectorsOf(5, (_, name) => name.startsWith("first-mode")))
    test(v.name, () => {
      const i = v.input as { dimsM?: [number, number, number]; diaM?: number };
      const tau = pieceTauS(
        i.dimsM ? { kind: "brick", sizeM: i.dimsM } : { kind: "ball", diameterM: i.diaM ?? 0 },
      );
      expect(Math.abs(tau / 60 - Number(v.expected))).toBeLessThan(v.tolerance);
    });

  for (const v of vectorsOf(5, (_, name) => name.startsWith("sphere")))
    test(v.name, () => {
      const { Fo, startC, surfaceC } = v.input as Record<string, number>;
      const tauS = 469;
      const radius = equalBallRadiusM(tauS);
      const totalS = ((Fo ?? 0) * radius ** 2) / 1.35e-7;
      const ball = new BallConduction(tauS, startC ?? 0);
      const n = Math.ceil(totalS / (tauS / 20));
      for (let k = 0; k < n; k++) ball.step(totalS / n, surfaceC ?? 0);
      const got = v.name.includes("centre") ? ball.centreC : ball.meanC;
      expect(Math.abs(got - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
    });

  for (const v of vectorsOf(5, (_, name) => name.includes("centre passes")))
    test(v.name, () => {
      const { dimsM, startC, surfaceC, markC } = v.input as unknown as {
        dimsM: [number, number, number];
        startC: number;
        surfaceC: number;
        markC: number;
      };
      const ball = new BallConduction(pieceTauS({ kind: "brick", sizeM: dimsM }), startC);
      let minutes = 0;
      for (; ball.centreC < markC; minutes += 0.5) ball.step(30, surfaceC);
      expect(Math.abs(minutes - Number(v.expected))).toBeLessThanOrEqual(v.tolerance + 0.5);
    });

  test("a cylinder as long as it is wide warms slower than a ball of that width", () => {
    const ball = pieceTauS({ kind: "ball", diameterM: 0.05 });
    const cylinder = pieceTauS({
      kind: "cylinder",
      diameterM: 0.05,
      lengthM: 0.05,
    });
    expect(cylinder).toBeGreaterThan(ball);
    expect(() => pieceTauS({ kind: "ball", diameterM: 0 })).toThrowError(/not possible/);
  });

  test("the mean of exponentials is the same by shells and, when even, by the mean", () => {
    const ball = new BallConduction(200, 80);
    for (let k = 0; k < 200; k++) ball.step(10, 95);
    expect(ball.meanExp(Math.LN10 / 33, 100)).toBeCloseTo(cookRate(ball.meanC), 5);
  });
});

describe("cook value", () => {
  test("rates and an hour's worth, worked by hand", () => {
    expect(cookRate(74)).toBeCloseTo(0.162975083, 6);
    expect(cookRate(95)).toBeCloseTo(0.705480231, 6);
    expect(60 * cookRate(94.97)).toBeCloseTo(42.2403, 3);
  });
});
