import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { DAY_MS } from "../units/time";
import { whenSaid } from "./when-said";

/** A Wednesday. */
const NOW_MS = Date.parse("2026-03-18T20:14:00");
const at = (day: string) => Date.parse(`${day}T12:00:00`);
const fits = (text: string, day: string) => whenSaid(text, NOW_MS)?.fits(at(day));

describe("a time among words", () => {
  test("the last March is over, one in this month is not it", () => {
    expect(fits("last March", "2025-03-01")).toBe(true);
    expect(fits("last March", "2025-03-31")).toBe(true);
    expect(fits("last march", "2026-03-02")).toBe(false);
    expect(fits("last march", "2024-03-02")).toBe(false);
    expect(fits("last february", "2026-02-28")).toBe(true);
    expect(fits("last April", "2025-04-10")).toBe(true);
  });

  test("a month alone is that of any year, with a year that one", () => {
    expect(fits("march", "2024-03-09")).toBe(true);
    expect(fits("march", "2024-04-09")).toBe(false);
    expect(fits("mar 2024", "2024-03-09")).toBe(true);
    expect(fits("mar 2024", "2025-03-09")).toBe(false);
    expect(fits("2024", "2024-12-31")).toBe(true);
    expect(fits("2024", "2025-01-01")).toBe(false);
  });

  test("a day is said either way round", () => {
    for (const text of ["5 feb", "Feb 5", "5th February", "february 5, 2026", "5 Feb 2026"]) {
      expect(fits(text, "2026-02-05"), text).toBe(true);
      expect(fits(text, "2026-02-06"), text).toBe(false);
      expect(fits(text, "2026-03-05"), text).toBe(false);
    }
  });

  test("near times go by the calendar, weeks begin on Monday", () => {
    expect(fits("yesterday", "2026-03-17")).toBe(true);
    expect(fits("today", "2026-03-17")).toBe(false);
    expect(fits("this week", "2026-03-16")).toBe(true);
    expect(fits("this week", "2026-03-15")).toBe(false);
    expect(fits("last week", "2026-03-15")).toBe(true);
    expect(fits("last month", "2026-02-01")).toBe(true);
    expect(fits("last year", "2025-12-31")).toBe(true);
    expect(fits("last sunday", "2026-03-15")).toBe(true);
    expect(fits("last wednesday", "2026-03-11")).toBe(true);
    expect(fits("last wednesday", "2026-03-18")).toBe(false);
    expect(fits("sunday", "2026-03-08")).toBe(true);
  });

  test("the other words are left to be looked for, and what only leads to the time is not", () => {
    expect(whenSaid("trotter stock in march", NOW_MS)?.rest).toBe("trotter stock");
    expect(whenSaid("last march broth", NOW_MS)?.rest).toBe("broth");
    expect(whenSaid("braise 2024", NOW_MS)?.rest).toBe("braise");
  });

  test("no time is made of what names none", () => {
    for (const text of [
      "marrow bones",
      "trotter",
      "ma",
      "ma.",
      "last",
      "sunflower oil",
      "5 jars",
      "",
      "1850",
    ])
      expect(whenSaid(text, NOW_MS), text).toBeNull();
  });

  test("whatever is typed is read or not, and of each month exactly its days fit", () => {
    fc.assert(fc.property(fc.string(), (text) => void whenSaid(text, NOW_MS)));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 800 }), (daysAgo) => {
        const ms = NOW_MS - daysAgo * DAY_MS;
        const months = [
          "jan",
          "feb",
          "mar",
          "apr",
          "may",
          "jun",
          "jul",
          "aug",
          "sep",
          "oct",
          "nov",
          "dec",
        ];
        expect(months.filter((m) => whenSaid(m, NOW_MS)?.fits(ms))).toHaveLength(1);
      }),
    );
  });
});
