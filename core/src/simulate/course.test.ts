import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { ledgerBalanceKg } from "../liquid/ledger";
import { AS_PLANNED, type Course, type Happening } from "./course";
import { simulate } from "./simulate";
import { pointAt } from "./point-at";
import type { Plan } from "./plan-schema";

const kitchen = testKitchen();
const stock = testPlan({
  heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
  stop: { by: "time", holdMin: 180 },
});
const waterKg = 4.4;
const run = (course: Partial<Course>, plan: Plan = stock) =>
  simulate(resolve(plan, kitchen), { waterKg, course: { ...AS_PLANNED, ...course } });
const planned = simulate(resolve(stock, kitchen), { waterKg });

describe("a pot that follows what was done", () => {
  test("with nothing done it is the plan's own course", () => {
    const { items: _a, ...same } = run({});
    const { items: _b, ...asPlanned } = planned;
    expect(same).toEqual(asPlanned);
  });

  test("it comes up when it was seen to, and is turned down when it was", () => {
    const trace = run({ cameUpMin: 55, turnedDownMin: 72 });
    expect(trace.comeUpMin).toBeCloseTo(55, 6);
    expect(trace.toSimmerMin).toBeCloseTo(72, 6);
    expect(pointAt(trace, 55).liquidC).toBeCloseTo(trace.boilingC, 0);
    // Twelve minutes more at a rolling boil steam off what the plan's five do not.
    expect(pointAt(trace, 72).steamedKg).toBeGreaterThan(
      pointAt(planned, planned.toSimmerMin).steamedKg + 0.1,
    );
  });

  test("without heat it cools, cooks less, and comes back", () => {
    const fromMin = planned.toSimmerMin + 30;
    const trace = run({ gaps: [{ fromMin, toMin: fromMin + 60, what: "heat" }] });
    const coldest = pointAt(trace, fromMin + 60).liquidC;
    expect(coldest).toBeLessThan(planned.holdC - 8);
    expect(coldest).toBeGreaterThan(40);
    expect(pointAt(trace, fromMin + 110).liquidC).toBeCloseTo(planned.holdC, 1);
    expect(trace.cookMin).toBeLessThan(planned.cookMin - 15);
  });

  test("with the lid off more steams away, and a turned flame steams by its own rate", () => {
    const fromMin = planned.toSimmerMin + 10;
    const open = run({ gaps: [{ fromMin, toMin: fromMin + 60, what: "lid" }] });
    expect(open.endLiquidKg).toBeLessThan(planned.endLiquidKg - 0.1);
    const turned = run({ turns: [{ tMin: fromMin, vigour: "steady", lid: "off" }] });
    expect(turned.endLiquidKg).toBeLessThan(open.endLiquidKg);
    const shut = run({ turns: [{ tMin: fromMin, vigour: "bare", lid: "on" }] });
    expect(shut.endLiquidKg).toBeGreaterThan(planned.endLiquidKg);
    expect(pointAt(shut, fromMin + 60).liquidC).toBeLessThan(planned.holdC);
  });

  test("what is ladled out carries its share of salt and gelatin: the rest is as strong as before", () => {
    const salted = { ...stock, items: [...stock.items, saltItem(20)] };
    const at = planned.toSimmerMin + 100;
    const ladled = run({ happenings: [{ tMin: at, does: "ladle", kg: 1 }] }, salted);
    const all = run({}, salted);
    expect(all.strained.saltG - ladled.strained.saltG).toBeGreaterThan(3);
    const before = pointAt(all, at);
    const after = pointAt(ladled, at + 1);
    expect(after.gelatinG / after.liquidKg).toBeCloseTo(before.gelatinG / before.liquidKg, 0);
    expect(ladled.ledger.handedOn).toBeCloseTo(-1, 6);
    // Poured back it brings that along; what is more than was ladled out is water.
    const back = run(
      {
        happenings: [
          { tMin: at, does: "ladle", kg: 1 },
          { tMin: at + 5, does: "pourBack", kg: 1.2, tempC: 90 },
        ],
      },
      salted,
    );
    // Thinner by that water, less salt stays on the bones.
    expect(Math.abs(back.strained.saltG - all.strained.saltG)).toBeLessThan(0.1);
    expect(back.ledger.handedOver).toBeCloseTo(1, 9);
    expect(back.ledger.added - all.ledger.added).toBeCloseTo(0.2, 9);
  });

  test("an ingredient goes in, comes out and goes back when it did", () => {
    const inMin = planned.toSimmerMin + 20;
    const trace = run({
      happenings: [
        { tMin: inMin, does: "in", itemId: "onion", massKg: 0.5 },
        { tMin: inMin + 40, does: "out", itemId: "onion" },
      ],
    });
    const onion = trace.items.find((i) => i.itemId === "onion");
    expect(onion?.inMin).toBeCloseTo(inMin, 0);
    expect(onion?.outMin).toBeCloseTo(inMin + 40, 0);
    expect(trace.marks.filter((m) => m.kind === "itemIn" && m.itemId === "onion")).toHaveLength(1);
    expect(pointAt(trace, inMin + 2).contentsKg - pointAt(trace, inMin - 2).contentsKg).toBeCloseTo(
      0.5,
      1,
    );
  });

  test("whatever happens, the ledger closes and nothing is below nothing", () => {
    const happening = fc.record({
      tMin: fc.double({ min: 0, max: 260, noNaN: true }),
      does: fc.constantFrom("pour" as const, "ladle" as const, "pourBack" as const),
      kg: fc.double({ min: 0, max: 2, noNaN: true }),
      tempC: fc.double({ min: 5, max: 95, noNaN: true }),
    });
    const gap = fc
      .record({
        fromMin: fc.double({ min: 0, max: 250, noNaN: true }),
        lasts: fc.double({ min: 0, max: 120, noNaN: true }),
        what: fc.constantFrom("heat" as const, "lid" as const),
      })
      .map(({ fromMin, lasts, what }) => ({ fromMin, toMin: fromMin + lasts, what }));
    fc.assert(
      fc.property(
        fc.array(happening, { maxLength: 5 }),
        fc.array(gap, { maxLength: 3 }),
        (happenings: Happening[], gaps) => {
          const trace = run({ happenings, gaps });
          expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.strained.liquidKg, 9);
          for (const p of trace.points) {
            expect(p.liquidKg).toBeGreaterThanOrEqual(0);
            expect(p.gelatinG).toBeGreaterThanOrEqual(-1e-9);
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe("on the other heats", () => {
  const crock = testPlan({
    vesselId: "crock",
    heat: { method: "slowCooker", setting: "low" },
    water: { by: "amount", volumeL: 2 },
    items: stock.items.map((i) => ({ ...i, massKg: 1 })),
    stop: { by: "time", holdMin: 360 },
  });
  const cook = (course: Partial<Course>) =>
    simulate(resolve(crock, kitchen), { waterKg: 2, course: { ...AS_PLANNED, ...course } });

  test("a crock on HIGH warms faster, open it falls back, without power it cools", () => {
    const low = cook({});
    const high = cook({ turns: [{ tMin: 0, vigour: "gentle", lid: "on", setting: "high" }] });
    expect(pointAt(high, 90).liquidC).toBeGreaterThan(pointAt(low, 90).liquidC + 5);
    const lifted = cook({ gaps: [{ fromMin: 200, toMin: 220, what: "lid" }] });
    expect(pointAt(lifted, 220).liquidC).toBeLessThan(pointAt(low, 220).liquidC - 2);
    expect(lifted.endLiquidKg).toBeLessThan(low.endLiquidKg);
    const cut = cook({ gaps: [{ fromMin: 200, toMin: 320, what: "heat" }] });
    expect(pointAt(cut, 320).liquidC).toBeLessThan(pointAt(low, 320).liquidC - 10);
    expect(pointAt(cut, 359).liquidC).toBeGreaterThan(pointAt(cut, 321).liquidC);
  });

  test("a hotter oven brings the liquid higher; a pressure cooker without heat loses its pressure", () => {
    const braise = testPlan({
      vesselId: "casserole",
      heat: { method: "oven", ovenId: kitchen.ovens[0]?.id ?? "oven", ovenC: 120, lid: "on" },
      water: { by: "amount", volumeL: 1 },
      items: stock.items.map((i) => ({ ...i, massKg: 1 })),
      stop: { by: "time", holdMin: 180 },
    });
    const inOven = (course: Partial<Course>) =>
      simulate(resolve(braise, kitchen), { waterKg: 1, course: { ...AS_PLANNED, ...course } });
    const mild = inOven({});
    const hot = inOven({
      turns: [{ tMin: mild.toSimmerMin, vigour: "gentle", lid: "on", ovenC: 170 }],
    });
    const at = mild.toSimmerMin + 120;
    expect(pointAt(hot, at).liquidC).toBeGreaterThan(pointAt(mild, at).liquidC + 1);
    const sealed = testPlan({
      vesselId: "pressure",
      heat: { method: "pressure", setting: "high", release: "natural" },
      water: { by: "amount", volumeL: 2 },
      items: stock.items.map((i) => ({ ...i, massKg: 1 })),
      stop: { by: "time", holdMin: 60 },
    });
    const whole = simulate(resolve(sealed, kitchen), { waterKg: 2 });
    const fromMin = whole.toSimmerMin + 10;
    const cut = simulate(resolve(sealed, kitchen), {
      waterKg: 2,
      course: { ...AS_PLANNED, gaps: [{ fromMin, toMin: fromMin + 20, what: "heat" }] },
    });
    expect(pointAt(cut, fromMin + 20).liquidC).toBeLessThan(whole.holdC - 3);
    expect(cut.cookMin).toBeLessThan(whole.cookMin);
  });
});

function saltItem(g: number) {
  return testPlan({
    items: [{ id: "salt", ingredientId: "tableSalt", massKg: g / 1000, when: { at: "start" } }],
  }).items[0]!;
}

test("a pot with nothing lying in it has nothing that comes bare", () => {
  const trace = simulate(
    resolve(
      testPlan({
        items: [{ id: "s", ingredientId: "houseStock", massKg: 2, when: { at: "start" } }],
        water: { by: "amount", volumeL: 0 },
        stop: { by: "share", share: 0.2 },
      }),
      kitchen,
    ),
    { waterKg: 0 },
  );
  expect(trace.problem).toBeNull();
  expect(trace.endDepthM).toBeLessThan(0.01);
  expect(trace.marks.map((m) => m.kind)).not.toContain("bonesBare");
});
