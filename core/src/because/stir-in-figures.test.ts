import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { inWords } from "../units/said";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { bowlL, perL, stirredIn, type InBowl } from "../batch/bowl";
import { CODES } from "../cool/codes";
import { TRAYS } from "../cool/container";
import { setOf } from "../extraction/set";
import { potMinOf } from "../schedule/pot-min";
import { workMinutes, workTasks } from "../schedule/work-tasks";
import { DISH_SALT_G_KG, SIPPING_SALT_G_L } from "../seasoning/salt";
import { BODIES, THICKENERS, type ThickenerId } from "../seasoning/thickness";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { latestChillMinOf } from "./finish-figures";
import { lastsDaysOf } from "./larder-figures";
import { dilutionOf, powderGOf, saltGOf, thickenerGOf } from "./stir-in-figures";

const bowlOf = (litres: number, more: Partial<InBowl> = {}): InBowl => ({
  massKg: litres * COLD_DENSITY_KG_L,
  solidsKg: 0,
  saltG: 6,
  gelatinG: 45,
  alcoholG: 0,
  fatG: 2,
  flourG: 0,
  allergens: [],
  madeOf: ["lambNeck"],
  unread: [],
  ...more,
});
const litres = fc.double({ min: 0.2, max: 30, noNaN: true });

describe("what is stirred in after the sieve", () => {
  test("salt: what it says, stirred in, is what was wanted, but for the salt's own room", () => {
    fc.assert(
      fc.property(litres, fc.double({ min: 3, max: 12, noNaN: true }), (volumeL, wantedGL) => {
        const bowl = bowlOf(volumeL, { saltG: volumeL * 2 });
        const g = saltGOf(bowl, wantedGL, "L").expected;
        expect(g).toBeCloseTo(volumeL * (wantedGL - 2), 6);
        const after = stirredIn(bowl, "tableSalt", g / 1000);
        expect(perL(after, after.saltG) / wantedGL).toBeGreaterThan(0.98);
        expect(perL(after, after.saltG)).toBeLessThanOrEqual(wantedGL + 1e-9);
      }),
    );
    expect(saltGOf(bowlOf(1, { saltG: 9 }), 7, "L").expected).toBe(0);
    // A dish is salted by the weight of all of it, its meat too.
    const dish = bowlOf(3, { solidsKg: 2, saltG: 20 });
    expect(saltGOf(dish, 9, "kg").expected).toBeCloseTo(dish.massKg * 9 - 20, 9);
    expect(saltGOf(dish, 9, "kg").because.constants).toEqual([DISH_SALT_G_KG]);
    // Too salty: so much unsalted liquid, and it is as salty as wanted.
    const more = dilutionOf(bowlOf(2, { saltG: 20 }), 7, "L");
    expect(20 / (2 + more.expected)).toBeCloseTo(7, 9);
    expect(dilutionOf(bowlOf(2, { saltG: 10 }), 7, "L").expected).toBe(0);
    expect(more.because.constants).toEqual([SIPPING_SALT_G_L]);
    // What is offered has its source; what the cook typed is the cook's own.
    expect(saltGOf(bowlOf(1), 7, "L").because.constants).toEqual([SIPPING_SALT_G_L]);
    expect(saltGOf(bowlOf(1), 9.5, "L").because.constants).toEqual([]);
  });

  test("powder: stirred in, it stands at the next set; nothing makes rubber of it", () => {
    fc.assert(
      fc.property(litres, fc.double({ min: 0, max: 21, noNaN: true }), (volumeL, gelatinGL) => {
        const bowl = bowlOf(volumeL, { gelatinG: gelatinGL * volumeL });
        const powder = powderGOf(bowl);
        expect(powder).not.toBeNull();
        // The powder itself makes the bowl a little fuller, so a pinch over.
        const after = stirredIn(bowl, "gelatinPowder", (powder!.g.expected * 1.03 + 0.01) / 1000);
        expect(setOf(perL(after, after.gelatinG))).toBe(powder!.set);
      }),
    );
    expect(powderGOf(bowlOf(1, { gelatinG: 30 }))).toBeNull();
  });

  test.each(Object.keys(THICKENERS) as ThickenerId[])(
    "%s: 2 L from broth to a gravy, by hand",
    (id) => {
      const { k } = THICKENERS[id];
      const outcome = thickenerGOf(bowlOf(2), 60, id);
      if (!outcome.ok) throw outcome.problem;
      expect(outcome.value.expected).toBeCloseTo((2 * 60) / (k.value - 0.12), 6);
      expect(outcome.value.because.constants).toContain(k);
      expect(outcome.value.because.constants).toContain(BODIES[3].from);
    },
  );

  test("thick enough already takes nothing; what no flour reaches is a problem in words", () => {
    const thick = thickenerGOf(bowlOf(1, { flourG: 70 }), 60, "flour");
    expect(thick.ok && thick.value.expected).toBe(0);
    const never = thickenerGOf(bowlOf(1), 600, "flour");
    expect(!never.ok && never.problem.code).toBe("notReachable");
  });

  test("every figure says the bowl it is for, and each constant its source", () => {
    const bowl = bowlOf(3);
    const thick = thickenerGOf(bowl, 45, "cornStarch");
    const all = [saltGOf(bowl, 7, "L"), powderGOf(bowl)!.g, ...(thick.ok ? [thick.value] : [])];
    expect(all).toHaveLength(3);
    for (const { because, low, high, expected } of all) {
      expect(because.inputs[0]).toMatchObject({ name: "in the bowl", unit: "L" });
      expect(because.inputs[0]?.value).toBeCloseTo(bowlL(bowl), 9);
      expect(because.constants.every((c) => c.source !== "")).toBe(true);
      expect([low, high]).toEqual([expected, expected]);
    }
  });
});

