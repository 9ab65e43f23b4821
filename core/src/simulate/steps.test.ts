import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { randomPot } from "../../test/random-pots";
import { BeanBoil } from "../doneness/bean-boil";
import { ledgerBalanceKg } from "../liquid/ledger";
import { outcomeOf } from "../units/problem";
import { seeded, uniform } from "../units/random";
import { AS_PLANNED, CourseReader, type Course } from "./course";
import { simulate } from "./simulate";
import { coldWaterKg, waterL } from "./stated-water";
import type { Trace } from "./trace";
import { Nearing, Steps, Trend } from "./steps";

const kitchen = testKitchen();
const day = testPlan({ stop: { by: "time", holdMin: 1440 } });

/** No figure of any point is no number. */
function expectNumbers({ points }: Trace): void {
  for (const point of points)
    for (const [name, value] of Object.entries(point))
      if (name !== "phase") expect(value, name).toSatisfy(Number.isFinite);
}
/** A pot of any kind by its usual steps, and by steps twelve times as fine. */
function usualAndFine(seed: number) {
  const random = seeded(seed);
  const { plan, kitchen, waterKg } = randomPot(() => uniform(random));
  const run = (fineness: number) =>
    outcomeOf(() => simulate(resolve(plan, kitchen), { waterKg, fineness }));
  return { usual: run(1), fine: run(12), waterKg };
}

