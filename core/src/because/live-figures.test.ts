import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { HEATS, testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { fold } from "../batch/fold";
import { forecastLive } from "../batch/live-forecast";
import { CODES } from "../cool/codes";
import { TRAYS } from "../cool/container";
import { coolingTauMin, type CoolingFacts } from "../cool/cooling";
import type { Plan } from "../simulate/plan-schema";
import { coolingMinOf } from "./cooling-figures";
import { reduceMinOf, staysHotMinOf } from "./finish-figures";
import { liveFigures } from "./live-figures";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const at = (min: number) => LIT + min * 60_000;
const ON = [
  { kind: "lit", atMs: LIT },
  { kind: "simmers", atMs: at(45) },
];
const figuresOf = (plan: Plan, events: readonly object[], min: number) => {
  const cook = fold(happened(...events));
  return liveFigures(
    resolve(plan, kitchen),
    cook,
    forecastLive(resolve(plan, kitchen), cook, at(min)),
    at(min),
  );
};
const inputOf = (because: { inputs: readonly { name: string; value: unknown }[] }, name: string) =>
  because.inputs.find((i) => i.name === name)?.value;

describe("figures of a pot on the fire", () => {
  test("what is left says its readings, its steam and every constant with a source", () => {
    const plan = testPlan();
    const read = { kind: "read", reading: { form: "liquidDepth", value: 0.09 }, atMs: at(200) };
    const { strainedL } = figuresOf(plan, [...ON, read], 201);
    expect(inputOf(strainedL.because, "readings of the level")).toBe(1);
    expect(inputOf(strainedL.because, "steam against the expected")).toBeGreaterThan(1);
    expect(strainedL.low).toBeLessThan(strainedL.expected);
    expect(strainedL.because.constants.every((c) => c.source !== "")).toBe(true);
  });

  test("the end counts down with the clock, and its delays are inputs by name", () => {
    const plan = testPlan();
    const early = figuresOf(plan, ON, 60).endMin;
    const later = figuresOf(plan, ON, 90).endMin;
    expect(early.expected - later.expected).toBeCloseTo(30, 5);
    const late = [
      { kind: "lit", atMs: LIT },
      { kind: "boils", atMs: at(90) },
    ];
    const { because } = figuresOf(plan, late, 91).endMin;
    expect(inputOf(because, "of that: when it came up")).toBeGreaterThan(20);
  });

  test("tenderness names what rules the dish and its forks; a stock has none", () => {
    const stew = testBraise({
      end: "served",
      heat: HEATS.hob,
      water: { by: "amount", volumeL: 1.4 },
      stop: { by: "tender" },
    });
    const fork = { kind: "checked", itemId: "goat", how: "nearly", atMs: at(120) };
    const { tenderMin } = figuresOf(stew, [...ON, fork], 121);
    expect(inputOf(tenderMin!.because, "what rules the dish")).toBe("Goat shoulder");
    expect(inputOf(tenderMin!.because, "forks")).toBe(1);
    expect(figuresOf(testPlan(), ON, 60).tenderMin).toBeNull();
  });
});

describe("minutes of cooling", () => {
  const facts: CoolingFacts = {
    container: TRAYS[0]!,
    massKg: 2,
    fromC: 80,
    roomC: 22,
    waterC: 12,
    airKPa: 90,
    isThick: false,
  };
  const [first] = CODES.us.gates;

  test("have the range of how heat passes: about a factor either way of the bath", () => {
    const figure = coolingMinOf(facts, [{ way: "iceBath", min: 0 }], first!, {});
    const tau = coolingTauMin(facts, "iceBath");
    expect(figure?.expected).toBeCloseTo(tau * Math.log(80 / 21), 1);
    expect(figure!.high / figure!.expected).toBeCloseTo(Math.exp(1.28155 * 0.35), 1);
    expect(figure!.expected / figure!.low).toBeCloseTo(Math.exp(1.28155 * 0.35), 1);
    expect(inputOf(figure!.because, "ice or snow bath, stirred: τ")).toBeCloseTo(tau, 6);
  });

  test("are nothing where it never gets there", () => {
    expect(coolingMinOf(facts, [{ way: "room", min: 0 }], first!, {})).toBeNull();
  });
});

describe("figures after the sieve", () => {
  const bowl = {
    massKg: 3,
    solidsKg: 0,
    saltG: 0,
    gelatinG: 0,
    alcoholG: 0,
    fatG: 0,
    flourG: 0,
    allergens: [],
    madeOf: [],
    unread: [],
  };

  test("boiling down names its surface and its steam; a pot that is not there is a problem", () => {
    const got = reduceMinOf(bowl, 1.5, "tall", "gas", kitchen);
    if (!got.ok) throw got.problem;
    const { low, expected, high, because } = got.value;
    expect(low).toBeLessThan(expected);
    expect(high).toBeGreaterThan(expected);
    expect(inputOf(because, "surface at the rim")).toBeCloseTo(531, 0);
    expect(because.constants.every((c) => c.source !== "")).toBe(true);
    expect(reduceMinOf(bowl, 1.5, "nowhere", "gas", kitchen).ok).toBe(false);
  });

  test("staying hot carries the spread of its coat both ways", () => {
    const standing = { container: TRAYS[1]!, massKg: 5, fromC: 90, roomC: 20 };
    const hot = staysHotMinOf(standing, "hotBox", 60);
    expect(hot.high / hot.expected).toBeCloseTo(hot.expected / hot.low, 9);
    expect(hot.expected).toBeGreaterThan(staysHotMinOf(standing, "pot", 60).high);
    expect(inputOf(hot.because, "in")).toBe("hot box");
  });
});
