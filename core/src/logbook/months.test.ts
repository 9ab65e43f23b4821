import { SCHEMA_VERSION } from "../simulate/schema-version";
import { DAY_MS } from "../units/time";
import { expect, test } from "vitest";
import { LIT, loggedPlan } from "../../test/logged-pot";
import { lotNamed } from "../../test/lots";
import { shelved } from "../../test/shelved";
import { larderOf } from "../larder/larder";
import type { LarderEvent } from "../larder/larder-schema";
import { months } from "./months";

const [bones] = loggedPlan.items;
if (bones === undefined) throw new Error("nothing in the plan");
const monthOf = (ms: number) => new Date(ms).toISOString().slice(0, 7);
const happening = (atMs: number, body: object) =>
  ({ id: "e", schemaVersion: SCHEMA_VERSION, atMs, ...body }) as LarderEvent;
const empty = larderOf([], [], "short");
const pots = [shelved({ days: 40 }), shelved({ days: 0 })];

test("months in order, with their litres; without a price no cost", () => {
  const [march, april] = months(pots, empty, monthOf);
  expect([march?.title, april?.title]).toEqual(["2026-03", "2026-04"]);
  expect(march?.pots).toBe(1);
  expect(march?.stockL).toBeCloseTo(pots[1]?.strainedL ?? NaN, 9);
  expect(march?.cost).toBeNull();
});

test("cost goes by what was bought: another pot's stock was paid for in that one", () => {
  const kitchen = { prices: [{ ingredientId: bones.ingredientId, perKg: 4 }] };
  expect(months([shelved({ kitchen })], empty, monthOf)[0]?.cost).toBeCloseTo(4 * bones.massKg, 9);
  const stock = { ...bones, id: "stock", ingredientId: "houseStock", massKg: 0.5, fromLotId: "A" };
  const plan = { ...loggedPlan, items: [...loggedPlan.items, stock] };
  const drawing = shelved({ kitchen, plan });
  const storedAs = (lot: object) =>
    larderOf(
      [happening(LIT, { kind: "stored", lot: lotNamed("A", lot), count: 2, place: "fridge" })],
      [],
      "short",
    );
  const costIn = (lot: object) => months([drawing], storedAs(lot), monthOf)[0];
  expect(costIn({ batchId: "another", costPerKg: 5 })?.cost).toBeCloseTo(4 * bones.massKg, 9);
  expect(costIn({ batchId: null, costPerKg: 5 })?.cost).toBeCloseTo(4 * bones.massKg + 2.5, 9);
  // All but the bones.
  expect(costIn({ batchId: null, costPerKg: null })?.unpriced).toBe(plan.items.length - 1);
});

test("what was thrown away stands in its month with why, also where no pot was cooked", () => {
  const thrown = happening(LIT - 40 * DAY_MS, {
    kind: "used",
    batchId: "p0",
    massKg: 0.7,
    out: "thrown",
  });
  const [february] = months(pots, larderOf([thrown], [], "short"), monthOf);
  expect(february).toMatchObject({ title: "2026-02", pots: 0, thrownKg: 0.7 });
  expect([...(february?.why ?? [])]).toEqual([["notSaid", 0.7]]);
});