describe("long steps against fine ones", () => {
  test("litres, come-up and cook value of a pot of any kind are those of steps twelve times as fine; its ledger closes", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const { usual, fine, waterKg } = usualAndFine(seed);
        if (!usual.ok || !fine.ok) {
          expect(usual.ok).toBe(fine.ok);
          return;
        }
        const [a, b] = [usual.value, fine.value];
        expect(a.problem?.code).toBe(b.problem?.code);
        expect(Math.abs(a.endLiquidL - b.endLiquidL) / waterKg).toBeLessThan(1e-3);
        expect(Math.abs(a.toSimmerMin - b.toSimmerMin) * 60).toBeLessThan(4);
        expect(Math.abs(a.cookMin - b.cookMin)).toBeLessThan(0.004 * b.cookMin + 0.01);
        expect(ledgerBalanceKg(a.ledger)).toBeCloseTo(a.strained.liquidKg, 9);
      }),
      { numRuns: 25 },
    );
  });

  test.each([
    [
      "a flame that was out for three minutes",
      { gaps: [{ fromMin: 700, toMin: 703, what: "heat" }] },
    ],
    ["a lid off for one", { gaps: [{ fromMin: 700.3, toMin: 701.3, what: "lid" }] }],
    [
      "a flame turned up for two",
      {
        turns: [
          { tMin: 700.7, vigour: "rolling", lid: "off" },
          { tMin: 702.7, vigour: "bare", lid: "off" },
        ],
      },
    ],
    ["a cup poured in", { happenings: [{ tMin: 701.1, does: "pour", kg: 0.25, tempC: 15 }] }],
  ] as const)("%s between two long steps is not missed", (_, over) => {
    const course = { ...AS_PLANNED, ...over } as Course;
    const plan = testPlan({
      ...day,
      heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: 5 },
    } as never);
    const run = (fineness: number, of: Course) =>
      simulate(resolve(plan, kitchen), { waterKg: 4.4, fineness, course: of });
    const change = (fineness: number) => {
      const [with_, without] = [run(fineness, course), run(fineness, AS_PLANNED)];
      return [with_.endLiquidL - without.endLiquidL, with_.cookMin - without.cookMin] as const;
    };
    const [usual, fine] = [change(1), change(12)];
    expect(Math.abs(fine[0]) + Math.abs(fine[1])).toBeGreaterThan(1e-3);
    expect(Math.abs(usual[0] - fine[0])).toBeLessThan(0.002);
    expect(Math.abs(usual[1] - fine[1])).toBeLessThan(0.05);
  });

  test("what waits for a piece moves as soon as in fine steps, whichever of several is first", () => {
    const piece = (id: string, sizeM: number) => ({
      id,
      ingredientId: "carrot",
      massKg: 0.3,
      when: { at: "start" as const },
      piece: { kind: "brick" as const, sizeM: [sizeM, sizeM, sizeM] as [number, number, number] },
    });
    const after = (id: string, itemId: string) => ({
      id,
      ingredientId: "potato",
      massKg: 0.1,
      when: { at: "whenTender" as const, itemId },
    });
    const plan = testPlan({
      items: [
        piece("thick", 0.05),
        piece("thin", 0.01),
        after("late", "thick"),
        after("soon", "thin"),
      ],
      stop: { by: "time", holdMin: 240 },
    });
    const inMin = (fineness: number) => {
      const { items } = simulate(resolve(plan, kitchen), { waterKg: 4.4, fineness });
      return new Map(items.map((i) => [i.itemId, i.inMin]));
    };
    const [usual, fine] = [inMin(1), inMin(12)];
    for (const id of ["soon", "late"]) {
      expect(fine.get(id)).toBeGreaterThan(30);
      expect(Math.abs((usual.get(id) ?? 0) - (fine.get(id) ?? 0)) * 60, id).toBeLessThan(15);
    }
    expect(fine.get("soon")).toBeLessThan((fine.get("late") ?? 0) - 2);
  });

  test.each([0.45, 0.5, 0.55, 0.62, 0.8, 1])(
    "%d L over meat that comes bare: as in fine steps, and bare when it is",
    (volumeL) => {
      const plan = testPlan({
        vesselId: "casserole",
        heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
        items: [
          {
            id: "m",
            ingredientId: "chickenThigh",
            massKg: 0.7,
            when: { at: "start" },
            piece: { kind: "brick", sizeM: [0.03, 0.03, 0.03] },
          },
        ],
        stop: { by: "time", holdMin: 40 },
      });
      const run = (fineness: number) =>
        simulate(resolve(plan, kitchen), { waterKg: volumeL, fineness });
      const [usual, fine] = [run(1), run(30)];
      expect(Math.abs(usual.endLiquidL - fine.endLiquidL) / volumeL).toBeLessThan(1e-3);
      const bareMin = (trace: typeof usual) =>
        trace.marks.find((m) => m.kind === "bonesBare")?.tMin ?? 0;
      expect(Math.abs(bareMin(usual) - bareMin(fine))).toBeLessThan(0.2);
    },
  );

  test.each([
    ["on a ring", { heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: null } }],
    [
      "shut, where nothing steams off",
      { heat: { method: "hob", vigour: "bare", lid: "on", boilFirstMin: null } },
    ],
    ["in a crock", { vesselId: "crock", heat: { method: "slowCooker", setting: "low" } }],
  ] as const)(
    "bones covered to their top and no further, %s: nothing of it is no number",
    (_, over) => {
      const bones = [
        { id: "b", ingredientId: "beefBones", massKg: 1.2, when: { at: "start" } },
      ] as const;
      const plan = testPlan({ ...over, items: [...bones], water: { by: "cover" } });
      const setPot = resolve(plan, kitchen);
      const trace = simulate(setPot, { waterKg: coldWaterKg(waterL(setPot), kitchen) });
      expectNumbers(trace);
      expect(trace.cookMin).toBeGreaterThan(1);
    },
  );

  test("an empty pot is dry at once, and no figure of it is no number", () => {
    for (const heat of ["gentle", "rolling"] as const) {
      const plan = testPlan({
        items: [],
        heat: { method: "hob", vigour: heat, lid: "off", boilFirstMin: null },
      });
      const trace = simulate(resolve(plan, kitchen), { waterKg: 0 });
      expect(trace.problem?.code).toBe("boiledDry");
      expectNumbers(trace);
    }
  });

  test("a level that is there while it still cools to its simmer is met, not passed", () => {
    const run = (share: number) =>
      simulate(
        resolve(
          testPlan({
            heat: { method: "hob", vigour: "bare", lid: "off", boilFirstMin: 30 },
            items: [],
            stop: { by: "share", share },
          }),
          kitchen,
        ),
        { waterKg: 4 },
      );
    const { points, toSimmerMin } = run(0.5);
    const cooling = points.filter((p) => p.tMin > toSimmerMin && p.tMin < toSimmerMin + 4);
    expect(cooling.length).toBeGreaterThan(1);
    for (const { liquidKg } of cooling) {
      // Between two of its points, so that no step ends there by itself.
      const share = (liquidKg - 1e-3) / 4;
      expect(4 * share - run(share).endLiquidKg).toBeLessThan(5e-4);
      expect(run(share).endLiquidKg).toBeLessThanOrEqual(4 * share + 1e-9);
    }
  });

  test("no piece is told to have been hotter in its middle than it was", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const { usual, fine } = usualAndFine(seed);
        if (!usual.ok || !fine.ok) return;
        for (const [i, { hottestCentreC }] of usual.value.items.entries())
          expect(hottestCentreC).toBeLessThan((fine.value.items[i]?.hottestCentreC ?? NaN) + 0.2);
      }),
      { numRuns: 20 },
    );
  });

  test("a lid is lifted at its minute, wherever the steps fall", () => {
    const plan = testPlan({
      vesselId: "crock",
      heat: { method: "slowCooker", setting: "high", lidLifts: 2 },
      items: [],
      stop: { by: "time", holdMin: 485 },
    });
    const { points } = simulate(resolve(plan, kitchen), { waterKg: 3 });
    const falls = points.flatMap((p, i) =>
      p.phase === "hold" && p.liquidC < (points[i - 1]?.liquidC ?? 0) - 0.5 ? [p.tMin] : [],
    );
    expect(falls).toHaveLength(2);
    for (const [i, atMin] of falls.entries())
      expect(Math.abs(atMin - (485 / 3) * (i + 1))).toBeLessThan(3);
  });

  test("where its level is reached as it begins, a hold is over at once", () => {
    const at = (share: number) =>
      simulate(
        resolve(
          testPlan({
            heat: { method: "hob", vigour: "gentle", lid: "off", boilFirstMin: 30 },
            stop: { by: "share", share },
          }),
          kitchen,
        ),
        { waterKg: 3 },
      );
    expect(at(0.95).holdMin).toBe(0);
    expect(at(0.3).holdMin).toBeGreaterThan(10);
  });

  test("a time without heat begins and ends at its minutes, not a rounding later", () => {
    const reader = new CourseReader({
      ...AS_PLANNED,
      gaps: [{ fromMin: 10, toMin: 20, what: "heat" }],
    });
    expect(reader.isGap("heat", 10 - 1e-9)).toBe(true);
    expect(reader.isGap("heat", 20 - 1e-9)).toBe(false);
    expect(reader.isGap("heat", 19.9)).toBe(true);
    expect(reader.nextChangeMin(0)).toBe(10);
    expect(reader.nextChangeMin(10 - 1e-9)).toBe(20);
    expect(reader.nextChangeMin(20)).toBe(Infinity);
  });

  test("of a step in which beans only came to the boil no minute counts", () => {
    const beans = new BeanBoil(100, 0);
    beans.step(5, 100, 5);
    expect(beans.course.boiledMin).toBe(0);
    beans.step(5, 100, 10);
    beans.step(5, 80, 15);
    beans.step(5, 100, 20);
    expect(beans.course.boiledMin).toBe(5);
    beans.step(5, 100, 25);
    expect(beans.course).toMatchObject({ boiledMin: 10, enoughAtMin: 25 });
  });
});

