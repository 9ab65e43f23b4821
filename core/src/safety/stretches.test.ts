import { resolve } from "../simulate/set-pot";
import { ONE_COOK } from "../simulate/hands";
import { inWords } from "../units/said";
import { describe, expect, test } from "vitest";
import { answersFor } from "../because/answers";
import { HEATS, testBraise, testKitchen, VESSEL_OF } from "../../test/kitchen";
import type { HeatStretch, Plan } from "../simulate/plan-schema";
import { codeOf, holdingLineC } from "../cool/codes";
import type { Facts } from "./facts";
import { burnsIntoNight, flameSpans } from "./flame";
import { itemsUnderPressure } from "./pressure-spells";

const kitchen = testKitchen();
type Over = NonNullable<Parameters<typeof testBraise>[0]>;
type Heat = HeatStretch["heat"];
const OPEN: Heat = { method: "hob", vigour: "rolling", lid: "off", boilFirstMin: null };
const SHUT: Heat = { method: "pressure", setting: "high", release: "natural" };
const then = (heat: Heat, holdMin: number, id = "later"): HeatStretch => ({
  id,
  heat,
  stop: { by: "time", holdMin },
});
const answers = (plan: Plan, hour: number | null = null) => {
  const outcome = answersFor(resolve(plan, kitchen), () => hour);
  if (!outcome.ok) throw outcome.problem;
  return outcome.value;
};
const ids = (plan: Plan, hour: number | null = null) =>
  answers(plan, hour).cautions.map((c) => (c.severity === "danger" ? `! ${c.id}` : c.id));
const inCooker = (over: Over = {}) =>
  testBraise({
    heat: HEATS.pressure,
    vesselId: VESSEL_OF.pressure,
    stop: { by: "time", holdMin: 20 },
    end: "served",
    ...over,
  });

describe("under pressure in one stretch of several", () => {
  test("boiled down afterwards it is not too little for pressure; boiled down before, it is", () => {
    const after = inCooker({ then: [then(OPEN, 12)] });
    expect(answers(after).trace.endLiquidL).toBeLessThan(
      answers(inCooker()).trace.endLiquidL - 0.2,
    );
    expect(ids(after)).not.toContain("! pressureDry");
    const before = inCooker({
      heat: OPEN,
      stop: { by: "liquid", liquidL: 0.15 },
      then: [then(SHUT, 20)],
    });
    expect(ids(before)).toContain("! pressureDry");
  });

  test("valve, gasket and no canning are said whichever stretch it is", () => {
    const plan = inCooker({
      heat: { ...OPEN, lid: "on" },
      stop: { by: "time", holdMin: 5 },
      then: [then(SHUT, 20)],
    });
    expect(ids(plan)).toEqual(expect.arrayContaining(["valve", "release", "notCanning"]));
  });

  test("dairy that is in before the lid is locked is told; stirred in after, it is not", () => {
    const cream = (when: Plan["items"][number]["when"]) =>
      inCooker({
        heat: { ...OPEN, vigour: "gentle", lid: "on" },
        stop: { by: "time", holdMin: 20 },
        then: [then(SHUT, 15, "shut"), then({ ...OPEN, vigour: "gentle" }, 10, "open")],
        items: [...testBraise().items, { id: "cream", ingredientId: "cream", massKg: 0.2, when }],
      });
    expect(ids(cream({ at: "after", min: 5 }))).toContain("! pressureThick");
    expect(ids(cream({ at: "stretch", stretchId: "open" }))).not.toContain("! pressureThick");
  });

  test("a quick release of a pot full of liquid is a danger in any stretch", () => {
    const plan = (release: "quick" | "natural") =>
      inCooker({
        water: { by: "amount", volumeL: 3 },
        heat: { ...OPEN, lid: "on" },
        stop: { by: "time", holdMin: 5 },
        then: [then({ ...SHUT, release }, 20)],
      });
    expect(ids(plan("quick"))).toContain("! release");
    expect(ids(plan("natural"))).not.toContain("! release");
  });
});

