import { resolve } from "./set-pot";
import type { StretchHeat } from "../heats/heat-schema";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, testPlan, VESSEL_OF } from "../../test/kitchen";
import { byTime, gravyBraise, hob, stretch } from "../../test/stretches";
import { ledgerBalanceKg } from "../liquid/ledger";
import { REST_MIN } from "../heat/constants";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { PlanSchema, type HeatStretch, type Plan, type Stop } from "./plan-schema";
import { simulate } from "./simulate";
import { heatsOf, inStretch, isByClock, isOn, lastHeat, stretchesOf } from "./stretches";

const kitchen = testKitchen();
const OVEN: StretchHeat = { ...HEATS.oven };
const REST: StretchHeat = { method: "rest", lid: "on" };
const run = (plan: Plan, waterKg = 0.9) => simulate(resolve(plan, kitchen), { waterKg });
const braise = (heat: Plan["heat"], holdMin: number, then: HeatStretch[], more = {}) =>
  testBraise({ heat, stop: byTime(holdMin), then, end: "served", ...more });

describe("what a plan's stretches are", () => {
  const plan = braise(hob("gentle", "on"), 60, [
    stretch("rest", REST, byTime(20)),
    stretch("oven", OVEN, { by: "tender" }),
  ]);

  test("the first like the later ones, heats without rests", () => {
    expect(stretchesOf(plan).map((s) => s.id)).toEqual(["first", "rest", "oven"]);
    expect(heatsOf(plan).map((h) => h.method)).toEqual(["hob", "oven"]);
    expect([isOn(plan, "oven"), isOn(plan, "pressure")]).toEqual([true, false]);
    expect(lastHeat(plan).method).toBe("oven");
    expect(isByClock(plan)).toBe(false);
  });

  test("in a stretch it is that heat alone; standing, the heat it came from", () => {
    expect(inStretch(plan, 1)).toMatchObject({ heat: plan.heat, stop: byTime(20), then: [] });
    expect(inStretch(plan, 2)).toMatchObject({ heat: OVEN, stop: { by: "tender" }, then: [] });
  });

  test("refused: a rest until tender, a boil first or a cold start later on, two of one id", () => {
    const refused = (then: unknown[]) =>
      PlanSchema.safeParse({ ...plan, then }).error?.issues[0]?.message ?? "";
    expect(refused([stretch("a", REST, { by: "tender" })])).toMatch(/stands for a time/);
    expect(
      refused([{ ...stretch("a", OVEN, byTime(9)), heat: { ...OVEN, start: "cold" } }]),
    ).toMatch(/begins with the pot as it is/);
    expect(refused([stretch("a", { ...hob("gentle", "on"), boilFirstMin: 5 }, byTime(9))])).toMatch(
      /Give a boil a stretch of its own/,
    );
    expect(refused([stretch("a", OVEN, byTime(9)), stretch("a", OVEN, byTime(9))])).toMatch(
      /same id/,
    );
  });
});

