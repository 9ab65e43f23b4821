import fc from "fast-check";
import { expect, test } from "vitest";
import { DAY_MS } from "../units/time";
import { monthKeyOf, monthsBack } from "./month-ruler";

const at = (day: string) => Date.parse(`${day}T12:00:00`);

test("from the newest pot's month back to the oldest's, the empty ones too", () => {
  const days = ["2025-11-30", "2026-02-01", "2026-02-28"].map(at);
  expect(monthsBack(days).map((m) => [m.key, m.name, m.pots])).toEqual([
    ["2026-02", "february", 2],
    ["2026-01", "january", 0],
    ["2025-12", "december", 0],
    ["2025-11", "november", 1],
  ]);
  expect(monthsBack([])).toEqual([]);
});

test("no pot is lost, no month stands twice, each is a month before the one on its left", () => {
  const moment = fc.integer({ min: 0, max: 4000 }).map((days) => at("2026-03-18") - days * DAY_MS);
  fc.assert(
    fc.property(fc.array(moment, { minLength: 1, maxLength: 40 }), (begun) => {
      const months = monthsBack(begun);
      expect(months.reduce((sum, m) => sum + m.pots, 0)).toBe(begun.length);
      expect(months.map((m) => m.key)).toEqual(
        [...new Set(months.map((m) => m.key))].sort().toReversed(),
      );
      for (const ms of begun) expect(months.some((m) => m.key === monthKeyOf(ms))).toBe(true);
    }),
  );
});
