import { asPlanned } from "../simulate/as-planned";
import { resolve } from "../simulate/set-pot";
import { SCHEMA_VERSION } from "../simulate/schema-version";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { testBraise, testKitchen, testPlan } from "../../test/kitchen";
import { potFacts } from "../larder/lot-of";
import { lotFrom, potLeft } from "../larder/portioned";
import { larderOf } from "../larder/larder";
import { eatenOf, liquidOfServedKg } from "../dish/eaten";
import { saltOf } from "../dish/salt-of";
import type { Plan } from "../simulate/plan-schema";
import { StoreContainerSchema } from "../vessel/store-container";
import type { Batch } from "./batch-schema";
import { fold } from "./fold";
import { gapOf } from "./gap";
import { inBowl } from "./in-bowl";
import { productsOf } from "./products";

const kitchen = testKitchen();
const LIT = Date.parse("2026-03-18T08:00:00Z");
const HOUR = 3_600_000;
const braise = testBraise({
  end: "served",
  items: [
    ...testBraise().items,
    { id: "salt", ingredientId: "tableSalt", massKg: 0.015, when: { at: "start" } },
    { id: "f", ingredientId: "flour", massKg: 0.03, when: { at: "start" } },
  ],
});
const batchOf = (plan: Plan): Batch => ({
  schemaVersion: SCHEMA_VERSION,
  id: "b",
  createdMs: LIT,
  plan,
  kitchen,
});
const cookOf = (plan: Plan, apartKg: number | null, measured: object = {}) =>
  fold(
    happened(
      { kind: "lit", atMs: LIT },
      { kind: "simmers", atMs: LIT + 0.5 * HOUR },
      { kind: "offHeat", atMs: LIT + 3.5 * HOUR },
      {
        kind: "strained",
        atMs: LIT + 3.6 * HOUR,
        measured: {
          massKg: 0.8,
          ...(plan.end === "served" ? { servedKg: 2 } : {}),
          tempC: 15,
          passes: 1,
          clothPasses: 0,
          pressed: false,
          ...measured,
        },
      },
      ...(apartKg === null ? [] : [{ kind: "keptApart", massKg: apartKg, atMs: LIT + 3.7 * HOUR }]),
    ),
  );

describe("two things out of one pot", () => {
  test("of a dish they are together what was served, of everything", () => {
    const all = inBowl(batchOf(braise), cookOf(braise, null));
    if (all === null) throw new Error("not served");
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 2.5, noNaN: true }), (apartKg) => {
        const [liquid, solids] = productsOf(batchOf(braise), cookOf(braise, apartKg));
        for (const of of ["massKg", "saltG", "alcoholG", "fatG", "gelatinG", "flourG"] as const)
          expect((liquid?.bowl[of] ?? 0) + (solids?.bowl[of] ?? 0)).toBeCloseTo(all[of], 9);
      }),
      { numRuns: 20 },
    );
    expect(all.flourG).toBeGreaterThan(5);
    const [sauce, meat] = productsOf(batchOf(braise), cookOf(braise, 1.2));
    // What thickens is in the sauce, which is salted as the meat is.
    expect(meat?.bowl.flourG).toBe(0);
    expect(sauce?.label.saltGKg).toBeCloseTo(meat?.label.saltGKg ?? 0, 9);
    expect([sauce?.name, meat?.name]).toEqual([
      `${braise.name}: the sauce`,
      `${braise.name}: goat shoulder`,
    ]);
  });

  test("of a stock they are beside what came through, and nobody claims to know their fat", () => {
    const broth = testPlan();
    const [all] = productsOf(batchOf(broth), cookOf(broth, null));
    const [liquid, solids] = productsOf(batchOf(broth), cookOf(broth, 0.6));
    expect(all?.product).toBeUndefined();
    expect(liquid?.bowl).toEqual(all?.bowl);
    expect(solids?.bowl.massKg).toBe(0.6);
    expect(solids?.label.fatGKg).toBeUndefined();
    expect(solids?.label.allergens).toEqual(all?.label.allergens);
  });

  test("none apart any more, all is one again; before it was served there is nothing", () => {
    expect(productsOf(batchOf(braise), cookOf(braise, 0))).toHaveLength(1);
    expect(productsOf(batchOf(braise), fold([]))).toEqual([]);
  });

  test("each is portioned by itself, and what is used of one is not missing of the other", () => {
    const facts = potFacts(batchOf(braise), cookOf(braise, 1.2), new Map());
    const [sauce, meat] = facts;
    if (sauce === undefined || meat === undefined) throw new Error("not two");
    const bag = StoreContainerSchema.parse({
      id: "c",
      name: "Bag",
      kind: "bag",
      capacityL: 0.5,
      heightM: 0.1,
    });
    const lot = lotFrom({
      id: "l",
      batch: batchOf(braise),
      facts: meat,
      container: bag,
      place: "fridge",
      eachL: 0.25,
      day: "260318",
      usedCodes: new Set(),
    });
    expect(lot).toMatchObject({ product: "solids", kind: "dish", isLiquid: false });
    // Sauce is no stock to be drawn by another pot.
    expect(sauce.kind).toBe("dish");
    const base = { schemaVersion: SCHEMA_VERSION, atMs: 1 } as const;
    const larder = larderOf(
      [
        { ...base, id: "1", kind: "stored", lot, count: 2, place: "fridge" },
        {
          ...base,
          id: "2",
          kind: "used",
          batchId: "b",
          massKg: 0.3,
          out: "table",
          product: "liquid",
        },
      ],
      [],
      "short",
    );
    expect(potLeft("b", meat, larder)).toMatchObject({ usedKg: 0 });
    expect(potLeft("b", meat, larder).leftKg).toBeCloseTo(1.2 - 2 * lot.eachKg, 9);
    expect(potLeft("b", sauce, larder)).toMatchObject({ storedKg: 0, usedKg: 0.3 });
  });

  test("what nobody measured has no gap to learn from", () => {
    const [plan, reckoned] = [testPlan(), { isReckoned: true }];
    expect(gapOf(resolve(plan, kitchen), cookOf(plan, null))).not.toBeNull();
    expect(gapOf(resolve(plan, kitchen), cookOf(plan, null, reckoned))).toBeNull();
    expect(inBowl(batchOf(plan), cookOf(plan, null, reckoned))?.massKg).toBeCloseTo(0.8, 9);
  });

  test("reckoned to be less than planned, it went as steam: all of its salt is still there", () => {
    const trace = asPlanned(resolve(braise, kitchen)).trace;
    const eaten = eatenOf(braise, trace);
    const { saltG } = saltOf(braise, {}, trace);
    for (const lessKg of [0, 0.2]) {
      const servedKg = eaten.allKg - lessKg;
      const massKg = liquidOfServedKg(servedKg, eaten);
      const cook = cookOf(braise, null, { isReckoned: true, servedKg, massKg });
      expect(inBowl(batchOf(braise), cook)?.saltG).toBeCloseTo(saltG, 6);
    }
  });
});
