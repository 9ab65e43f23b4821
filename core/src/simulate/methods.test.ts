import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { HEATS, testBraise, testKitchen, VESSEL_OF, type HeatName } from "../../test/kitchen";
import { ledgerBalanceKg } from "../liquid/ledger";
import { outcomeOf } from "../units/problem";
import { boilingPointC } from "../water/altitude";
import { holdForCook } from "./hold-for-cook";
import type { Plan } from "./plan-schema";
import { simulate } from "./simulate";

const NAMES = Object.keys(HEATS) as HeatName[];
const on = (name: HeatName, holdMin: number, over: Parameters<typeof testBraise>[0] = {}): Plan =>
  testBraise({
    heat: HEATS[name],
    vesselId: VESSEL_OF[name],
    stop: { by: "time", holdMin },
    ...over,
  });
const heatName = fc.constantFrom(...NAMES);

describe("every heat", () => {
  test("closes its ledger, whatever goes in and when", () => {
    fc.assert(
      fc.property(
        heatName,
        fc.integer({ min: 20, max: 400 }),
        fc.double({ min: 0.6, max: 1.4, noNaN: true }),
        fc.integer({ min: 5, max: 120 }),
        (name, holdMin, waterKg, lateMin) => {
          const plan = on(name, holdMin, {
            items: [
              ...testBraise().items,
              { id: "b", ingredientId: "runnerBean", massKg: 0.2, when: { at: "start" } },
              {
                id: "c",
                ingredientId: "carrot",
                massKg: 0.3,
                when: { at: "beforeEnd", min: lateMin },
              },
            ],
          });
          const trace = simulate(resolve(plan, testKitchen()), { waterKg });
          expect(ledgerBalanceKg(trace.ledger)).toBeCloseTo(trace.strained.liquidKg, 9);
          expect(trace.items.map((i) => i.itemId).sort()).toEqual(["b", "c", "goat"]);
        },
      ),
      { numRuns: 25 },
    );
  });

  test("more time is never less cooked, more altitude never hotter", () => {
    for (const name of NAMES) {
      const at = (holdMin: number, altitudeM: number) =>
        simulate(resolve(on(name, holdMin), testKitchen({ altitudeM })), { waterKg: 0.9 });
      expect(at(120, 1640).cookMin).toBeGreaterThan(at(90, 1640).cookMin);
      expect(at(90, 2500).cookMin).toBeLessThan(at(90, 1640).cookMin);
      if (name !== "pressure")
        for (const p of at(120, 1640).points)
          expect(p.liquidC).toBeLessThanOrEqual(boilingPointC(1640) + 1e-9);
    }
  });

  test("bigger pieces are never cooked sooner", () => {
    const edges = [0.02, 0.04, 0.07];
    for (const name of NAMES) {
      const got = edges.map((edge) => {
        const [goat] = testBraise().items;
        const items = [
          {
            ...goat!,
            piece: {
              kind: "brick" as const,
              sizeM: [edge, edge, edge] as [number, number, number],
            },
          },
        ];
        return simulate(resolve(on(name, 100, { items }), testKitchen()), { waterKg: 0.9 }).cookMin;
      });
      expect(got[0]).toBeGreaterThan(got[1]!);
      expect(got[1]).toBeGreaterThan(got[2]!);
    }
  });
});

describe("what each heat does to the liquid", () => {
  const kitchen = testKitchen();

  test("nothing leaves a sealed pressure cooker but what is vented", () => {
    const { ledger } = simulate(resolve(on("pressure", 30), kitchen), { waterKg: 0.9 });
    expect(ledger.evaporated).toBe(0);
    expect(ledger.vented).toBeCloseTo(-0.05, 9);
  });

  test("a quick release flashes about 4 % away and is sooner done", () => {
    const natural = simulate(resolve(on("pressure", 30), kitchen), { waterKg: 0.9 });
    const quick = simulate(
      resolve(on("pressure", 30, { heat: { ...HEATS.pressure, release: "quick" } }), kitchen),
      { waterKg: 0.9 },
    );
    const flashedKg = -quick.ledger.vented - 0.05;
    expect(flashedKg / (quick.endLiquidKg + flashedKg)).toBeGreaterThan(0.035);
    expect(flashedKg / (quick.endLiquidKg + flashedKg)).toBeLessThan(0.05);
    expect(quick.cookMin).toBeLessThan(natural.cookMin);
    expect(natural.releaseMin).toBeGreaterThan(10);
  });

  test("an uncovered pot in the oven is cooler and loses more than a covered one", () => {
    const lid = (l: "on" | "off") =>
      simulate(resolve(on("oven", 120, { heat: { ...HEATS.oven, lid: l } }), kitchen), {
        waterKg: 1.2,
      });
    expect(lid("off").holdC).toBeLessThan(lid("on").holdC - 5);
    expect(lid("off").ledger.evaporated).toBeLessThan(lid("on").ledger.evaporated * 2);
  });

  test("a fan drives more off an open pot once the heat is what limits it", () => {
    const withFan = testKitchen({ ovens: [{ id: "oven", name: "Oven", fan: true }] });
    const heat = { ...HEATS.oven, lid: "off" as const, ovenC: 200 };
    const at = (k: typeof kitchen) =>
      simulate(resolve(on("oven", 60, { heat }), k), { waterKg: 1.2 }).ledger.evaporated;
    expect(at(withFan)).toBeLessThan(at(kitchen));
  });
});