describe("how long it may stand, and how long it lasts", () => {
  const standing = { container: TRAYS[0]!, massKg: 2, fromC: 90, roomC: 22 };
  const facts = { ...standing, waterC: 4, airKPa: 101.3, isThick: false };

  test("it may stand longer in a hot box than on the table, and not at all where no way passes", () => {
    const way = {
      facts,
      stages: [
        { way: "iceBath" as const, min: 40 },
        { way: "fridge" as const, min: 600 },
      ],
    };
    const open = latestChillMinOf(standing, "pot", way, CODES.us);
    const boxed = latestChillMinOf(standing, "hotBox", way, CODES.us);
    expect(open?.because.inputs.find((i) => i.name === "the gates")?.value).toBe(
      inWords(CODES.us.text, "metric"),
    );
    expect(boxed!.expected).toBeGreaterThan(open!.expected);
    const deep = {
      ...way,
      facts: { ...way.facts, massKg: 40, container: { ...TRAYS[0]!, heightM: 0.5 } },
    };
    expect(latestChillMinOf({ ...standing, massKg: 40 }, "pot", deep, CODES.uk)).toBeNull();
  });

  test("two cats at 60 mL twice a day: 1.2 L last five days, and the figure says so", () => {
    const use = { eaters: 2, eachL: 0.06, timesADay: 2 };
    const days = lastsDaysOf(use, 1.2, 480, 0);
    expect(days.expected).toBeCloseTo(5, 9);
    expect(days.because.inputs.find((i) => i.name === "so a day")?.value).toBeCloseTo(0.24, 9);
    expect(days.because.inputs.find((i) => i.name === "the next pot takes")?.value).toBe(8);
  });

  test("a pot's minutes count its work before and the sieve after it", () => {
    const [plan, kitchen] = [testPlan(), testKitchen()];
    const min = potMinOf(resolve(plan, kitchen));
    const before = workMinutes(workTasks(resolve(plan, kitchen))).beforeMin;
    const served = potMinOf(resolve({ ...plan, end: "served" }, kitchen));
    expect(min - served).toBeCloseTo(15, 6);
    expect(min).toBeGreaterThan(before + plan.prepareMin + 360);
    expect(potMinOf(resolve({ ...plan, prepareMin: plan.prepareMin + 25 }, kitchen)) - min).toBe(
      25,
    );
    // What cannot be cooked still takes its preparing.
    const nothing = { ...plan, ringId: "none" };
    expect(potMinOf(resolve(nothing, kitchen))).toBeCloseTo(before + plan.prepareMin + 15, 6);
  });
});