describe("one stretch after another", () => {
  test("cut in two of the same heat nothing changes", () => {
    for (const heat of [hob("gentle", "on"), hob("steady", "off"), HEATS.oven]) {
      const whole = run(braise(heat, 120, []));
      const cut = run(braise(heat, 70, [stretch("more", { ...heat }, byTime(50))]));
      expect(cut.holdMin).toBeCloseTo(whole.holdMin, 6);
      expect(cut.strained.volumeL).toBeCloseTo(whole.strained.volumeL, 6);
      expect(cut.cookMin / whole.cookMin).toBeCloseTo(1, 4);
      expect(cut.totalMin).toBeCloseTo(whole.totalMin, 6);
    }
  });

  test("HIGH first and then LOW is what the slow cooker's own setting is", () => {
    const own = run(
      testBraise({
        heat: { ...HEATS.low, highFirstMin: 60 },
        vesselId: "crock",
        stop: byTime(300),
      }),
    );
    const two = run(
      testBraise({
        heat: HEATS.high,
        vesselId: "crock",
        stop: byTime(60),
        then: [
          stretch(
            "low",
            {
              method: "slowCooker",
              setting: "low",
              start: "cold",
              highFirstMin: 0,
              lidLifts: 0,
              warmMin: 0,
            },
            byTime(240),
          ),
        ],
      }),
    );
    // How full it is, is seen anew as it is turned: what swelled since makes it a little slower.
    expect(two.cookMin / own.cookMin).toBeCloseTo(1, 2);
    expect(two.points.at(-1)?.liquidC).toBeCloseTo(own.points.at(-1)?.liquidC ?? 0, 0);
  });

  test("the lid comes off: as much steams in its own time as of a pot that never had one", () => {
    const covered = braise(hob("gentle", "on"), 90, []);
    const then = run({ ...covered, then: [stretch("open", hob("gentle", "off"), byTime(30))] });
    const before = run(covered);
    const open = run(braise(hob("gentle", "off"), 90, []));
    const [first, second] = then.stretches;
    expect(first?.endLiquidL).toBeCloseTo(before.endLiquidL, 2);
    const lostL = (first?.endLiquidL ?? 0) - (second?.endLiquidL ?? 0);
    const openLossL = -open.ledger.evaporated / COLD_DENSITY_KG_L / (open.holdMin + 6);
    expect(lostL / 30).toBeGreaterThan(openLossL * 0.6);
    expect(lostL).toBeGreaterThan(4 * (-before.ledger.evaporated / 90) * 30 * 0.5);
  });

  test("down to litres, a share or a depth ends there, counted from its own beginning", () => {
    const down = (stop: Stop) =>
      run(braise(hob("gentle", "on"), 60, [stretch("down", hob("rolling", "off"), stop)]), 2);
    const litres = down({ by: "liquid", liquidL: 1.2 });
    expect(litres.endLiquidL).toBeCloseTo(1.2, 2);
    const half = down({ by: "share", share: 0.5 });
    expect(half.endLiquidL).toBeCloseTo((half.stretches[0]?.endLiquidL ?? 0) * 0.5, 2);
    const deep = down({ by: "depth", depthM: 0.03 });
    expect(deep.endDepthM).toBeCloseTo(0.03, 3);
    expect(deep.holdMin).toBeGreaterThan(60);
  });

  test("until tender, then a while more: the first ends at its best, the whole is past it", () => {
    const plan = testBraise({
      heat: hob("gentle", "on"),
      stop: { by: "tender" },
      end: "served",
      then: [stretch("more", hob("bare", "off"), byTime(30))],
    });
    const trace = run(plan);
    const alone = run({ ...plan, then: [] });
    // Alone it is foreseen that standing cooks on; here it goes on anyway.
    expect(trace.stretches[0]?.cookMin).toBeCloseTo(alone.cookMin, -1);
    expect(trace.cookMin).toBeGreaterThan((trace.stretches[0]?.cookMin ?? 0) + 10);
  });

  test("a level that is never reached says so", () => {
    const trace = run(
      braise(hob("gentle", "on"), 30, [
        stretch("down", hob("bare", "on"), { by: "liquid", liquidL: 0.1 }),
      ]),
    );
    expect(trace.problem?.code).toBe("notReachable");
    expect(trace.problem?.field).toBe("stop");
  });

  test("off the heat it cools and cooks on, and loses next to nothing", () => {
    const trace = run(braise(hob("gentle", "on"), 60, [stretch("rest", REST, byTime(40))]));
    const [cooked, rested] = trace.stretches;
    expect(trace.points.at(-1)?.liquidC).toBeLessThan(88);
    expect(rested?.cookMin).toBeGreaterThan(cooked?.cookMin ?? Infinity);
    expect((cooked?.endLiquidL ?? 0) - (rested?.endLiquidL ?? 0)).toBeLessThan(0.03);
  });

  test("as it stands, what steams off past the lid is gone", () => {
    const left = (lid: "on" | "off") =>
      run(braise(hob("gentle", "on"), 60, [stretch("r", { method: "rest", lid }, byTime(40))]))
        .endLiquidL;
    expect(left("off")).toBeLessThan(left("on") - 0.01);
  });

  test("from the ring into the oven and out again: each comes to its own temperature", () => {
    const trace = run(
      braise(hob("steady", "on"), 40, [
        stretch("oven", { ...HEATS.oven, ovenC: 110 }, byTime(120)),
        stretch("boil", hob("rolling", "off"), byTime(10)),
      ]),
    );
    const at = (k: number) =>
      trace.points.findLast((p) => p.tMin <= (trace.stretches[k]?.toMin ?? 0) - 0.01)?.liquidC ?? 0;
    expect(at(1)).toBeLessThan(at(0) - 1);
    expect(at(2)).toBeCloseTo(trace.boilingC, 1);
    expect(trace.marks.filter((m) => m.kind === "turned").map((m) => m.stretchId)).toEqual([
      "oven",
      "boil",
    ]);
  });
});

