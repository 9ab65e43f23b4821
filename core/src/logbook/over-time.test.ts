import { DAY_MS } from "../units/time";
import { expect, test } from "vitest";
import { LIT } from "../../test/logged-pot";
import { shelved } from "../../test/shelved";
import { setsByBone, steams, yields } from "./over-time";

const set = (name: string) => ({ kind: "setJudged", atMs: LIT + DAY_MS / 2, set: name });
/** A stock that steams so, so many days later. */
const pots = [
  shelved({ steam: 1.3, days: 40, also: [set("wobbles")] }),
  shelved({ steam: 0.7, days: 0, also: [set("quivers")] }),
];
const half = pots.map((pot) => {
  const gotL = pot.strainedL ?? 0;
  return {
    ...pot,
    gap: { plannedL: 2 * gotL, gotL, gapL: -gotL, parts: [], likeliest: "steam" } as const,
  };
});

test("got against planned, the oldest first; what was not measured is not in it", () => {
  expect(yields(half).map((d) => [d.id, d.value])).toEqual([
    ["p0", 0.5],
    ["p40", 0.5],
  ]);
  expect(yields(pots)).toEqual([]);
});

test("steam pot after pot, by what it was cooked in", () => {
  const [row, ...others] = steams(pots);
  expect(others).toEqual([]);
  expect(row?.name).toBe("Tall stockpot with its lid ajar, at a gentle simmer");
  expect(row?.dots.map((d) => Math.round(d.value * 10) / 10)).toEqual([0.7, 1.3]);
});

test("sets by the bone and the hours; what nobody judged is left out", () => {
  const [row] = setsByBone([...pots, shelved({ days: 3 })]);
  expect(row?.bone).toBe("Lamb neck");
  expect(row?.dots.map((d) => d.set).toSorted()).toEqual(["quivers", "wobbles"]);
  expect(row?.dots[0]?.hours).toBeGreaterThan(5);
});
