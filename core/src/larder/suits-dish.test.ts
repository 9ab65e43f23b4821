import { SCHEMA_VERSION } from "../simulate/schema-version";
import { DAY_MS } from "../units/time";
import { expect, test } from "vitest";
import { testKitchen, testPlan } from "../../test/kitchen";
import { lotNamed } from "../../test/lots";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { larderOf } from "./larder";
import type { Lot } from "./larder-schema";
import { bySuiting, takenFor } from "./suits-dish";

const plan: Plan = { ...testPlan({}), name: "Goat braise", end: "served", saltWantedGKg: null };
const [first] = plan.items;
if (first === undefined) throw new Error("nothing in the plan");
const item: PlanItem = { ...first, id: "stock", ingredientId: "houseStock", massKg: 0.8 };

function order(
  lots: readonly { readonly lot: Lot; readonly count: number; readonly atMs?: number }[],
  taken: ReadonlyMap<string, number> = new Map(),
  over: Partial<Plan> = {},
): readonly string[] {
  const larder = larderOf(
    lots.map(({ lot, count, atMs = 0 }, i) => ({
      kind: "stored" as const,
      id: `e${i}`,
      schemaVersion: SCHEMA_VERSION,
      atMs,
      lot,
      count,
      place: "freezer" as const,
    })),
    [],
    "short",
  );
  return bySuiting(larder.holdings, {
    plan: { ...plan, ...over },
    kitchen: testKitchen(),
    item,
    larder,
    taken,
    nowMs: DAY_MS,
  }).map((s) => s.holding.lot.id);
}

const trotter = { lot: lotNamed("T", { label: { saltGKg: 0, gelatinGKg: 30 } }), count: 4 };
const lamb = {
  lot: lotNamed("L", { name: "Lamb broth", label: { saltGKg: 0, gelatinGKg: 12 } }),
  count: 4,
};

test("more body goes first, unless the cook has always taken the other", () => {
  expect(order([lamb, trotter])).toEqual(["T", "L"]);
  expect(order([lamb, trotter], new Map([["Lamb broth", 3]]))).toEqual(["L", "T"]);
});

test("what is too little, and what would salt it over, go last, whatever was taken before", () => {
  const taken = new Map([["Lamb broth", 3]]);
  expect(order([{ ...lamb, count: 1 }, trotter], taken)).toEqual(["T", "L"]);
  const salty = { ...lamb, lot: { ...lamb.lot, label: { saltGKg: 10, gelatinGKg: 60 } } };
  expect(order([salty, trotter], taken)).toEqual(["T", "L"]);
  // What is salty is measured by what this dish is to be.
  expect(order([salty, trotter], taken, { saltWantedGKg: 12 })).toEqual(["L", "T"]);
});

test("salt that nobody knows comes after salt that fits, and is said not to be known", () => {
  const unknown = { ...trotter, lot: { ...trotter.lot, id: "U", label: { gelatinGKg: 60 } } };
  expect(order([unknown, lamb])).toEqual(["L", "U"]);
  // Of raw bones nobody asks for it.
  const raw = { ...unknown, lot: { ...unknown.lot, isLiquid: false } };
  expect(order([raw, lamb])).toEqual(["U", "L"]);
});

test("of two alike the one that is due first", () => {
  const older = { ...trotter, lot: { ...trotter.lot, id: "O" } };
  expect(order([{ ...trotter, atMs: DAY_MS / 2 }, older])).toEqual(["O", "T"]);
});

test("what a dish was made with before, once a pot, by name", () => {
  const lots = new Map([
    ["T", trotter.lot],
    ["T2", trotter.lot],
  ]);
  const pot = (name: string, ...ids: readonly string[]) => ({
    name,
    drawnKg: ids.map((id) => [id, 1] as const),
  });
  const pots = [
    pot("Goat braise", "T", "T2"),
    pot("Goat braise", "T"),
    pot("Chili", "T"),
    pot("Goat braise", "gone"),
  ];
  expect([...takenFor("Goat braise", pots, lots)]).toEqual([["Trotter stock", 2]]);
});