describe("under pressure, then open", () => {
  const plan = (then: HeatStretch[]) =>
    testBraise({
      heat: { method: "pressure", setting: "high", release: "natural" },
      vesselId: VESSEL_OF.pressure,
      stop: byTime(25),
      end: "served",
      items: [
        ...testBraise().items,
        { id: "carrot", ingredientId: "carrot", massKg: 0.3, when: { at: "beforeEnd", min: 20 } },
      ],
      then,
    });

  test("pressure goes down in between, and what is late goes in once the lid is off", () => {
    const trace = run(plan([stretch("open", hob("gentle", "off"), byTime(35))]));
    const alone = run(plan([]));
    const [shut, open] = trace.stretches;
    const released = trace.marks.find((m) => m.kind === "released")?.tMin ?? 0;
    expect(released).toBeGreaterThan((shut?.toMin ?? 0) + 5);
    expect(open?.fromMin).toBeCloseTo(released, 6);
    const carrot = trace.marks.find((m) => m.kind === "itemIn" && m.itemId === "carrot")?.tMin ?? 0;
    expect((open?.toMin ?? 0) - carrot).toBeCloseTo(20, 0);
    expect(trace.endLiquidL).toBeLessThan(alone.endLiquidL);
    expect(trace.releaseMin).toBe(0);
  });

  test("an open simmer first, then pressure: it comes up again before that clock runs", () => {
    const trace = run({
      ...plan([
        stretch("shut", { method: "pressure", setting: "high", release: "quick" }, byTime(15)),
      ]),
      heat: hob("gentle", "off"),
      stop: byTime(20),
    });
    const [open, shut] = trace.stretches;
    expect((shut?.fromMin ?? 0) - (open?.toMin ?? 0)).toBeGreaterThan(0.5);
    expect(shut?.holdC).toBeGreaterThan(trace.boilingC + 10);
    expect((shut?.toMin ?? 0) - (shut?.fromMin ?? 0)).toBeCloseTo(15, 1);
  });

  test("a pot that goes on no ring, or is no pressure cooker, is told", () => {
    expect(() =>
      run(
        testBraise({
          vesselId: "crock",
          heat: HEATS.low,
          then: [stretch("a", hob("gentle", "off"), byTime(9))],
        }),
      ),
    ).toThrow(/does not go on a ring/);
    expect(() =>
      run(
        braise(hob("gentle", "on"), 9, [
          stretch("a", { ...HEATS.pressure, release: "natural" }, byTime(9)),
        ]),
      ),
    ).toThrow(/is not a pressure cooker/);
  });
});

describe("what moves as a stretch begins", () => {
  const plan = gravyBraise();

  test("meat out, the sauce boiled down alone, meat back: it cooks on only in the pot", () => {
    const trace = run(plan, 1.5);
    const at = (kind: string, id: string) =>
      trace.marks.find((m) => m.kind === kind && m.itemId === id)?.tMin ?? NaN;
    const [gentle, sauce, warm] = trace.stretches;
    expect(at("itemOut", "goat")).toBeCloseTo(sauce?.fromMin ?? 0, 6);
    expect(at("itemBack", "goat")).toBeCloseTo(warm?.fromMin ?? 0, 6);
    expect(at("itemIn", "herb")).toBeCloseTo(warm?.fromMin ?? 0, 6);
    expect(sauce?.cookMin).toBeCloseTo(gentle?.cookMin ?? 0, 6);
    expect(warm?.cookMin).toBeGreaterThan((sauce?.cookMin ?? 0) + 3);
    expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.strained.liquidKg, 9);
  });

  test("what was turned by hand is over as the next stretch begins", () => {
    const course = {
      cameUpMin: null,
      turnedDownMin: null,
      turns: [{ tMin: 60, vigour: "rolling" as const, lid: "off" as const }],
      seen: [],
      gaps: [],
      happenings: [],
      stretchFromMin: [100, 110],
    };
    const trace = simulate(resolve(plan, kitchen), { waterKg: 1.5, course });
    const at = (min: number) => trace.points.findLast((p) => p.tMin <= min)?.liquidC ?? 0;
    expect(at(95)).toBeCloseTo(trace.boilingC, 1);
    expect(at(trace.totalMin - 1)).toBeLessThan(trace.boilingC - 3);
  });

  test("where it is known when, it moves then", () => {
    const trace = simulate(resolve(plan, kitchen), {
      waterKg: 1.5,
      course: {
        cameUpMin: null,
        turnedDownMin: null,
        turns: [],
        seen: [],
        gaps: [],
        happenings: [{ tMin: 170, does: "out", itemId: "goat" }],
        stretchFromMin: [160],
      },
    });
    expect(trace.stretches[1]?.fromMin).toBeCloseTo(160, 6);
    const outs = trace.marks.filter((m) => m.kind === "itemOut").map((m) => m.tMin);
    expect(outs).toHaveLength(1);
    expect(outs[0]).toBeCloseTo(170, 0);
  });
});

