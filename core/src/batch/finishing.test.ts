import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen, testPlan } from "../../test/kitchen";
import { solidsHazards } from "../safety/solids";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { flowOf } from "./flow";
import { fold } from "./fold";
import { gapOf } from "./gap";
import { inBowl } from "./in-bowl";
import { bowlL, finished, perL, stirredIn, type InBowl } from "./bowl";
import { REDUCTIONS, reduceOn } from "./reduce-on";
import { tooLittle, wantedOf } from "./too-little";

const kitchen = testKitchen();
const bowl: InBowl = {
  massKg: 3 * COLD_DENSITY_KG_L,
  solidsKg: 0,
  saltG: 6,
  gelatinG: 45,
  alcoholG: 0,
  fatG: 2,
  flourG: 0,
  allergens: [],
  madeOf: ["lambNeck"],
  unread: [],
};
const steps = (...bodies: object[]) => fold(happened(...bodies)).finishing;
const strained = (measured: object, ...more: object[]) =>
  fold(
    happened(
      { kind: "lit", atMs: 0 },
      { kind: "offHeat", atMs: 420 * 60_000 },
      {
        kind: "strained",
        atMs: 421 * 60_000,
        measured: { passes: 1, clothPasses: 0, pressed: false, ...measured },
      },
      ...more,
    ),
  );

describe("after the sieve", () => {
  test("boiled down: the grams stay, the litres go", () => {
    const half = finished(bowl, steps({ kind: "reducedTo", volumeL: 1.5, atMs: 1 }));
    expect(bowlL(half)).toBeCloseTo(1.5, 9);
    expect(perL(half, half.saltG)).toBeCloseTo(4, 9);
    expect(perL(half, half.gelatinG)).toBeCloseTo(30, 9);
    // More than there is cannot come of boiling.
    expect(finished(bowl, steps({ kind: "reducedTo", volumeL: 9, atMs: 1 })).massKg).toBe(
      bowl.massKg,
    );
  });

  test("a dish's sauce boils down by itself: its meat is no litre, and stays", () => {
    const dish: InBowl = { ...bowl, solidsKg: 1.2, flourG: 60 };
    const sauceL = bowlL(dish);
    expect(sauceL).toBeCloseTo(3 - 1.2 / COLD_DENSITY_KG_L, 9);
    const down = finished(dish, steps({ kind: "reducedTo", volumeL: 1, atMs: 1 }));
    expect(bowlL(down)).toBeCloseTo(1, 9);
    expect(down.massKg).toBeCloseTo(1.2 + COLD_DENSITY_KG_L, 9);
    expect(perL(down, down.flourG)).toBeCloseTo(60, 9);
    // Water thins the sauce, and more meat makes no more sauce.
    const more = steps(
      { kind: "stirredIn", ingredientId: "water", massKg: 0.3, atMs: 1 },
      { kind: "stirredIn", ingredientId: "beefChuck", massKg: 0.5, atMs: 2 },
    );
    const thinner = finished(down, more);
    expect(thinner.solidsKg).toBeCloseTo(1.7, 9);
    expect(bowlL(thinner)).toBeCloseTo(1 + 0.3 / COLD_DENSITY_KG_L, 9);
  });

  test("salt, starch, gelatin and allergens come in with what is stirred in", () => {
    const all = finished(
      bowl,
      steps(
        { kind: "stirredIn", ingredientId: "tableSalt", massKg: 0.015, atMs: 1 },
        { kind: "stirredIn", ingredientId: "flour", massKg: 0.1, atMs: 2 },
        { kind: "stirredIn", ingredientId: "gelatinPowder", massKg: 0.01, atMs: 3 },
        { kind: "stirredIn", ingredientId: "water", massKg: 0.5, atMs: 4 },
      ),
    );
    expect(all.saltG).toBeCloseTo(21, 6);
    expect(all.flourG).toBeCloseTo(100, 6);
    expect(all.gelatinG).toBeCloseTo(45 + 8.6, 6);
    expect(all.allergens).toContain("gluten");
    expect(all.madeOf).toEqual(["lambNeck", "tableSalt", "flour", "gelatinPowder"]);
    expect(all.massKg).toBeCloseTo(bowl.massKg + 0.625, 9);
  });

  test("salt is conserved through any order of reducing and thinning", () => {
    const step = fc.oneof(
      fc.record({
        kind: fc.constant("reducedTo"),
        volumeL: fc.double({ min: 0.2, max: 3, noNaN: true }),
      }),
      fc.record({
        kind: fc.constant("stirredIn"),
        ingredientId: fc.constant("water"),
        massKg: fc.double({ min: 0.01, max: 2, noNaN: true }),
      }),
    );
    fc.assert(
      fc.property(fc.array(step, { maxLength: 8 }), (list) => {
        const end = finished(bowl, steps(...list.map((s, i) => ({ ...s, atMs: i }))));
        expect(end.saltG).toBe(6);
        expect(perL(end, end.saltG) * bowlL(end)).toBeCloseTo(6, 9);
        expect(end.massKg).toBeGreaterThan(0);
      }),
    );
  });

  test("wine stirred in brings its alcohol by weight", () => {
    const wine = stirredIn(bowl, "whiteWine", 0.5);
    // About 12 % by volume of half a litre, at 0.789 kg/L.
    expect(wine.alcoholG).toBeGreaterThan(40);
    expect(wine.alcoholG).toBeLessThan(60);
  });

  test("an undone step is undone in the bowl too", () => {
    const events = happened(
      { kind: "reducedTo", volumeL: 1, atMs: 1 },
      { kind: "undo", eventId: "e0", atMs: 2 },
    );
    expect(finished(bowl, fold(events).finishing)).toEqual(bowl);
  });

  test("what was measured sets the bowl; a pot that steamed more is saltier by as much", () => {
    const plan = testPlan({
      items: [
        ...testPlan().items,
        { id: "salt", ingredientId: "tableSalt", massKg: 0.02, when: { at: "start" } },
      ],
    });
    const batch = { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: 0, plan, kitchen };
    const of = (volumeL: number) => {
      const got = inBowl(batch, strained({ volumeL }));
      if (got === null) throw new Error("not strained");
      return perL(got, got.saltG);
    };
    expect(of(2.2)).toBeGreaterThan(of(3.2));
    expect(inBowl(batch, fold(happened({ kind: "lit", atMs: 0 })))).toBeNull();
  });
});

