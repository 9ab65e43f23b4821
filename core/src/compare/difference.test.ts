import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { cooked, LIT, loggedPlan as plan } from "../../test/logged-pot";
import type { LoggedPot } from "../learn/from-pot";
import { learnedOf, wordsOf } from "../learn/taught";
import type { Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import type { UnitSystem } from "../units/show";
import { differenceOf, type Difference } from "./difference";

const kitchen = testKitchen();
const water = (volumeL: number): Partial<Plan> => ({ water: { by: "amount", volumeL } });
const pot = (over: Partial<Plan> = {}, how: Parameters<typeof cooked>[0] = {}): LoggedPot => {
  const cooks = { ...plan, ...over };
  return cooked({ cooks, waterL: cooks.water.by === "amount" ? cooks.water.volumeL : 5, ...how });
};
const effectL = (d: Difference, kind: string): number | undefined =>
  d.parts.find((p) => p.kinds.length === 1 && p.kinds[0] === kind)?.effect.litres;
const sumL = (d: Difference) => d.parts.reduce((sum, p) => sum + p.effect.litres, 0);
const wordsIn = (d: Difference, system: UnitSystem = "metric") =>
  d.parts.flatMap((p) => p.changes.map((c) => inWords(c, system)));

describe("two pots held against each other", () => {
  test("what was done alike makes no difference", () => {
    expect(differenceOf(pot(), pot(), undefined).parts).toEqual([]);
  });

  test("more water is more broth, nearly litre for litre, and thinner", () => {
    const d = differenceOf(pot(), pot(water(5.5)), undefined);
    expect(effectL(d, "water")).toBeGreaterThan(0.45);
    expect(effectL(d, "water")).toBeLessThan(0.51);
    expect(d.parts[0]?.effect.gelatinGL).toBeLessThan(0);
    expect(wordsIn(d)).toContain("5 L → 5.5 L, 500 mL more");
    const little = differenceOf(pot(), pot(water(5.1)), undefined);
    expect(wordsIn(little, "us")).toEqual(["5 ¼ qt → 5 ½ qt, ½ cup more"]);
  });

  test("each thing that was otherwise has its own part", () => {
    const [bones] = plan.items;
    if (bones === undefined) throw new Error("nothing in the plan");
    const heavier = { ...bones, massKg: bones.massKg + 0.4 };
    const to = pot({
      items: [heavier, ...plan.items.slice(1)],
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: 5 },
      stop: { by: "time", holdMin: 240 },
      ...water(5.2),
    });
    const d = differenceOf(pot(), to, undefined);
    expect(effectL(d, "lid")).toBeLessThan(-0.2);
    expect(effectL(d, "vigour")).toBeLessThan(-0.05);
    expect(effectL(d, "time")).toBeGreaterThan(0.2);
    expect(d.parts.find((p) => p.kinds[0] === "goesIn")?.effect.gelatinGL).toBeGreaterThan(0);
    expect(wordsIn(d)).toEqual(
      expect.arrayContaining(["lid ajar → lid off", "gentle simmer → steady simmer", "5 h → 4 h"]),
    );
  });

  test("turned on the way is told as it went; a power cut is a part of its own", () => {
    const at = LIT + 120 * 60_000;
    const cut = {
      kind: "interrupted",
      why: "powerCut",
      fromMs: at,
      atMs: at,
      untilMs: at + 40 * 60_000,
    };
    const d = differenceOf(pot(), pot({}, { more: [cut] }), undefined);
    expect(wordsIn(d)).toContain("never without heat → 40 min without heat");
    expect(effectL(d, "gaps")).toBeGreaterThan(0.02);
    const turned = { kind: "heatSet", atMs: at, vigour: "gentle", lid: "off" };
    const other = differenceOf(pot(), pot({}, { more: [turned] }), undefined);
    expect(wordsIn(other).join()).toMatch(/on the ring.* → .*then on the ring/);
  });

  test("water poured in on the way counts as water", () => {
    const at = LIT + 200 * 60_000;
    const d = differenceOf(
      pot(),
      pot({}, { more: [{ kind: "toppedUp", atMs: at, volumeL: 0.5 }] }),
      undefined,
    );
    expect(effectL(d, "water")).toBeGreaterThan(0.4);
    expect(wordsIn(d)).toContain("on the way nothing → 500 mL in");
  });

  test("a pot that steams less for no reason that was planned says so by its levels", () => {
    const d = differenceOf(pot(), pot({}, { steam: 0.7 }), undefined);
    const steam = effectL(d, "steam") ?? 0;
    expect(steam).toBeGreaterThan(0.8 * (d.to.litres - d.from.litres));
  });

  test("what the kitchen has taught of a pot is no riddle any more", () => {
    const tall = pot({}, { steam: 0.7, batch: { id: "a" } });
    const casserole = pot({ vesselId: "casserole", ...water(3) }, { batch: { id: "b" } });
    const known = learnedOf(
      [1, 2, 3, 4, 5].map((i) => wordsOf(pot({}, { steam: 0.7, batch: { id: `p${i}` } }))),
    );
    const dull = differenceOf(casserole, tall, undefined);
    const wise = differenceOf(casserole, tall, known);
    expect(Math.abs(effectL(wise, "steam") ?? 0)).toBeLessThan(
      0.7 * Math.abs(effectL(dull, "steam") ?? 0),
    );
    expect(sumL(wise)).toBeCloseTo(sumL(dull), 6);
  });

  test("on another heat pot, heat and time are one difference, what goes in is its own", () => {
    const crock = pot({
      vesselId: "crock",
      heat: {
        method: "slowCooker",
        setting: "high",
        start: "cold",
        highFirstMin: 0,
        lidLifts: 0,
        warmMin: 0,
      },
      ...water(3),
    });
    const d = differenceOf(pot(water(3)), crock, undefined);
    expect(d.parts[0]?.kinds).toEqual(["vessel", "ring", "heat", "vigour", "lid", "time"]);
    expect(wordsIn(d)[0]).toBe(
      "the tall stockpot: on the ring, boiled 5 min first 5 h → the slow cooker: HIGH 5 h",
    );
  });

  test("where a pot half one and half the other cannot be, it is one difference, and adds up", () => {
    const little = pot({ ...water(0.9), stop: { by: "time", holdMin: 20 } });
    const long = pot({ stop: { by: "time", holdMin: 900 }, ...water(5.5) });
    const d = differenceOf(little, long, undefined);
    expect(d.parts.some((p) => p.kinds.includes("water") && p.kinds.includes("time"))).toBe(true);
    expect(sumL(d)).toBeCloseTo(d.to.litres - d.from.litres, 9);
  });

  test("what was not measured is as it was reckoned, and says so", () => {
    const d = differenceOf(pot(), pot(water(5.5), { isMeasured: false }), undefined);
    expect(d.to.isMeasured).toBe(false);
    expect(d.from.isMeasured).toBe(true);
    expect(sumL(d)).toBeCloseTo(d.to.litres - d.from.litres, 9);
  });

  test("the parts add up to what came out, and are the same seen from either pot", () => {
    const anyPot = fc
      .record({
        volumeL: fc.double({ min: 4, max: 6, noNaN: true }),
        holdMin: fc.integer({ min: 120, max: 420 }),
        lid: fc.constantFrom("off", "ajar", "on"),
        vigour: fc.constantFrom("bare", "gentle", "steady"),
        steam: fc.double({ min: 0.7, max: 1.4, noNaN: true }),
        altitudeM: fc.constantFrom(0, 1640),
        waterC: fc.constantFrom(8, 14),
        leftL: fc.constantFrom(0, 0.2),
      })
      .map(({ volumeL, holdMin, lid, vigour, steam, altitudeM, waterC, leftL }) =>
        pot(
          {
            ...water(volumeL),
            stop: { by: "time", holdMin },
            heat: { method: "hob", lid, vigour, boilFirstMin: 5 } as Plan["heat"],
          },
          {
            steam,
            leftL,
            batch: { kitchen: { ...kitchen, altitudeM, waterC } },
          },
        ),
      );
    fc.assert(
      fc.property(anyPot, anyPot, (a, b) => {
        const there = differenceOf(a, b, undefined);
        const back = differenceOf(b, a, undefined);
        expect(sumL(there)).toBeCloseTo(
          (b.cook.result?.strainedL ?? 0) - (a.cook.result?.strainedL ?? 0),
          9,
        );
        expect(there.parts.length).toBe(back.parts.length);
        for (const { kinds, effect } of there.parts) {
          const same = back.parts.find((p) => p.kinds.join() === kinds.join());
          expect(same?.effect.litres ?? NaN).toBeCloseTo(-effect.litres, 9);
          expect(same?.effect.gelatinGL ?? NaN).toBeCloseTo(-effect.gelatinGL, 9);
        }
      }),
      { numRuns: 12 },
    );
  }, 120_000);
});
