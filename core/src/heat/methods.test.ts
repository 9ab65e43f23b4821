import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { outcomeOf } from "../units/problem";
import { boilingPointC } from "../water/altitude";
import { ovenEntryC, ovenPlateauC } from "./oven";
import { frozenDelayS } from "./piece";
import { relaxed } from "./plateau";
import { flashShare, naturalReleaseMin, pressureHoldC } from "./pressure";
import { readPiece, showPiece } from "./read-piece";
import { crockPlateauC, crockTauMin, lidLiftDropC, warmPlateauC } from "./slow-cooker";
import { fitWarmUp } from "./warm-up";

const near = (got: number, expected: unknown, tolerance: number) =>
  expect(Math.abs(got - Number(expected))).toBeLessThanOrEqual(tolerance);

describe("oven", () => {
  for (const v of vectorsOf(4, (i) => i.method === "oven"))
    test(v.name, () => {
      const i = v.input as { lid: string; ovenC: number; altitudeM: number };
      const lid = i.lid === "covered" ? "on" : "off";
      near(ovenPlateauC(i.ovenC, lid, i.altitudeM), v.expected, v.tolerance);
    });

  for (const v of vectorsOf(4, (_, name) => name.startsWith("oven relaxation")))
    test(v.name, () => {
      const i = v.input as { startC: number; tauMin: number; tMin: number };
      near(relaxed(i.startC, 96, i.tauMin, i.tMin), v.expected, v.tolerance);
    });

  test("a lid ajar lies half-way, and the pot never boils over its own boiling point", () => {
    expect(ovenPlateauC(150, "ajar", 0)).toBeCloseTo(90, 2);
    expect(ovenPlateauC(300, "on", 1640)).toBeLessThanOrEqual(boilingPointC(1640) - 0.3);
    expect(ovenEntryC(0)).toBe(95);
    expect(ovenEntryC(1640)).toBeCloseTo(92.516, 2);
  });

  test("a lukewarm oven is refused with what would be right", () => {
    expect(outcomeOf(() => ovenPlateauC(70, "on", 0))).toMatchObject({
      ok: false,
      problem: { code: "range", field: "ovenC", value: 70 },
    });
  });
});

describe("slow cooker", () => {
  for (const v of vectorsOf(4, (i) => i.method === "low" || i.method === "high"))
    test(v.name, () => {
      const i = v.input as { method: "low" | "high"; altitudeM: number };
      near(crockPlateauC(i.method, i.altitudeM), v.expected, v.tolerance);
    });

  for (const v of vectorsOf(4, (i) => "set" in i))
    test(v.name, () => {
      const i = v.input as { set: "low" | "high"; startC: number; fill: number; tMin: number };
      const got = relaxed(i.startC, crockPlateauC(i.set, 0), crockTauMin(i.set, i.fill), i.tMin);
      near(got, v.expected, v.tolerance);
    });

  test("LOW never boils anywhere, and WARM stays above the holding line but high up", () => {
    fc.assert(
      fc.property(fc.double({ min: -400, max: 5000, noNaN: true }), (altitudeM) => {
        expect(crockPlateauC("low", altitudeM)).toBeLessThan(boilingPointC(altitudeM));
      }),
    );
    expect(warmPlateauC(1640)).toBe(74);
  });

  test("a lifted lid costs about 25 min of cooking on either setting", () => {
    for (const setting of ["low", "high"] as const) {
      const tau = crockTauMin(setting, 0.67);
      const drop = lidLiftDropC(tau, 33);
      // Cooking lost while it climbs back, in minutes at the plateau, by small steps.
      let lost = 0;
      for (let t = 0.5; t < 2000; t++) lost += 1 - 10 ** ((-drop * Math.exp(-t / tau)) / 33);
      expect(lost).toBeGreaterThan(22);
      expect(lost).toBeLessThan(26);
    }
  });
});

