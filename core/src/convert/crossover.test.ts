import { resolve } from "../simulate/set-pot";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen } from "../../test/kitchen";
import { timeLine, workOf } from "../schedule/time-line";
import { normal, seeded } from "../units/random";
import { outcomeOf } from "../units/problem";
import { assumedPlan, readWrittenTime } from "./assume";
import { crossover, rangesFor } from "./crossover";
import { goalOf } from "./goal";
import { sayRange, sayTime } from "./say-time";
import { isSuggested, withSuggestions, withUsed } from "./suggested";
import { usualTargets } from "./targets";

const kitchen = testKitchen();

describe("one dish on every heat with ranges", () => {
  const dish = testBraise();
  const result = crossover(dish, usualTargets(resolve(dish, kitchen)), kitchen);
  const ranges = rangesFor(result, { draws: 200, seed: 3 });
  const rows = result.columns.map(({ target, outcome }, i) => ({
    name: target.heat.method === "slowCooker" ? target.heat.setting : target.heat.method,
    column: outcome.ok ? outcome.value : null,
    range: ranges[i] ?? null,
  }));

  test("a kitchen rule agrees only where what is expected lies in it", () => {
    for (const { column, range } of rows) {
      if (column === null || !range?.opinion) continue;
      const { rule, agrees } = range.opinion;
      const { holdMin } = column.trace;
      expect(agrees).toBe(rule.lowMin <= holdMin && holdMin <= rule.highMin);
    }
  });

  test("every heat is there, the written one as it is", () => {
    expect(rows.map((r) => r.name)).toEqual(["hob", "oven", "low", "high", "pressure"]);
    const written = rows.find((r) => r.column?.isWritten);
    expect(written?.name).toBe("oven");
    expect(written?.range?.holdMin).toEqual({ low: 165, high: 165 });
    expect(written?.range?.opinion).toBeNull();
  });

  test("the expected figure lies within its range, and the range is not nothing", () => {
    for (const { column, range } of rows) {
      if (column === null || range === null || column.isWritten) continue;
      expect(range.holdMin.low).toBeLessThan(column.trace.holdMin);
      expect(range.holdMin.high ?? Infinity).toBeGreaterThan(column.trace.holdMin);
      expect(range.endLiquidL.low).toBeLessThanOrEqual(column.trace.endLiquidL);
      expect(range.endLiquidL.high ?? Infinity).toBeGreaterThanOrEqual(column.trace.endLiquidL);
      expect(range.waterL.low).toBeLessThanOrEqual(range.waterL.high ?? Infinity);
    }
  });

  test("the same seed draws the same, another one nearly", () => {
    expect(rangesFor(result, { draws: 200, seed: 3 })).toEqual(ranges);
    const other = rangesFor(result, { draws: 400, seed: 4 });
    const low = (r: typeof ranges) => r[2]?.holdMin.low ?? 0;
    expect(low(other) / low(ranges)).toBeGreaterThan(0.9);
    expect(low(other) / low(ranges)).toBeLessThan(1.1);
  });

  test("times are said as a cook says them", () => {
    expect(rows[2]?.range?.said).toMatch(/^LOW \d+½?–\d+½? h$/);
    expect(rows[4]?.range?.after).toMatch(/^and natural release: about .+ in all$/);
  });

  test("a dish until tender has a range of its own, and wider ones elsewhere", () => {
    const tender = testBraise({ stop: { by: "tender" } });
    const found = crossover(tender, usualTargets(resolve(tender, kitchen)), kitchen);
    const drawn = rangesFor(found, { draws: 200, seed: 3 });
    const own = drawn[1]?.holdMin;
    expect(own!.high!).toBeGreaterThan(own!.low * 1.2);
    const share = (r: (typeof drawn)[number]) => r!.holdMin.high! / r!.holdMin.low;
    expect(share(drawn[0] ?? null)).toBeGreaterThan(share(ranges[0] ?? null));
  });

  test("where rule and model differ it says why", () => {
    const pressure = rows[4]?.range?.opinion;
    expect(pressure?.agrees).toBe(false);
    expect(pressure?.why.join(" ")).toContain("Under pressure");
  });
});

test("normal draws have mean 0 and spread 1", () => {
  const random = seeded(7);
  const next = () => normal(random);
  const n = 4000;
  const all = Array.from({ length: n }, next);
  const mean = all.reduce((a, b) => a + b, 0) / n;
  const sd = Math.sqrt(all.reduce((a, b) => a + (b - mean) ** 2, 0) / n);
  expect(Math.abs(mean)).toBeLessThan(0.06);
  expect(Math.abs(sd - 1)).toBeLessThan(0.05);
});