describe("how long a step is", () => {
  test("short after a change, then longer and longer, and never longer than what moves allows", () => {
    const steps = new Steps(1);
    const lengths: number[] = [];
    for (let i = 0; i < 14; i++) {
      lengths.push(steps.longestS);
      steps.taken(steps.longestS, 0);
    }
    expect(lengths[0]).toBeLessThan(30);
    for (const [i, length] of lengths.entries())
      if (i > 0) expect(length).toBeLessThanOrEqual(2 * (lengths[i - 1] ?? 0) + 1e-9);
    expect(lengths.at(-1)).toBeCloseTo(900, 9);
    // Ten degrees in a minute: no step in which it moves three.
    steps.taken(60, 10);
    expect(steps.longestS).toBeLessThan(18);
    steps.begin();
    expect(steps.longestS).toBe(lengths[0]);
    expect(new Steps(10).longestS).toBeCloseTo((lengths[0] ?? 0) / 10, 9);
  });

  test("what moves evenly is half a step on half-way through it; what jumped, or has just begun, where it is", () => {
    const trend = new Trend();
    expect(trend.halfway(100, 30)).toBe(100);
    trend.note(100, 30);
    trend.note(98, 20);
    expect(trend.halfway(98, 60)).toBeCloseTo(95, 9);
    trend.note(50, 60);
    expect(trend.halfway(50, 60)).toBe(50);
    trend.note(49, 10);
    expect(trend.halfway(49, 10)).toBeCloseTo(48.5, 9);
    trend.begin();
    expect(trend.halfway(49, 10)).toBe(49);
  });

  test("what falls evenly is met where it will be; what goes away, never", () => {
    const nearing = new Nearing();
    expect(nearing.untilS(10, 4, 30, 40)).toBe(Infinity);
    expect(nearing.untilS(9, 4, 30, 40)).toBeCloseTo(150, 9);
    expect(nearing.untilS(4, 4, 150, 40)).toBeCloseTo(0, 9);
    expect(nearing.untilS(3, 4, 30, 40)).toBe(Infinity);
  });

  test("what is far off is neared by most of the way, as it may not fall evenly", () => {
    const nearing = new Nearing(0.7);
    nearing.untilS(10, 4, 30, 2);
    expect(nearing.untilS(9, 4, 30, 2)).toBeCloseTo(0.7 * 150, 9);
    // Nearer than eight times as near as it is to be met: all of it.
    expect(nearing.untilS(4.5, 4, 105, 2)).toBeCloseTo(11.67, 2);
  });
});
