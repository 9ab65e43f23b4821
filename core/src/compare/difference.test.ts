import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { cooked, LIT, loggedPlan as plan } from "../../test/logged-pot";
import type { LoggedPot } from "../learn/from-pot";
import { learnedOf, wordsOf } from "../learn/taught";
import type { LearnedFactors } from "../simulate/learned-schema";
import type { Plan } from "../simulate/plan-schema";
import { inWords } from "../units/said";
import type { UnitSystem } from "../units/show";
import { differenceOf, type Difference } from "./difference";
import { sideOf } from "./side";

const kitchen = testKitchen();
const heldBeside = (from: LoggedPot, to: LoggedPot, known?: LearnedFactors): Difference =>
  differenceOf(sideOf(from, known), sideOf(to, known));
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
    expect(heldBeside(pot(), pot()).parts).toEqual([]);
  });

  test("more water is more broth, nearly litre for litre, and thinner", () => {
    const d = heldBeside(pot(), pot(water(5.5)));
    expect(effectL(d, "water")).toBeGreaterThan(0.45);
    expect(effectL(d, "water")).toBeLessThan(0.51);
    expect(d.parts[0]?.effect.gelatinGL).toBeLessThan(0);
    expect(wordsIn(d)).toContain("5 L → 5.5 L, 500 mL more");
    const little = heldBeside(pot(), pot(water(5.1)));
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
    const d = heldBeside(pot(), to);
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
    const d = heldBeside(pot(), pot({}, { more: [cut] }));
    expect(wordsIn(d)).toContain("never without heat → 40 min without heat");
    expect(effectL(d, "gaps")).toBeGreaterThan(0.02);
    const turned = { kind: "heatSet", atMs: at, vigour: "gentle", lid: "off" };
    const other = heldBeside(pot(), pot({}, { more: [turned] }));
    expect(wordsIn(other).join()).toMatch(/on the ring.* → .*then on the ring/);
  });

  test("water poured in on the way counts as water", () => {
    const at = LIT + 200 * 60_000;
    const d = heldBeside(pot(), pot({}, { more: [{ kind: "toppedUp", atMs: at, volumeL: 0.5 }] }));
    expect(effectL(d, "water")).toBeGreaterThan(0.4);
    expect(wordsIn(d)).toContain("on the way nothing → 500 mL in");
  });

  test("what was left in the pot with the grit counts with the sieve, and as nothing else", () => {
    const d = heldBeside(pot(), pot({}, { leftL: 0.2 }));
    expect(d.parts.map((p) => p.kinds)).toEqual([["sieve"]]);
    expect(effectL(d, "sieve")).toBeCloseTo(-0.2, 2);
    expect(d.parts[0]?.changes.map((c) => inWords(c, "metric"))).toEqual([
      "left in the pot 0 mL → 200 mL",
    ]);
  });

  test("a pot that steams less for no reason that was planned says so by its levels", () => {
    const d = heldBeside(pot(), pot({}, { steam: 0.7 }));
    const steam = effectL(d, "steam") ?? 0;
    expect(steam).toBeGreaterThan(0.8 * (d.to.litres - d.from.litres));
  });

  test("what the kitchen has taught of a pot is no riddle any more", () => {
    const tall = pot({}, { steam: 0.7, batch: { id: "a" } });
    const casserole = pot({ vesselId: "casserole", ...water(3) }, { batch: { id: "b" } });
    const known = learnedOf(
      [1, 2, 3, 4, 5].map((i) => wordsOf(pot({}, { steam: 0.7, batch: { id: `p${i}` } }))),
    );
    const dull = heldBeside(casserole, tall);
    const wise = heldBeside(casserole, tall, known);
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
    const d = heldBeside(pot(water(3)), crock);
    expect(d.parts[0]?.kinds).toEqual(["vessel", "ring", "heat", "vigour", "lid", "time"]);
    expect(wordsIn(d)[0]).toBe(
      "the tall stockpot: on the ring, boiled 5 min first 5 h → the slow cooker: HIGH 5 h",
    );
  });

  test("where a pot half one and half the other cannot be, it is one difference, and adds up", () => {
    const little = pot({ ...water(0.9), stop: { by: "time", holdMin: 20 } });
    const long = pot({ stop: { by: "time", holdMin: 900 }, ...water(5.5) });
    const d = heldBeside(little, long);
    expect(d.parts.some((p) => p.kinds.includes("water") && p.kinds.includes("time"))).toBe(true);
    expect(sumL(d)).toBeCloseTo(d.to.litres - d.from.litres, 9);
  });

  test("what was not measured is as it was reckoned, and says so", () => {
    const d = heldBeside(pot(), pot(water(5.5), { isMeasured: false }));
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
        const there = heldBeside(a, b);
        const back = heldBeside(b, a);
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
