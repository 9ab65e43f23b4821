import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { inEnglish, type Parts } from "./english-moments";

const FORMS: readonly Parts[] = [
  { weekday: "long" },
  { weekday: "short" },
  { day: "numeric", month: "short" },
  { day: "numeric", month: "long" },
  { month: "long" },
  { month: "long", year: "numeric" },
  { day: "numeric", month: "short", year: "numeric" },
  { day: "numeric", month: "long", year: "numeric" },
  { day: "2-digit", month: "2-digit", year: "numeric" },
  { hour: "numeric", minute: "2-digit" },
  { day: "numeric", month: "short", year: "numeric", hour: "numeric", minute: "2-digit" },
];
const HOURS = { 12: { hourCycle: "h12" }, 24: { hour: "2-digit", hourCycle: "h23" } } as const;
const spaced = (text: string) =>
  text.replace(/\s/gu, " ").replace(/\b[ap]m\b/u, (h) => h.toUpperCase());
const DAY_MS = 86_400_000;

describe("moments in English", () => {
  test.each(
    (["dayFirst", "monthFirst"] as const).flatMap((dates) =>
      ([12, 24] as const).map((clock) => [dates, clock] as const),
    ),
  )("%s, a clock of %d hours: as the runtime says them, on any day", (dates, clock) => {
    const formatOf = (parts: Parts, timeZone?: string) =>
      new Intl.DateTimeFormat(dates === "dayFirst" ? "en-GB" : "en-US", {
        ...parts,
        ...(parts.hour === undefined ? {} : HOURS[clock]),
        ...(timeZone === undefined ? {} : { timeZone }),
      });
    const formats = FORMS.map((parts) => ({
      parts,
      here: formatOf(parts),
      utc: formatOf(parts, "UTC"),
    }));
    const ms = fc
      .integer({ min: 0, max: 80 * 366 })
      .chain((day) => fc.integer({ min: 0, max: DAY_MS - 1 }).map((rest) => day * DAY_MS + rest));
    fc.assert(
      fc.property(ms, (at) => {
        for (const { parts, here, utc } of formats) {
          expect(inEnglish(at, parts, { dates, clock })).toBe(spaced(here.format(at)));
          expect(inEnglish(at, parts, { dates, clock }, true)).toBe(spaced(utc.format(at)));
        }
      }),
    );
  });

  test("each month, for one is shortened in two ways", () => {
    const format = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short" });
    for (let month = 1; month <= 12; month++) {
      const at = Date.parse(`2026-${String(month).padStart(2, "0")}-15T12:00`);
      const said = inEnglish(
        at,
        { day: "numeric", month: "short" },
        { dates: "dayFirst", clock: 24 },
      );
      expect(said).toBe(format.format(at));
    }
  });

  test("what is no moment is refused", () => {
    expect(() => inEnglish(NaN, { weekday: "long" }, { dates: "dayFirst", clock: 24 })).toThrow(
      RangeError,
    );
  });
});