describe("whatever the stretches are", () => {
  const vigour = fc.constantFrom("bare", "gentle", "steady", "rolling" as const);
  const lid = fc.constantFrom("off", "ajar", "on" as const);
  const onRing = fc.tuple(vigour, lid).map(([v, l]) => hob(v, l) as StretchHeat);
  const inOven = fc
    .tuple(fc.integer({ min: 90, max: 220 }), lid)
    .map(([ovenC, l]): StretchHeat => ({ ...HEATS.oven, ovenC, lid: l }));
  const rest = lid.map((l): StretchHeat => ({ method: "rest", lid: l }));
  const later = fc
    .array(fc.tuple(fc.oneof(onRing, inOven, rest), fc.integer({ min: 1, max: 90 })), {
      maxLength: 5,
    })
    .map((all) => all.map(([heat, min], i) => stretch(`s${i}`, heat, byTime(min))));

  test("liquid closes to 1e-9 kg, salt stays, the clock adds up, and more of the last is never less cooked", () => {
    fc.assert(
      fc.property(later, fc.double({ min: 1.2, max: 2.4, noNaN: true }), (then, waterKg) => {
        const given = testPlan({
          ...testBraise({ end: "served" }),
          heat: hob("gentle", "on"),
          stop: byTime(30),
          water: { by: "amount", volumeL: 2 },
          items: [
            ...testBraise().items,
            { id: "salt", ingredientId: "tableSalt", massKg: 0.012, when: { at: "start" } },
            {
              id: "beans",
              ingredientId: "runnerBean",
              massKg: 0.2,
              when: { at: "beforeEnd", min: 40 },
            },
          ],
          then,
        });
        const trace = run(given, waterKg);
        expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.strained.liquidKg, 9);
        if (trace.problem !== null) return;
        const wanted = then.reduce(
          (sum, s) => sum + (s.stop.by === "time" ? s.stop.holdMin : 0),
          30,
        );
        expect(trace.holdMin).toBeCloseTo(wanted, 3);
        expect(trace.totalMin).toBeCloseTo(
          trace.toSimmerMin + wanted + (given.strain.when === "afterPause" ? REST_MIN.value : 0),
          3,
        );
        expect(trace.ledger.overRim === 0 ? trace.strained.saltG : 12).toBeCloseTo(12, 6);
        const last = then.at(-1);
        if (last === undefined || last.stop.by !== "time") return;
        const longer = stretch(last.id, last.heat, byTime(last.stop.holdMin + 20));
        const more = run({ ...given, then: [...then.slice(0, -1), longer] }, waterKg);
        if (more.problem === null)
          expect(more.cookMin).toBeGreaterThanOrEqual(trace.cookMin - 1e-9);
      }),
      { numRuns: 60 },
    );
  });
});