describe("a flame in some stretches", () => {
  const plan = testBraise({ then: [then({ ...OPEN, vigour: "gentle" }, 30)] });

  test("burns only in those, and the night is judged by them", () => {
    const { trace } = answers(plan);
    const spans = flameSpans(resolve(plan, kitchen), trace);
    expect(spans).toHaveLength(1);
    expect(spans[0]?.fromMin).toBeCloseTo(trace.stretches[1]?.fromMin ?? 0, 6);
    // In the oven at night, on the ring in the morning.
    const fromHour = 6.1 - trace.toSimmerMin / 60 - 165 / 60;
    expect(burnsIntoNight(fromHour, spans, kitchen)).toBeNull();
    expect(burnsIntoNight(20.5, spans, kitchen)).toBe(22 * 60);
    // The house's own hours: asleep at half past six in the evening.
    const early = { hands: [{ ...ONE_COOK, sleep: { from: "18:30", to: "01:30" } }] };
    expect(burnsIntoNight(14, spans, kitchen)).toBeNull();
    expect(burnsIntoNight(16, spans, early)).toBe(18 * 60 + 30);
    expect(flameSpans(resolve(testBraise(), kitchen), trace)).toEqual([]);
  });

  test("said as a flame at night only where it is", () => {
    expect(ids(plan, 20.5)).toContain("flameAtNight");
    expect(ids(plan, 9)).not.toContain("flameAtNight");
    // By the house's own hours of sleep, and the hour they begin is said.
    const sleep = { from: "18:30", to: "01:30" };
    const outcome = answersFor(
      resolve(plan, { ...kitchen, hands: [{ ...ONE_COOK, sleep }] }),
      () => 16,
    );
    if (!outcome.ok) throw outcome.problem;
    const night = outcome.value.cautions.find((c) => c.id === "flameAtNight");
    expect(inWords(night?.text ?? "", "us")).toContain("off before 18:30");
    expect(ids(plan, 16)).not.toContain("flameAtNight");
  });
});

describe("what waits for a stretch", () => {
  test("that is not there goes in at the end, and is told", () => {
    const plan = testBraise({
      end: "served",
      items: [
        ...testBraise().items,
        {
          id: "carrot",
          ingredientId: "carrot",
          massKg: 0.2,
          when: { at: "stretch", stretchId: "gone" },
        },
      ],
    });
    expect(ids(plan)).toContain("! neverIn");
    expect(answers(plan).trace.items.some((i) => i.itemId === "carrot")).toBe(true);
  });
});

test("lifted out before the lid is locked it is not under pressure", () => {
  const plan = inCooker({
    heat: { ...OPEN, vigour: "gentle", lid: "on" },
    stop: { by: "time", holdMin: 20 },
    then: [then(SHUT, 15, "shut")],
    items: [
      {
        ...testBraise().items[0]!,
        out: { when: { at: "stretch", stretchId: "shut" }, isBack: true },
      },
      { id: "carrot", ingredientId: "carrot", massKg: 0.3, when: { at: "start" } },
    ],
  });
  const facts = { plan, kitchen, trace: answers(plan).trace } as Facts;
  expect(itemsUnderPressure(facts).map((i) => i.id)).toEqual(["carrot"]);
});

test("on the ring first and then in the oven the flame is out as it goes in", () => {
  const plan = testBraise({
    heat: { ...OPEN, vigour: "gentle", lid: "on" },
    stop: { by: "time", holdMin: 40 },
    then: [then({ ...HEATS.oven }, 120)],
  });
  const { trace } = answers(plan);
  expect(flameSpans(resolve(plan, kitchen), trace)).toEqual([
    { fromMin: 0, toMin: trace.stretches[1]?.fromMin },
  ]);
});

describe("standing off the heat", () => {
  test("a caution as soon as it is under the holding line, a danger past two hours of it", () => {
    const resting = (holdMin: number) =>
      testBraise({ then: [then({ method: "rest", lid: "off" }, holdMin)] });
    const { trace } = answers(resting(600));
    const lineC = holdingLineC(codeOf(kitchen));
    const fromMin = trace.stretches[1]?.fromMin ?? 0;
    const fell = trace.points.find((p) => p.tMin > fromMin && p.liquidC < lineC);
    const lineMin = Math.round((fell?.tMin ?? 0) - fromMin);
    const told = (holdMin: number) =>
      ids(resting(holdMin)).filter((id) => id.includes("standsOff"));
    expect(told(lineMin - 10)).toEqual([]);
    expect(told(lineMin + 100)).toEqual(["standsOff"]);
    expect(told(lineMin + 140)).toEqual(["! standsOff"]);
  });

  test("an hour in a heavy pot under its lid stays hot; a whole evening is a danger", () => {
    const rest = (holdMin: number) =>
      ids(testBraise({ then: [then({ method: "rest", lid: "on" }, holdMin)] }));
    expect(rest(20)).not.toContain("standsOff");
    expect(rest(600)).toContain("! standsOff");
  });
});
