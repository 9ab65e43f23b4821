import { expect, test } from "vitest";
import { happened } from "../../test/events";
import { cooked, LIT, loggedPlan } from "../../test/logged-pot";
import { lotNamed } from "../../test/lots";
import { fold } from "../batch/fold";
import { larderOf } from "../larder/larder";
import { wordsOf } from "../learn/taught";
import { months } from "./months";
import { setsByBone, steams, yields, type TrendPot } from "./over-time";

const larder = larderOf([], [], "short");
const DAY_MS = 86_400_000;
/** A stock that steams so, so many days later, and what was judged of it. */
function trend(steam: number, days: number, ...more: readonly object[]): TrendPot {
  const made = cooked({ steam, batch: { id: `p${days}` } });
  const events = happened(...made.cook.events, ...more).map((e) => ({
    ...e,
    atMs: e.atMs + days * DAY_MS,
  }));
  const pot = { batch: made.batch, cook: fold(events) };
  const gotL = pot.cook.result?.strainedL ?? 0;
  const gap = { plannedL: 2 * gotL, gotL, gapL: -gotL, parts: [], likeliest: "steam" } as const;
  return { pot, words: wordsOf({ batch: made.batch, cook: pot.cook }), gap };
}
const set = (name: string) => ({ kind: "setJudged", atMs: LIT + DAY_MS / 2, set: name });
const pots = [trend(1.3, 40, set("wobbles")), trend(0.7, 0, set("quivers"))];

test("got against planned, the oldest first; what was not measured is not in it", () => {
  expect(yields(pots).map((d) => [d.id, d.value])).toEqual([
    ["p0", 0.5],
    ["p40", 0.5],
  ]);
  expect(yields([{ ...pots[0]!, gap: null }])).toEqual([]);
});

test("steam pot after pot, by what it was cooked in", () => {
  const [row, ...others] = steams(pots);
  expect(others).toEqual([]);
  expect(row?.name).toBe("Tall stockpot with its lid ajar, at a gentle simmer");
  expect(row?.dots.map((d) => Math.round(d.value * 10) / 10)).toEqual([0.7, 1.3]);
});

test("sets by the bone and the hours; what nobody judged is left out", () => {
  const [row] = setsByBone([...pots, trend(1, 3)]);
  expect(row?.bone).toBe("Lamb neck");
  expect(row?.dots.map((d) => d.set).toSorted()).toEqual(["quivers", "wobbles"]);
  expect(row?.dots[0]?.hours).toBeGreaterThan(5);
});

const monthOf = (ms: number) => new Date(ms).toISOString().slice(0, 7);
const logged = pots.map((p) => p.pot);
const [bones] = loggedPlan.items;
if (bones === undefined) throw new Error("nothing in the plan");
const inKitchen = (prices: readonly { ingredientId: string; perKg: number }[]) =>
  logged.map((pot) => ({
    ...pot,
    batch: { ...pot.batch, kitchen: { ...pot.batch.kitchen, prices: [...prices] } },
  }));

test("months in order, with their litres; without a price no cost", () => {
  const [march, april] = months(logged, larder, monthOf);
  expect([march?.title, april?.title]).toEqual(["2026-03", "2026-04"]);
  expect(march?.pots).toBe(1);
  expect(march?.stockL).toBeCloseTo(logged[1]?.cook.result?.strainedL ?? NaN, 9);
  expect(march?.cost).toBeNull();
});

test("cost goes by what was bought: another pot's stock was paid for in that one", () => {
  const priced = inKitchen([{ ingredientId: bones.ingredientId, perKg: 4 }]);
  expect(months(priced, larder, monthOf)[0]?.cost).toBeCloseTo(4 * bones.massKg, 9);
  const stored = (batchId: string | null) =>
    larderOf(
      [
        {
          kind: "stored",
          id: "e",
          schemaVersion: 3,
          atMs: LIT,
          lot: lotNamed("A", { batchId, costPerKg: 5 }),
          count: 2,
          place: "fridge",
        },
      ],
      [],
      "short",
    );
  const stock = { ...bones, id: "stock", ingredientId: "houseStock", massKg: 0.5, fromLotId: "A" };
  const drawing = priced.map((pot) => {
    const plan = { ...pot.batch.plan, items: [...pot.batch.plan.items, stock] };
    return { ...pot, batch: { ...pot.batch, plan } };
  });
  const costIn = (batchId: string | null) => months(drawing, stored(batchId), monthOf)[0]?.cost;
  expect(costIn("another")).toBeCloseTo(4 * bones.massKg, 9);
  expect(costIn(null)).toBeCloseTo(4 * bones.massKg + 2.5, 9);
});

test("what was thrown away stands in its month with why, also where no pot was cooked", () => {
  const thrown = larderOf(
    [
      {
        kind: "used",
        id: "e",
        schemaVersion: 3,
        atMs: LIT - 40 * DAY_MS,
        batchId: "p0",
        massKg: 0.7,
        out: "thrown",
      },
    ],
    [],
    "short",
  );
  const [february] = months(logged, thrown, monthOf);
  expect(february).toMatchObject({ title: "2026-02", pots: 0, thrownKg: 0.7 });
  expect([...(february?.why ?? [])]).toEqual([["notSaid", 0.7]]);
});