test("wine that was under pressure for a while is not let go by an open pot's table", () => {
  const wine = {
    ...testBraise().items[0]!,
    id: "wine",
    ingredientId: "redWine",
    massKg: 0.4,
  };
  const plan = testBraise({
    vesselId: VESSEL_OF.pressure,
    heat: hob("gentle", "on"),
    stop: byTime(10),
    items: [...testBraise().items, wine],
    then: [stretch("shut", PlanSchema.shape.heat.parse(HEATS.pressure), byTime(30))],
  });
  const { strained } = run(plan);
  expect(strained.alcoholG).toBeCloseTo(strained.alcoholMostG, 9);
  expect(strained.alcoholG).toBeGreaterThan(0);
});

describe("until so thick, and to a temperature", () => {
  const thick = (flourGL: number, flourKg = 0.04, more: object = {}) =>
    braise(
      hob("steady", "off"),
      30,
      [stretch("down", hob("rolling", "off"), { by: "thick", flourGL })],
      {
        items: [
          ...testBraise().items,
          { id: "flour", ingredientId: "flour", massKg: flourKg, when: { at: "start" }, ...more },
        ],
      },
    );

  test("it boils down until what binds in it makes it so thick, a dark roux less than a white one", () => {
    const trace = run(thick(45));
    expect(trace.problem).toBeNull();
    expect(40 / (trace.stretches[1]?.endLiquidL ?? NaN)).toBeCloseTo(45, 0);
    const dark = run(thick(45, 0.04, { work: [{ kind: "roux", colour: "dark" }] }));
    expect((40 * 0.4) / (dark.stretches[1]?.endLiquidL ?? NaN)).toBeCloseTo(45, 0);
    const holdMin = (t: typeof trace) => t.stretches[1]!.toMin - t.stretches[1]!.fromMin;
    expect(holdMin(run(thick(60)))).toBeGreaterThan(holdMin(trace));
  });

  test("the same by one stretch alone; what goes in after the heat binds nothing yet", () => {
    const alone = { ...thick(45), stop: { by: "thick" as const, flourGL: 45 }, then: [] };
    expect(40 / run(alone).endLiquidL).toBeCloseTo(45, 0);
    const late = thick(45, 0.04, { when: { at: "offHeat" } });
    expect(() => run(late)).toThrow(/Nothing in this pot binds while it is on/);
    const [, already] = run(thick(5)).stretches;
    expect(already!.toMin - already!.fromMin).toBeLessThan(1);
  });

  test("off the heat it stands until it is so cool; on it until its middle is so hot", () => {
    const cools = run(
      braise(hob("gentle", "on"), 60, [stretch("rest", REST, { by: "temperature", tempC: 70 })]),
    );
    const rest = cools.stretches[1]!;
    expect(rest.toMin - rest.fromMin).toBeGreaterThan(5);
    expect(cools.liquidAtEndOfHoldC).toBeCloseTo(70, 0);
    const hot = run({
      ...braise(hob("gentle", "on"), 60, []),
      stop: { by: "temperature", tempC: 71 },
    });
    // It goes on warming through while it stands before it is served.
    expect(hot.items[0]?.hottestCentreC).toBeGreaterThanOrEqual(71);
    expect(hot.items[0]?.hottestCentreC).toBeLessThan(74);
    const hotter = run({
      ...braise(hob("gentle", "on"), 60, []),
      stop: { by: "temperature", tempC: 80 },
    });
    expect(hotter.holdMin).toBeGreaterThan(hot.holdMin);
  });

  test("cooled in between, its middle is brought up again: it is how hot it is, not how hot it was", () => {
    const again = run(
      braise(hob("gentle", "on"), 90, [
        stretch("rest", REST, { by: "temperature", tempC: 55 }),
        stretch("warm", hob("gentle", "on"), { by: "temperature", tempC: 80 }),
      ]),
    );
    expect(again.problem).toBeNull();
    const warm = again.stretches[2]!;
    expect(warm.toMin - warm.fromMin).toBeGreaterThan(5);
    expect(again.liquidAtEndOfHoldC).toBeGreaterThan(80);
  });

  test("hotter than the pot gets is never come to, and says so", () => {
    const plan = {
      ...braise(hob("bare", "on"), 60, []),
      stop: { by: "temperature" as const, tempC: 110 },
    };
    expect(run(plan).problem?.message).toMatch(/does not come to that temperature/);
    expect(() =>
      braise(hob("gentle", "on"), 60, [stretch("r", REST, { by: "thick", flourGL: 45 })]),
    ).toThrow(/stands for a time, or until it is so cool/);
  });
});
