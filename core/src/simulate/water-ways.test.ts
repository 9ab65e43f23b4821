import { startContents } from "./start-contents";
import { resolve } from "./set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { outcomeOf } from "../units/problem";
import { backwardFrom } from "./backward";
import { simulate } from "./simulate";
import { coldWaterKg, waterL, wantedL } from "./stated-water";
import { fitIn } from "./pot-fit";
import { waterWays } from "./water-ways";

const kitchen = testKitchen();
const plan = testPlan();

describe("ways of stating water", () => {
  test("ratio counts bones as bought and nothing else", () => {
    expect(startContents(plan).bonesKg).toBe(2.2);
    expect(
      coldWaterKg(waterL(resolve(plan, kitchen), { by: "ratio", waterPerBone: 2 }), kitchen),
    ).toBeCloseTo(4.4, 9);
  });

  test("half-way < cover < over < fill line, and depth follows", () => {
    const ways = waterWays(resolve(plan, kitchen));
    const at = (by: string) => {
      const way = ways.find((w) => w.statement.by === by);
      return way?.outcome.ok ? way.outcome.value : { volumeL: NaN, depthM: NaN };
    };
    expect(at("halfWay").volumeL).toBeLessThan(at("cover").volumeL);
    expect(at("cover").volumeL).toBeLessThan(at("over").volumeL);
    expect(at("over").volumeL).toBeLessThan(at("fillLine").volumeL);
    expect(at("fillLine").depthM).toBeCloseTo(0.226 * 0.85, 6);
    expect(at("over").depthM - at("cover").depthM).toBeCloseTo(0.025, 6);
  });

  test("a vegetable stock over by a finger asks for water over all that lies there, floating or not", () => {
    const stock = testPlan({
      items: [
        { id: "c", ingredientId: "carrot", massKg: 0.5, when: { at: "start" } },
        { id: "o", ingredientId: "celery", massKg: 0.5, when: { at: "start" } },
        { id: "k", ingredientId: "kelp", massKg: 0.02, when: { at: "start" } },
      ],
    });
    const litres = waterL(resolve(stock, kitchen), { by: "over", overM: 0.025 });
    expect(litres).toBeGreaterThan(1.6);
    expect(litres).toBeLessThan(3);
    // The level stands at least so far over the heap that lies there.
    expect(waterL(resolve(stock, kitchen), { by: "cover" })).toBeGreaterThan(0.6);
  });

  test("shanks half covered ask for liquid, unless the wine reaches that far already", () => {
    const shanks = (wineKg: number) =>
      testPlan({
        items: [
          {
            id: "s",
            ingredientId: "muttonShoulder",
            massKg: 1.6,
            when: { at: "start" },
            piece: { kind: "cylinder", diameterM: 0.07, lengthM: 0.12 },
          },
          { id: "w", ingredientId: "redWine", massKg: wineKg, when: { at: "start" } },
        ],
      });
    const half = (wineKg: number) => waterL(resolve(shanks(wineKg), kitchen), { by: "halfWay" });
    expect(half(0.2)).toBeGreaterThan(0.3);
    expect(half(0.2) - half(0.4)).toBeCloseTo(0.2 / 0.99, 2);
    expect(half(3)).toBe(0);
  });

  test("wine at the start counts toward the line, so less water is wanted", () => {
    const withWine = testPlan({
      items: [
        ...plan.items,
        {
          id: "wine",
          ingredientId: "whiteWine",
          massKg: 0.5,
          when: { at: "start" },
        },
      ],
    });
    const less =
      waterL(resolve(plan, kitchen), { by: "cover" }) -
      waterL(resolve(withWine, kitchen), { by: "cover" });
    expect(less).toBeCloseTo(0.5, 6);
  });

  test("so that X litres are left: the simulation then leaves just that", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.8, max: 5, noNaN: true }), (wish) => {
        const water = waterL(resolve(plan, kitchen), {
          by: "left",
          wanted: { by: "volume", volumeL: wish },
        });
        const t = simulate(resolve(plan, kitchen), {
          waterKg: coldWaterKg(water, kitchen),
        });
        // Where it comes up a step later, the simulation jumps by about a millilitre: no nearer is there to be had.
        expect(Math.abs(t.strained.volumeL - wish)).toBeLessThan(0.002);
      }),
      { numRuns: 12, examples: [[3.4807603723593203]] },
    );
  });

  test("wishes by mould and by ration come to litres", () => {
    expect(wantedL({ by: "moulds", count: 12, mouldL: 0.25 })).toBeCloseTo(2.7, 9);
    expect(wantedL({ by: "rations", eaters: 38, rationL: 0.25, days: 1 })).toBeCloseTo(9.5, 9);
  });
});

describe("does it fit", () => {
  test("names the limit that binds in each pot", () => {
    const [tall, casserole] = kitchen.vessels;
    if (tall === undefined || casserole === undefined) throw new Error("no vessels");
    expect(fitIn(tall, startContents(plan), 4.4).limit).toBe("fits");
    expect(fitIn(tall, startContents(plan), 8.5).limit).toBe("overFillLine");
    expect(fitIn(tall, startContents(plan), 12).limit).toBe("overRim");
    const heavy = testPlan({
      items: [{ id: "b", ingredientId: "lambNeck", massKg: 4, when: { at: "start" } }],
    });
    expect(fitIn(casserole, startContents(heavy), 1).limit).toBe("heapAboveRim");
    expect(fitIn(tall, startContents(plan), 4.4).roomL).toBeCloseTo(10.2 - 4.4 - 2.2 / 1.17, 1);
  });
});

describe("from the result back", () => {
  test("bones and water keep the ratio, leave what is wanted, and fit", () => {
    const options = backwardFrom(resolve(plan, kitchen), 3, 2);
    const best = options.find((o) => o.vesselId === "tall");
    expect(best).toMatchObject({ loads: 1 });
    expect((best?.waterL ?? 0) / (best?.bonesKg ?? 1)).toBeCloseTo(2, 2);
    const scaled = testPlan({
      items: plan.items.map((i) => ({
        ...i,
        massKg: (i.massKg * (best?.bonesKg ?? 0)) / 2.2,
      })),
    });
    const t = simulate(resolve(scaled, kitchen), {
      waterKg: coldWaterKg(best?.waterL ?? 0, kitchen),
    });
    expect(t.strained.volumeL).toBeCloseTo(3, 2);
  });

  test("too much for any pot is split into loads; the slow cooker is never offered", () => {
    const options = backwardFrom(resolve(plan, kitchen), 12, 2);
    expect(options[0]?.loads).toBeGreaterThan(1);
    expect(options.map((o) => o.vesselId)).not.toContain("crock");
  });

  test("without bones it asks for them", () => {
    expect(
      outcomeOf(() => backwardFrom(resolve(testPlan({ items: [] }), kitchen), 3, 2)),
    ).toMatchObject({
      ok: false,
      problem: { code: "notReachable", field: "items" },
    });
  });
});
