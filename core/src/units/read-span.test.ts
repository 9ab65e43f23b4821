import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { readSpans } from "./read-span";

const spans = (text: string) => readSpans(text).map((s) => [s.fromMin, s.toMin]);

describe("times in a text", () => {
  test.each([
    ["1 1/2 hours", 90],
    ["1/2 hour", 30],
    ["3/4 hour", 45],
    ["1½ hours", 90],
    ["½ h", 30],
    ["1-1/2 hours", 90],
    ["1 hour 30 minutes", 90],
    ["1 hour and 30 minutes", 90],
    ["2 h 30", 150],
    ["1h30", 90],
    ["4 1/2 hours", 270],
    ["2.5 hours", 150],
    ["1,5 h", 90],
    ["an hour and a half", 90],
    ["two and a half hours", 150],
    ["three quarters of an hour", 45],
    ["half an hour", 30],
    ["a quarter of an hour", 15],
    ["forty-five minutes", 45],
    ["twenty five minutes", 25],
    ["a couple of hours", 120],
    ["90 min", 90],
    ["45 mins.", 45],
    ["2 days", 2880],
    ["a 3-hour simmer", 180],
  ])("%s", (text, min) => {
    expect(spans(text)).toEqual([[min, min]]);
  });

  test.each([
    ["2 1/2 to 3 hours", 150, 180],
    ["2–3 hours", 120, 180],
    ["30 to 40 minutes", 30, 40],
    ["1 hour to 1 1/2 hours", 60, 90],
    ["45 minutes to 1 hour", 45, 60],
    ["three or four hours", 180, 240],
    ["overnight", 480, 720],
    ["all day", 480, 600],
    ["3 to 2 hours", 120, 180],
  ])("%s", (text, from, to) => {
    expect(spans(text)).toEqual([[from, to]]);
  });

  test("each of several, and nothing that is no time", () => {
    expect(
      spans("Brown 10 minutes at 350 F in 2 cm dice, then simmer 2 hours; serves 4, 1 lb of it."),
    ).toEqual([
      [10, 10],
      [120, 120],
    ]);
    expect(spans("300F for 3 to 4 hours")).toEqual([[180, 240]]);
    expect(spans("2 hams, 3 mint leaves, 4 handfuls, 1 day-old loaf")).toEqual([[1440, 1440]]);
  });

  test("what comes on top says so", () => {
    expect(readSpans("simmer 1 more hour").map((s) => s.isMore)).toEqual([true]);
    expect(readSpans("another 20 minutes").map((s) => s.isMore)).toEqual([true]);
    expect(readSpans("30 minutes longer").map((s) => s.isMore)).toEqual([true]);
    expect(readSpans("cook 30 minutes").map((s) => s.isMore)).toEqual([false]);
  });

  test("however long a text repeats itself, it is read", () => {
    for (const said of ["1 ", "half a ", "1/2 to ", "a couple of ", "one and a half to ", "9"])
      expect(readSpans(`${said.repeat(3000)} 20 minutes`).at(-1)?.toMin).toBe(20);
  });

  test("any text in, no crash; the spans lie in it, one after the other", () => {
    const words = fc.constantFrom(
      "1",
      "1/2",
      "½",
      "hour",
      "h",
      "min",
      "and",
      "a",
      "half",
      "to",
      "-",
      "three",
      "quarters",
      "of",
      "an",
      "more",
      "30",
      ".",
      "overnight",
      "cook",
    );
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(words, { maxLength: 14 }).map((w) => w.join(" ")),
        ),
        (text) => {
          let at = 0;
          for (const s of readSpans(text)) {
            expect(s.at).toBeGreaterThanOrEqual(at);
            expect(s.end).toBeGreaterThan(s.at);
            expect(s.end).toBeLessThanOrEqual(text.length);
            expect(s.fromMin).toBeLessThanOrEqual(s.toMin);
            expect(Number.isFinite(s.toMin)).toBe(true);
            at = s.end;
          }
        },
      ),
    );
  });
});
