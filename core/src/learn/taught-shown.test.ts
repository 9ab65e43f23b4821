import { expect, test } from "vitest";
import { whatTaught } from "./taught";
import { SHOWN_FROM, shownOf } from "./taught-shown";

const pot = (n: number) => ({ potId: `pot ${n}`, factor: 1 + n / 1000, weight: 1, isWild: false });
const value = (pots: number) => ({
  ...{ kind: "steam" as const, thing: `${pots} pots`, before: 1, factor: 1.1 },
  ...{ plusMinusPct: 5, beforePlusMinusPct: 30, isFrozen: false },
  from: Array.from({ length: pots }, (_, n) => pot(n)),
});

test("the latest pots of each value are shown, and how many there are in all", () => {
  const told = {
    ...whatTaught([]),
    values: [value(2), value(SHOWN_FROM), value(1000)],
    notUsed: [{ potId: "a", kind: "ring" as const, why: "it was never lit" }],
  };
  const shown = shownOf(told);
  expect(shown.values.map((v) => [v.thing, v.from.length, v.fromCount])).toEqual([
    ["2 pots", 2, 2],
    ["60 pots", 60, 60],
    ["1000 pots", 60, 1000],
  ]);
  expect(shown.values[2]?.from.at(-1)).toEqual(pot(999));
  expect(shown.values[0]).toEqual({ ...told.values[0], fromCount: 2 });
  expect(shown.kitchen).toEqual(told.kitchen);
  expect(shown.notUsedCount).toBe(1);
});
