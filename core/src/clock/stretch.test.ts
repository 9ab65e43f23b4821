import fc from "fast-check";
import { expect, test } from "vitest";
import { earliestIn, earliestOff, latestIn, latestOff, merged, without } from "./stretch";

const stretches = fc.array(
  fc
    .tuple(fc.integer({ min: 0, max: 80 }), fc.integer({ min: 1, max: 20 }))
    .map(([from, min]) => ({ from, to: from + min })),
  { maxLength: 8 },
);
const covers = (all: readonly { from: number; to: number }[], m: number) =>
  all.some((s) => s.from <= m && m < s.to);
const minutes = Array.from({ length: 120 }, (_, m) => m - 10);

test("merged and cut out, minute by minute", () => {
  fc.assert(
    fc.property(stretches, stretches, (a, b) => {
      for (const m of minutes) {
        expect(covers(merged(a), m)).toBe(covers(a, m));
        expect(covers(without(a, b), m)).toBe(covers(a, m) && !covers(b, m));
      }
    }),
  );
});

test("the latest and the earliest place are what trying every minute finds", () => {
  fc.assert(
    fc.property(
      stretches,
      fc.integer({ min: 0, max: 90 }),
      fc.integer({ min: 1, max: 15 }),
      (all, start, min) => {
        const free = merged(all);
        const range = Array.from({ length: min }, (_, i) => i);
        const isIn = (at: number) => free.some((s) => s.from <= at && at + min <= s.to);
        const isOff = (at: number) => range.every((i) => !covers(all, at + i));
        const down = Array.from({ length: 140 }, (_, i) => start - i);
        const up = Array.from({ length: 140 }, (_, i) => start + i);
        expect(latestIn(free, start, min)).toBe(down.find(isIn) ?? null);
        expect(earliestIn(free, start, min)).toBe(up.find(isIn) ?? null);
        expect(latestOff(all, start, min)).toBe(down.find(isOff));
        expect(earliestOff(all, start, min)).toBe(up.find(isOff));
      },
    ),
  );
});