describe("boiling down on", () => {
  test("goes quicker in a wide pot, takes longer the further down, and says its range", () => {
    const of = (toL: number, vesselId: string) => {
      const got = reduceOn({ massKg: 3, solidsKg: 0 }, toL, vesselId, "gas", kitchen);
      if (!got.ok) throw got.problem;
      return got.value;
    };
    const half = of(1.5, "tall");
    expect(half.lowMin).toBeLessThan(half.expectedMin);
    expect(half.highMin).toBeGreaterThan(half.expectedMin);
    expect(of(0.75, "tall").expectedMin).toBeGreaterThan(half.expectedMin);
    // 1.5 L in about an hour and a half from a pot 26 cm across at a steady simmer.
    expect(half.expectedMin).toBeGreaterThan(50);
    expect(half.expectedMin).toBeLessThan(170);
    expect(REDUCTIONS.map((r) => r.share.value)).toEqual([0.7, 0.5, 0.1]);
  });

  test("a pot too small is a problem, not a number", () => {
    const got = reduceOn({ massKg: 30, solidsKg: 0 }, 10, "tall", "gas", kitchen);
    expect(got.ok).toBe(false);
  });
});

describe("too little for its dish", () => {
  const dish = testPlan({
    id: "dish",
    name: "Spelt soup",
    items: [
      {
        id: "s",
        ingredientId: "houseStock",
        massKg: 4 * COLD_DENSITY_KG_L,
        when: { at: "start" },
        fromPlanId: "plan",
      },
    ],
  });

  test("is counted over every plan that waits for it", () => {
    const wanted = wantedOf("plan", [dish, { ...dish, id: "two", name: "Stew" }, testPlan()]);
    expect(wanted.needL).toBeCloseTo(8, 9);
    expect(wanted.plans).toEqual(["Spelt soup", "Stew"]);
  });

  test("stretching thins the gel by as much; a second wash gives less than the first", () => {
    const short = tooLittle(resolve(testPlan(), kitchen), bowl, 4);
    expect(short?.shortL).toBeCloseTo(1, 9);
    expect(short?.stretched.gelatinGL).toBeCloseTo(45 / 4, 9);
    expect(short?.stretched.set).toBe("quivers");
    expect(short?.secondWash?.gelatinGL).toBeLessThan(15);
    expect(short?.secondWash?.gelatinGL).toBeGreaterThan(0);
    expect(short?.secondWash?.volumeL).toBeCloseTo(1, 1);
    expect(tooLittle(resolve(testPlan(), kitchen), bowl, 3)).toBeNull();
  });

  test("fish frames that gave all they had give next to nothing a second time", () => {
    const after = (holdMin: number) => {
      const fumet = testPlan({
        items: [{ id: "f", ingredientId: "whiteFishFrame", massKg: 1.5, when: { at: "start" } }],
        stop: { by: "time", holdMin },
      });
      return tooLittle(resolve(fumet, kitchen), bowl, 4)?.secondWash?.gelatinGL ?? NaN;
    };
    expect(after(200)).toBeLessThan(1);
    expect(after(200)).toBeLessThan(after(60));
  });
});

