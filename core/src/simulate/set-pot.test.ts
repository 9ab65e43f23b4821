import { describe, expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { outcomeOf } from "../units/problem";
import { ringOf, vesselOf } from "./references";
import { findVessel, resolve } from "./set-pot";
import { waterL } from "./stated-water";

const kitchen = testKitchen();

describe("a plan set up in a kitchen", () => {
  test("has its pot, its ring, and what lies in it", () => {
    const setPot = resolve(testPlan(), kitchen);
    expect(setPot.vessel?.name).toBe("Tall stockpot");
    expect(setPot.ring).toBe(kitchen.rings[0]);
    expect(setPot.start.bonesKg).toBe(2.2);
    expect(vesselOf(setPot)).toBe(setPot.vessel);
    expect(ringOf(setPot)).toBe(setPot.ring);
  });

  test("goes as far as it can: what the kitchen has not got is missed where it is needed", () => {
    const setPot = resolve(testPlan({ vesselId: "sold", ringId: "gone" }), kitchen);
    expect([setPot.vessel, setPot.ring]).toEqual([undefined, undefined]);
    expect(setPot.start.bonesKg).toBe(2.2);
    const missed = [vesselOf, ringOf, waterL].map((of) => {
      const outcome = outcomeOf(() => of(setPot));
      return outcome.ok ? null : [outcome.problem.code, outcome.problem.field];
    });
    expect(missed).toEqual([
      ["unknownReference", "vesselId"],
      ["unknownReference", "ringId"],
      ["unknownReference", "vesselId"],
    ]);
  });

  test("keeps a pot that does not go on its heat, which says so when it is cooked in", () => {
    const setPot = resolve(testPlan({ vesselId: "crock" }), kitchen);
    expect(setPot.vessel).toBe(findVessel({ vesselId: "crock" }, kitchen));
    const outcome = outcomeOf(() => vesselOf(setPot));
    expect(outcome.ok ? null : outcome.problem.code).toBe("notOnHob");
  });

  test("liquids that go in with the bones are no heap, and lie under no bone", () => {
    const items = [
      { id: "b", ingredientId: "lambNeck", massKg: 1, when: { at: "start" as const } },
      { id: "w", ingredientId: "whiteWine", massKg: 0.5, when: { at: "start" as const } },
      {
        id: "late",
        ingredientId: "carrot",
        massKg: 0.5,
        when: { at: "beforeEnd" as const, min: 60 },
      },
    ];
    const { start } = resolve(testPlan({ items }), kitchen);
    expect(start.lying).toHaveLength(1);
    expect(start.bonesKg).toBe(1);
    expect(start.othersL).toBeCloseTo(0.5, 1);
    // Boiled down to a third before, a third of it goes in.
    const reduced = items.map((i) =>
      i.id === "w" ? { ...i, work: [{ kind: "reduce" as const, share: 1 / 3 }] } : i,
    );
    expect(resolve(testPlan({ items: reduced }), kitchen).start.othersL).toBeCloseTo(
      start.othersL / 3,
      9,
    );
  });
});
