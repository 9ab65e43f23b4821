import { describe, expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { centreGateC } from "../doneness/targets";
import { ovenPlateauC } from "../heat/oven";
import { BallConduction, pieceTauS } from "../heat/piece";
import { relaxed } from "../heat/plateau";
import { naturalReleaseMin, pressureHoldC } from "../heat/pressure";
import { crockPlateauC, crockTauMin } from "../heat/slow-cooker";
import { boilingPointC } from "../water/altitude";
import { LeanPiece } from "./lean-piece";

/** Setting of the worked numbers: liquid from 15 °C, piece from 5 °C, 3 L, two thirds full. */
const LIQUID_FROM_C = 15;
const HOB_UP_MIN = 25;
const PRESSURE_UP_MIN = 20;
const CONTENTS_L = 3;
const FILL = 0.67;
const STEP_MIN = 0.5;

type Heat = "oven150" | "hobGentle" | "low" | "high" | "p80" | "p103";

/** The liquid's temperature of an idealised heat, min from the first heat, and where its clock starts. */
function liquidOf(heat: Heat, altitudeM: number, holdMin: number) {
  const boilC = boilingPointC(altitudeM);
  const up = (toC: number, min: number) => (t: number) =>
    LIQUID_FROM_C + ((toC - LIQUID_FROM_C) * t) / min;
  if (heat === "low" || heat === "high") {
    const [plateau, tau] = [crockPlateauC(heat, altitudeM), crockTauMin(heat, FILL)];
    return { fromMin: 0, tailMin: 0, at: (t: number) => relaxed(LIQUID_FROM_C, plateau, tau, t) };
  }
  if (heat === "p80" || heat === "p103") {
    const holdC = pressureHoldC(heat === "p80" ? 80 : 103, altitudeM);
    const release = naturalReleaseMin(CONTENTS_L);
    const rise = up(holdC, PRESSURE_UP_MIN);
    return {
      fromMin: PRESSURE_UP_MIN,
      tailMin: release,
      at: (t: number) => {
        if (t <= PRESSURE_UP_MIN) return rise(t);
        const after = t - PRESSURE_UP_MIN - holdMin;
        return after <= 0 ? holdC : holdC + ((boilC - holdC) * Math.min(after, release)) / release;
      },
    };
  }
  if (heat === "oven150") {
    // The worked numbers put the piece into the hot pot as it enters the oven.
    const plateau = ovenPlateauC(150, "on", altitudeM);
    return {
      fromMin: 0,
      tailMin: 0,
      at: (t: number) => relaxed(Math.min(95, boilC - 2), plateau, 30, t),
    };
  }
  const rise = up(boilC - 5, HOB_UP_MIN);
  return {
    fromMin: HOB_UP_MIN,
    tailMin: 0,
    at: (t: number) => (t <= HOB_UP_MIN ? rise(t) : boilC - 5),
  };
}

/** Σmc/(12·A) of 3 L in a 26 cm pot, min: how fast it falls once off the heat. */
const REST_TAU_MIN = 75;

/** Average and centre cook value, and the centre's hottest, after a hold; by shells or by modes. */
function cook(
  heat: Heat,
  altitudeM: number,
  holdMin: number,
  dimsM: [number, number, number],
  restMin = 0,
) {
  const programme = liquidOf(heat, altitudeM, holdMin);
  const { fromMin } = programme;
  const offMin = fromMin + holdMin + programme.tailMin;
  const tailMin = programme.tailMin + restMin;
  const at = (t: number) =>
    t <= offMin ? programme.at(t) : relaxed(programme.at(offMin), 22, REST_TAU_MIN, t - offMin);
  const tauS = pieceTauS({ kind: "brick", sizeM: dimsM });
  const lean = new LeanPiece(tauS, 5, at(0));
  const shells = new BallConduction(tauS, 5);
  let average = 0;
  let leanAverage = 0;
  let centre = 0;
  let hottestC = 5;
  const rate = (c: number) => (c < 55 ? 0 : 10 ** ((c - 100) / 33));
  for (let t = STEP_MIN; t <= fromMin + holdMin + tailMin + 1e-9; t += STEP_MIN) {
    shells.step(STEP_MIN * 60, at(t));
    lean.advance(STEP_MIN, at(t));
    average += shells.meanExp(Math.LN10 / 33, 100) * STEP_MIN;
    leanAverage += lean.meanRate(33) * STEP_MIN;
    centre += rate(shells.centreC) * STEP_MIN;
    hottestC = Math.max(hottestC, shells.centreC);
  }
  return { average, leanAverage, centre, hottestC, holdC: at(fromMin + holdMin) };
}

describe("cook value of a whole programme against worked numbers", () => {
  for (const v of vectorsOf(6, (i) => "program" in i))
    test(v.name, () => {
      const i = v.input as { dimsM: [number, number, number]; program: string };
      const [, word, min] = /^(.*?) (\d+) min/.exec(i.program) ?? [];
      const heat = (
        { "hob gentle": "hobGentle", LOW: "low", HIGH: "high", "80 kPa": "p80" } as const
      )[word as "LOW"];
      const altitudeM = i.program.includes("1640") ? 1640 : 0;
      const got = cook(heat, altitudeM, Number(min), i.dimsM);
      const value = v.name.includes("centre") ? got.centre : got.average;
      expect(Math.abs(value - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
    });
});

describe("the lean piece is the shells' piece", () => {
  test.each([
    ["oven150", 165, [0.04, 0.04, 0.04]],
    ["low", 480, [0.09, 0.14, 0.2]],
    ["high", 300, [0.06, 0.06, 0.06]],
    ["p80", 30, [0.04, 0.04, 0.04]],
  ] as const)("%s %i min", (heat, holdMin, dims) => {
    const { average, leanAverage } = cook(heat, 0, holdMin, [...dims]);
    expect(leanAverage / average).toBeCloseTo(1, 1);
    expect(Math.abs(leanAverage / average - 1)).toBeLessThan(0.02);
  });

  test("a step to hot liquid follows the series of the ball", () => {
    const tauS = 469;
    const piece = new LeanPiece(tauS, 10, 95);
    // Fo = α·t/R² = t/(π²·τ).
    piece.advance((0.2 * Math.PI ** 2 * tauS) / 60, 95);
    expect(Math.abs(piece.meanC - 87.817)).toBeLessThan(0.5);
    piece.advance((0.2 * Math.PI ** 2 * tauS) / 60, 95);
    expect(Math.abs(piece.centreC - 91.72)).toBeLessThan(0.5);
  });
});

describe("equal cook value between heats against worked numbers", () => {
  for (const v of vectorsOf(9, (i) => "writtenFor" in i))
    test(
      v.name,
      () => {
        const i = v.input as {
          dimsM: [number, number, number];
          writtenFor: { minutes: number };
          to: Heat;
          altitudeM: number;
          restMin: number;
        };
        const want = cook("oven150", 0, i.writtenFor.minutes, i.dimsM, i.restMin).average;
        const isDone = (holdMin: number) => {
          const got = cook(i.to, i.altitudeM, holdMin, i.dimsM, i.restMin);
          return got.average >= want && got.hottestC >= centreGateC(got.holdC);
        };
        let [low, high] = [0, 900];
        while (high - low > 0.5) {
          const middle = (low + high) / 2;
          if (isDone(middle)) high = middle;
          else low = middle;
        }
        expect(Math.abs(high - Number(v.expected))).toBeLessThanOrEqual(v.tolerance);
      },
      20_000,
    );
});