describe("saying times", () => {
  test.each([
    [540, 630, "9–10½ h"],
    [18, 26, "18–26 min"],
    [142, 181, "2 h 20 – 3 h"],
    [55, 70, "55 min – 1 h 10"],
    [300, null, "5 h or more"],
    [20, 20.2, "20 min"],
    [0.3, 9.2, "up to 9 min"],
    [59.7, 100, "1 h – 1 h 40"],
  ])("%s to %s is %s", (low, high, said) => {
    expect(sayRange(low, high)).toBe(said);
  });
  test.each([
    [20.3, "20 min"],
    [59.7, "1 h"],
    [70, "1 h 10"],
    [120, "2 h"],
    [272, "4½ h"],
  ])("%s min is %s", (minutes, said) => {
    expect(sayTime(minutes)).toBe(said);
  });
});

describe("a dish as written", () => {
  test.each([
    ["2 h 30", { by: "time", holdMin: 150 }],
    ["2–3 hours", { by: "time", holdMin: 150 }],
    ["90 to 120 min", { by: "time", holdMin: 105 }],
    ["until tender", { by: "tender" }],
    ["low and slow", { by: "tender" }],
    ["", { by: "tender" }],
  ])("%j", (text, stop) => {
    expect(readWrittenTime(text)).toEqual(stop);
  });

  test("what is not a time, and three days, are refused", () => {
    for (const text of ["soonish", "72 h"])
      expect(outcomeOf(() => readWrittenTime(text)).ok).toBe(false);
  });

  test.each(["whiteBean", "chickpea", "brownLentil", "beefChuck", "chickenThigh", "lambNeck"])(
    "%s: every kind answers for a usual time on every heat",
    (ingredientId) => {
      const times = { hob: "1 h 30", oven: "2 h", slowCooker: "8 h", pressure: "30 min" } as const;
      for (const method of ["hob", "oven", "slowCooker", "pressure"] as const) {
        const written = { id: "x", ingredientId, time: times[method], method };
        const { plan } = assumedPlan(written, kitchen);
        expect(goalOf(resolve(plan, kitchen)).trace.problem, method).toBeNull();
      }
    },
  );

  test("missing facts are taken as usual and said; given ones are not", () => {
    const vague = assumedPlan(
      { id: "v", ingredientId: "beefChuck", time: "low and slow", method: null },
      kitchen,
    );
    expect(vague.plan.heat).toMatchObject({ method: "oven", ovenC: 120 });
    expect(vague.assumptions.map((a) => a.of)).toEqual([
      "heat",
      "time",
      "mass",
      "piece",
      "water",
      "vessel",
    ]);
    const told = assumedPlan(
      {
        id: "t",
        ingredientId: "beefChuck",
        time: "3 h",
        method: "hob",
        heat: { ...HEATS.hob },
        massKg: 1,
        piece: { kind: "ball", diameterM: 0.05 },
        waterL: 1,
        vesselId: "tall",
      },
      kitchen,
    );
    expect(told.assumptions).toEqual([]);
    expect(told.plan.water).toEqual({ by: "amount", volumeL: 1 });
  });
});

describe("what a kitchen has not got", () => {
  const bare = { ...kitchen, vessels: kitchen.vessels.slice(0, 2), ovens: [] };

  test("is suggested, and taken in when a plan uses it", () => {
    const whole = withSuggestions(bare);
    expect(whole.vessels.filter((v) => isSuggested(v.id)).map((v) => v.kind)).toEqual([
      "slowCooker",
      "pressureCooker",
    ]);
    expect(whole.ovens).toHaveLength(1);
    expect(withSuggestions(kitchen)).toEqual(kitchen);
    const plan = testBraise({ heat: HEATS.low, vesselId: "suggested-crock" });
    const used = withUsed(bare, plan);
    expect(used.vessels).toHaveLength(3);
    expect(used.ovens).toEqual([]);
    expect(withUsed(used, plan)).toBe(used);
    expect(withUsed(bare, testBraise({ heat: HEATS.hob }))).toEqual(bare);
  });
});

describe("the work in it", () => {
  test("a slow cooker asks for minutes out of many hours, a pot on the hob for more", () => {
    const dish = testBraise({ prepareMin: 20 });
    const found = crossover(dish, usualTargets(resolve(dish, kitchen)), kitchen);
    const work = found.columns.map(({ outcome }) =>
      outcome.ok ? workOf(outcome.value.line) : null,
    );
    expect(work[2]!.handsOnMin).toBeLessThan(40);
    expect(work[2]!.doorToDoorMin).toBeGreaterThan(6 * 60);
    expect(work[0]!.handsOnMin).toBeGreaterThan(work[2]!.handsOnMin);
  });

  test("stretches follow one another without gap or overlap", () => {
    const dish = testBraise();
    const { columns } = crossover(dish, usualTargets(resolve(dish, kitchen)), kitchen);
    for (const { outcome } of columns) {
      if (!outcome.ok) throw outcome.problem;
      const line = timeLine(outcome.value.plan, outcome.value.trace);
      expect(line[0]?.fromMin).toBe(0);
      line.slice(1).forEach((s, i) => expect(s.fromMin).toBe(line[i]?.toMin));
      for (const s of line) expect(s.handsOnMin).toBeLessThanOrEqual(s.toMin - s.fromMin + 10);
    }
  });
});
