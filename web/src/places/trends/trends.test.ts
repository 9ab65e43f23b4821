import { larderOf } from "@kettlos/core/larder/larder";
import { wordsOf } from "@kettlos/core/learn/taught";
import { expect, test } from "vitest";
import { cooked, LIT, loggedPlan } from "../../../../core/test/logged-pot";
import { happened } from "../../../../core/test/events";
import { fold } from "@kettlos/core/batch/fold";
import type { PotState } from "../../data/pots-store";
import { months, setsByBone, steams, yields, type TrendPot } from "./trends";

const larder = larderOf([], [], "short");
const DAY_MS = 86_400_000;
/** A stock that steams so, so many days later, and what was judged of it. */
function trend(steam: number, days: number, ...more: readonly object[]): TrendPot {
  const made = cooked({ steam, batch: { id: `p${days}` } });
  const events = happened(...made.cook.events, ...more).map((e) => ({
    ...e,
    atMs: e.atMs + days * DAY_MS,
  }));
  const pot = { batch: made.batch, cook: fold(events), events } as unknown as PotState;
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

test("months in order, with litres, and cost as far as prices go", () => {
  const monthOf = (ms: number) => new Date(ms).toISOString().slice(0, 7);
  const [march, april] = months(pots, larder, monthOf);
  expect([march?.title, april?.title]).toEqual(["2026-03", "2026-04"]);
  expect(march?.pots).toBe(1);
  expect(march?.litres).toBeCloseTo(pots[1]?.pot.cook.result?.strainedL ?? NaN, 9);
  expect(march?.cost).toBeNull();
  const [bones] = loggedPlan.items;
  const prices = [{ ingredientId: bones?.ingredientId ?? "", perKg: 4 }];
  const priced = pots.map((p) => ({
    ...p,
    pot: {
      ...p.pot,
      batch: { ...p.pot.batch, kitchen: { ...p.pot.batch.kitchen, prices } },
    } as PotState,
  }));
  expect(months(priced, larder, monthOf)[0]?.cost).toBeCloseTo(4 * (bones?.massKg ?? NaN), 9);
});