test("what is left with the grit on purpose is no gap, and stands in the flow", () => {
  const plan = testPlan();
  const all = gapOf(resolve(plan, kitchen), strained({ volumeL: 3 }));
  const some = gapOf(resolve(plan, kitchen), strained({ volumeL: 2.8, leftL: 0.2 }));
  expect(some?.gapL).toBeCloseTo(all?.gapL ?? NaN, 9);
  const flow = flowOf(resolve(plan, kitchen), strained({ volumeL: 2.8, leftL: 0.2 }));
  expect(flow.find((p) => p.id === "grit")?.gotL).toBe(0.2);
  expect(
    flowOf(resolve(plan, kitchen), strained({ volumeL: 3 })).some((p) => p.id === "grit"),
  ).toBe(false);
});

test("looks, solids and marrow are kept, the last word counting", () => {
  const cook = strained(
    { volumeL: 3, marrow: "apart" },
    { kind: "looked", clarity: "hazy", atMs: 422 * 60_000 },
    { kind: "looked", colour: "amber", atMs: 423 * 60_000 },
    { kind: "looked", clarity: "clear", atMs: 424 * 60_000 },
    { kind: "solids", fate: "eaten", atMs: 425 * 60_000 },
    { kind: "solids", fate: "thrown", atMs: 426 * 60_000 },
  );
  expect(cook.looks).toEqual({ clarity: "clear", colour: "amber" });
  expect(cook.solids).toBe("thrown");
  expect(cook.marrow).toBe("apart");
});

test("solids are fed only where no bone, onion, salt or alcohol was in the pot", () => {
  const only = (...ids: string[]) =>
    solidsHazards(
      testPlan({
        items: ids.map((id, i) => ({
          id: `i${i}`,
          ingredientId: id,
          massKg: 0.3,
          when: { at: "start" },
        })),
      }),
    ).join("; ");
  expect(only("goatShoulder", "carrot")).toBe("");
  expect(only("lambNeck")).toContain("splinter");
  expect(only("goatShoulder", "onion")).toContain("onion was in the pot");
  expect(only("goatShoulder", "tableSalt")).not.toBe("");
  expect(only("goatShoulder", "whiteWine")).not.toBe("");
});
