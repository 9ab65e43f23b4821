import { startContents } from "../simulate/start-contents";
import { resolve } from "../simulate/set-pot";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { fitIn } from "../simulate/pot-fit";
import { waterL } from "../simulate/stated-water";
import { Problem } from "../units/problem";
import {
  acrossPots,
  asMuchAsFits,
  packsFor,
  scaled,
  scaledToIngredient,
  scaledToPeople,
} from "./scale";

const kitchen = testKitchen();
const stew = testPlan({
  end: "served",
  serves: { people: 6, eachKg: 0.4 },
  items: [
    { id: "meat", ingredientId: "beefChuck", massKg: 1.2, when: { at: "start" } },
    {
      id: "onion",
      ingredientId: "onion",
      massKg: 0.3,
      when: { at: "start" },
      counted: { count: 2, word: "medium", eachKg: 0.15 },
    },
    { id: "carrot", ingredientId: "carrot", massKg: 0.4, when: { at: "beforeEnd", min: 40 } },
  ],
  water: { by: "amount", volumeL: 1 },
});

describe("scaling", () => {
  test("by s and then by 1/s is the dish as it was", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 20, noNaN: true }), (s) => {
        const back = scaled(scaled(stew, s), 1 / s);
        back.items.forEach((item, i) => {
          expect(item.massKg).toBeCloseTo(stew.items[i]?.massKg ?? 0, 9);
          expect(item.counted?.count ?? 0).toBeCloseTo(stew.items[i]?.counted?.count ?? 0, 9);
        });
        expect(back.water.by === "amount" ? back.water.volumeL : 0).toBeCloseTo(1, 9);
        expect({ ...back, items: [], water: stew.water }).toEqual({ ...stew, items: [] });
      }),
    );
  });

  test("water by its place and the time stay as they are", () => {
    const covered = scaled({ ...stew, water: { by: "cover" } }, 3);
    expect(covered.water).toEqual({ by: "cover" });
    expect(covered.stop).toEqual(stew.stop);
    expect(covered.items[0]?.when).toEqual(stew.items[0]?.when);
  });

  test("a wished result grows with it", () => {
    const moulds = { by: "left", wanted: { by: "moulds", count: 6, mouldL: 0.25 } } as const;
    expect(scaled({ ...stew, water: moulds }, 2).water).toMatchObject({ wanted: { count: 12 } });
  });

  test("38 people of 6 is six and a third times; without a count it cannot be said", () => {
    expect(scaledToPeople(stew, 38).items[0]?.massKg).toBeCloseTo((1.2 * 38) / 6, 9);
    expect(() => scaledToPeople({ ...stew, serves: null }, 38)).toThrow(Problem);
  });

  test("by the meat there is: all else follows", () => {
    const by = scaledToIngredient(stew, "meat", 0.6);
    expect(by.items.map((i) => i.massKg)).toEqual([0.6, 0.15, 0.2]);
    expect(by.serves?.people).toBe(3);
    expect(() => scaledToIngredient(stew, "nobody", 1)).toThrow(/how much/);
  });
});

describe("the pot's room", () => {
  test("as much as fits stands at the fill line, and not over it", () => {
    const full = asMuchAsFits(resolve(stew, kitchen));
    const vessel = kitchen.vessels[0];
    if (vessel === undefined) throw new Error("no pot");
    const fit = fitIn(vessel, startContents(full), waterL(resolve(full, kitchen)));
    expect(fit.limit).toBe("fits");
    expect(full.items[0]?.massKg ?? 0).toBeGreaterThan(1.2 * 2);
    expect(
      fitIn(vessel, startContents(scaled(full, 1.2)), waterL(resolve(full, kitchen)) * 1.2).limit,
    ).not.toBe("fits");
  });

  test("one pot where it fits, two where it does not; nothing is lost between them", () => {
    expect(acrossPots(resolve(stew, kitchen))).toEqual([stew]);
    const much = scaled(asMuchAsFits(resolve(stew, kitchen)), 1.25);
    const parts = acrossPots(resolve(much, kitchen));
    expect(parts).toHaveLength(2);
    expect(new Set(parts.map((p) => p.vesselId)).size).toBe(2);
    const kg = (id: string) =>
      parts.reduce((sum, p) => sum + (p.items.find((i) => i.id === id)?.massKg ?? 0), 0);
    for (const item of much.items) expect(kg(item.id)).toBeCloseTo(item.massKg, 9);
  });

  test("too much for the whole kitchen says so", () => {
    expect(() => acrossPots(resolve(scaled(stew, 90), kitchen))).toThrow(/does not fit/);
  });
});

test("packs: the size that leaves least over, whole ones only", () => {
  expect(packsFor(0.75, [0.4, 1])).toEqual({ packKg: 0.4, count: 2, overKg: 0.8 - 0.75 });
  expect(packsFor(0.95, [0.4, 1])).toEqual({ packKg: 1, count: 1, overKg: 1 - 0.95 });
  expect(packsFor(0.8, [0.4])).toMatchObject({ count: 2 });
  expect(packsFor(1, [])).toBeNull();
});