describe("a cooker's own warm-up", () => {
  const readings = (plateauC: number, tauMin: number, wobbleC = 0) =>
    [0, 30, 60, 120, 180, 240, 360].map((tMin, i) => ({
      tMin,
      tempC: relaxed(12, plateauC, tauMin, tMin) + (i % 2 === 0 ? wobbleC : -wobbleC),
    }));

  test("is found again from its readings, exact or with a wobbling thermometer", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 80, max: 98, noNaN: true }),
        fc.double({ min: 50, max: 200, noNaN: true }),
        (plateauC, tauMin) => {
          const fit = fitWarmUp(readings(plateauC, tauMin));
          expect(fit.plateauC).toBeCloseTo(plateauC, 1);
          expect(fit.tauMin / tauMin).toBeCloseTo(1, 2);
        },
      ),
      { numRuns: 30 },
    );
    const rough = fitWarmUp(readings(93, 120, 0.5));
    expect(Math.abs(rough.plateauC - 93)).toBeLessThan(1.5);
  });

  test("needs enough readings, and ones that level off", () => {
    expect(outcomeOf(() => fitWarmUp(readings(95, 100).slice(0, 3))).ok).toBe(false);
    const straight = [0, 60, 120, 180].map((tMin) => ({ tMin, tempC: 12 + tMin / 3 }));
    expect(outcomeOf(() => fitWarmUp(straight))).toMatchObject({
      ok: false,
      problem: { field: "warmUp" },
    });
  });
});

describe("pressure", () => {
  for (const v of vectorsOf(1, (i) => "gaugeKPa" in i))
    test(v.name, () => {
      const i = v.input as { gaugeKPa: number; altitudeM: number };
      near(pressureHoldC(i.gaugeKPa, i.altitudeM), v.expected, v.tolerance);
    });

  for (const v of vectorsOf(4, (i) => "contentsL" in i))
    test(v.name, () => {
      near(naturalReleaseMin(Number(v.input.contentsL)), v.expected, v.tolerance);
    });

  for (const v of vectorsOf(7, (_, name) => name.startsWith("quick-release")))
    test(v.name, () => {
      const i = v.input as { fromC: number; toC: number };
      near(flashShare(i.fromC, i.toC), v.expected, v.tolerance);
      expect(flashShare(i.toC, i.fromC)).toBe(0);
    });
});

describe("frozen pieces", () => {
  for (const v of vectorsOf(5, (_, name) => name.startsWith("frozen")))
    test(v.name, () => {
      const i = v.input as { diameterM: number; liquidC: number };
      near(frozenDelayS(i.diameterM, i.liquidC) / 60, v.expected, v.tolerance);
    });
});

describe("a piece as typed", () => {
  test.each([
    ["4 cm", { kind: "brick", sizeM: [0.04, 0.04, 0.04] }],
    ["9 x 14 x 20 cm", { kind: "brick", sizeM: [0.09, 0.14, 0.2] }],
    ["9×14×20", { kind: "brick", sizeM: [0.09, 0.14, 0.2] }],
    ["5 by 12 cm", { kind: "cylinder", diameterM: 0.05, lengthM: 0.12 }],
    ["25 mm", { kind: "brick", sizeM: [0.025, 0.025, 0.025] }],
  ])("%s", (text, expected) => {
    const got = readPiece(text);
    expect(got.kind).toBe(expected.kind);
    const sizes = (p: object) =>
      Object.values(p)
        .flat()
        .filter((v) => typeof v === "number");
    sizes(got).forEach((v, i) => expect(v).toBeCloseTo(Number(sizes(expected)[i]), 9));
  });

  test("is read back as it is shown, in both systems", () => {
    const length = fc.integer({ min: 5, max: 300 }).map((mm) => mm / 1000);
    fc.assert(
      fc.property(fc.tuple(length, length, length), (sizeM) => {
        const shown = showPiece({ kind: "brick", sizeM: [...sizeM] }, "metric").replace(
          " dice",
          "",
        );
        const back = readPiece(shown);
        const want = back.kind === "brick" ? back.sizeM : [];
        sizeM.forEach((s, i) => expect(want[i]).toBeCloseTo(s, 6));
      }),
    );
    expect(showPiece({ kind: "ball", diameterM: 0.0254 }, "us")).toBe("1 in across");
    expect(readPiece("2", "in")).toMatchObject({ kind: "brick" });
  });

  test.each(["", "big", "1 x 2 x 3 x 4 cm", "400 cm"])("refuses %j", (text) => {
    expect(outcomeOf(() => readPiece(text))).toMatchObject({
      ok: false,
      problem: { field: "piece" },
    });
  });
});
