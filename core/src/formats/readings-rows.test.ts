import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { happened } from "../../test/events";
import { readingsOf, rowsOf, type ReadingRow } from "./readings-rows";

const LIT = Date.parse("2026-03-18T20:00:00+01:00");
const day = { litMs: LIT, offsetMin: 60 };

describe("readings as rows", () => {
  test("there and back: every kind, to a tenth of a millimetre and a gram", () => {
    const reading = fc.oneof(
      fc.record({
        kind: fc.constant("read" as const),
        form: fc.constantFrom("liquidDepth", "fromRim", "belowTideMark", "volume", "potWeight"),
        value: fc.integer({ min: 0, max: 14_000 }).map((n) => n / 10_000),
      }),
      fc.record({
        kind: fc.constant("temperature" as const),
        where: fc.constantFrom("liquid", "piece"),
        tempC: fc.integer({ min: -200, max: 1400 }).map((n) => n / 10),
      }),
    );
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 8 }), (list) => {
        const events = happened(
          ...list.map((r, i) => {
            const atMs = LIT + i * 120_000;
            return r.kind === "read"
              ? { kind: "read", reading: { form: r.form, value: r.value }, atMs }
              : { ...r, atMs };
          }),
        );
        const { readings, problems } = readingsOf(rowsOf(events), day);
        expect(problems).toEqual([]);
        expect(readings).toHaveLength(list.length);
        readings.forEach((r, i) => {
          const e = events[i];
          expect(r.atMs).toBe(e?.atMs);
          if (r.kind === "read" && e?.kind === "read") {
            expect(r.reading.form).toBe(e.reading.form);
            expect(r.reading.value).toBeCloseTo(e.reading.value, 5);
          } else if (r.kind === "temperature" && e?.kind === "temperature")
            expect([r.where, r.tempC]).toEqual([e.where, e.tempC]);
          else expect.fail("another kind came back");
        });
      }),
    );
  });

  test("a clock time is of the evening it was lit, past midnight of the next day", () => {
    const { readings } = readingsOf(
      [
        { time: "21:05", liquid_c: "92,5" },
        { time: "01:30:20", depth_cm: "11.4" },
        { time: "2026-03-18 22:15", liquid_c: "93" },
        { time: "2026-03-18T22:20:30", liquid_c: "93" },
        { time: "2026-03-18T21:25:00Z", liquid_c: "93" },
      ],
      day,
    );
    expect(readings.map((r) => new Date(r.atMs).toISOString())).toEqual([
      "2026-03-18T20:05:00.000Z",
      "2026-03-19T00:30:20.000Z",
      "2026-03-18T21:15:00.000Z",
      "2026-03-18T21:20:30.000Z",
      "2026-03-18T21:25:00.000Z",
    ]);
    expect(readings[0]).toMatchObject({ kind: "temperature", tempC: 92.5, source: "instrument" });
    expect(readings[1]).toMatchObject({ reading: { form: "liquidDepth", value: 0.114 } });
  });

  test("one bad line and nothing is taken; each is told with its line and what would be right", () => {
    const rows: ReadingRow[] = [
      { time: "21:05", liquid_c: "92" },
      { time: "half past", liquid_c: "92" },
      { time: "21:10", depth_cm: "deep" },
      { time: "25:10", depth_cm: "3" },
      { time: "21:20", weight_kg: "-2" },
    ];
    const { readings, problems } = readingsOf(rows, day);
    expect(readings).toEqual([]);
    expect(problems.map((p) => p.line)).toEqual([3, 4, 5, 6]);
    expect(problems[0]?.message).toContain("half past");
    expect(problems[1]?.message).toContain("from 0 to 150");
  });

  test("a logger's second by second is thinned to a minute a column", () => {
    const rows = Array.from({ length: 3600 }, (_, s) => ({
      time: new Date(LIT + s * 1000).toISOString(),
      liquid_c: "90",
      weight_kg: "9.1",
    }));
    expect(readingsOf(rows, day).readings).toHaveLength(120);
  });
});