describe("slow cooker", () => {
  const kitchen = testKitchen();
  const cookMin = (heat: object) =>
    simulate(resolve(on("low", 300, { heat: { ...HEATS.low, ...heat } }), kitchen), {
      waterKg: 0.9,
    }).cookMin;

  test("HIGH first, boiling liquid cook more; lifted lids less; WARM nearly nothing more", () => {
    const plain = cookMin({});
    expect(cookMin({ highFirstMin: 120 })).toBeGreaterThan(plain);
    expect(cookMin({ start: "hot" })).toBeGreaterThan(plain);
    expect(cookMin({ lidLifts: 2 })).toBeLessThan(plain);
    const warmed = cookMin({ warmMin: 60 });
    expect(warmed).toBeGreaterThan(plain);
    expect(warmed - plain).toBeLessThan(60 * 0.6);
  });

  test("a cooker's own log replaces the usual figures", () => {
    const readings = [0, 60, 120, 240, 360].map((tMin) => ({
      tMin,
      tempC: 80 - 68 * Math.exp(-tMin / 90),
    }));
    const vessels = kitchen.vessels.map((v) =>
      v.id === "crock"
        ? { ...v, warmUps: [{ setting: "low" as const, fillShare: 0.67, readings }] }
        : v,
    );
    const trace = simulate(resolve(on("low", 600), { ...kitchen, vessels }), { waterKg: 0.9 });
    expect(trace.holdC).toBeCloseTo(80, 1);
  });
});

describe("pieces", () => {
  test("frozen ones thaw first, so the same time cooks them much less", () => {
    const cookMin = (frozen: boolean) => {
      const [goat] = testBraise().items;
      const sizeM: [number, number, number] = [0.07, 0.07, 0.07];
      const items = [{ ...goat!, frozen, piece: { kind: "brick" as const, sizeM } }];
      return simulate(resolve(on("oven", 150, { items }), testKitchen()), { waterKg: 0.9 }).cookMin;
    };
    expect(cookMin(true)).toBeLessThan(cookMin(false) - 5);
  });

  test("beans boiled before bring their cook value and the water they took up", () => {
    const beans = (boiledMin: number) =>
      simulate(
        resolve(
          on("low", 120, {
            items: [
              { id: "b", ingredientId: "whiteBean", massKg: 0.5, when: { at: "start" }, boiledMin },
            ],
          }),
          testKitchen(),
        ),
        { waterKg: 2 },
      );
    const boiled = 45 * 10 ** ((boilingPointC(1640) - 100) / 33);
    expect(Math.abs(beans(45).cookMin - beans(0).cookMin - boiled)).toBeLessThan(1.5);
    expect(beans(45).ledger.takenUp).toBeGreaterThan(beans(0).ledger.takenUp);
  });
});

describe("held until a cook value is there", () => {
  test("on every heat within half a minute's worth", () => {
    for (const name of NAMES) {
      const trace = holdForCook(resolve(on(name, 1), testKitchen()), { waterKg: 0.9 }, 90);
      const minute = 10 ** ((trace.holdC - 100) / 33);
      expect(Math.abs(trace.cookMin - 90)).toBeLessThanOrEqual(0.5 * minute + 1e-6);
    }
  });

  test("until tender is its own stop; bones are never tender", () => {
    const tender = simulate(resolve(testBraise({ stop: { by: "tender" } }), testKitchen()), {
      waterKg: 0.9,
    });
    expect(tender.cookMin).toBeCloseTo(105, 0);
    const bones = testBraise({
      stop: { by: "tender" },
      items: [{ id: "n", ingredientId: "lambNeck", massKg: 1, when: { at: "start" } }],
    });
    expect(
      outcomeOf(() => simulate(resolve(bones, testKitchen()), { waterKg: 1.5 })),
    ).toMatchObject({
      ok: false,
      problem: { code: "notReachable", field: "stop" },
    });
  });

  test("where coming up alone is more than enough the hold is nothing", () => {
    const trace = holdForCook(resolve(on("pressure", 1), testKitchen()), { waterKg: 0.9 }, 2);
    expect(trace.holdMin).toBe(0);
    expect(trace.cookMin).toBeGreaterThan(2);
  });
});

describe("the wrong vessel or setting", () => {
  test.each([
    ["a pot is no slow cooker", on("low", 60, { vesselId: "tall" }), "wrongVessel"],
    ["a crock is no oven pot", on("oven", 60, { vesselId: "crock" }), "wrongVessel"],
    [
      "an oven that is not there",
      on("oven", 60, { heat: { ...HEATS.oven, ovenId: "x" } }),
      "unknownReference",
    ],
    ["hotter than the oven goes", on("oven", 60, { heat: { ...HEATS.oven, ovenC: 300 } }), "range"],
  ])("%s", (_, plan, code) => {
    expect(outcomeOf(() => simulate(resolve(plan, testKitchen()), { waterKg: 0.9 }))).toMatchObject(
      {
        ok: false,
        problem: { code },
      },
    );
  });
});
