import fc from "fast-check";
import { expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { startBy, STRAIN_MIN } from "../schedule/start-by";
import { daysItLasts, mouldsFor } from "./moulds";

for (const v of vectorsOf(12, (i) => "capacityL" in i))
  test(v.name, () => {
    const i = v.input as { litres: number; capacityL: number; headspace: number };
    const wanted = v.expected as { count: number; remainderL: number };
    const got = mouldsFor(i.litres, i.capacityL, i.headspace);
    expect(got.count).toBe(wanted.count);
    expect(got.remainderL).toBeCloseTo(wanted.remainderL, 9);
  });

test("litres are conserved from bowl to moulds", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 40, noNaN: true }),
      fc.double({ min: 0.03, max: 2, noNaN: true }),
      (litres, capacity) => {
        const { count, remainderL } = mouldsFor(litres, capacity, 0.1);
        expect(count * capacity * 0.9 + remainderL).toBeCloseTo(litres, 6);
        expect(remainderL).toBeLessThan(capacity * 0.9 + 1e-6);
      },
    ),
  );
});

test("days it lasts", () => {
  expect(daysItLasts(2.9, 0.35)).toBeCloseTo(8.285714, 5);
  expect(daysItLasts(2.9, 0)).toBe(Infinity);
});

test("the start is counted back over sieve, pot and preparation", () => {
  const ready = Date.parse("2026-03-19T17:00:00+01:00");
  const start = startBy(ready, { expected: 444, high: 456 }, 25);
  expect(ready - start.lightMs).toBe((444 + STRAIN_MIN) * 60_000);
  expect(start.lightMs - start.lightSurelyMs).toBe(12 * 60_000);
  expect(start.lightSurelyMs - start.prepareMs).toBe(25 * 60_000);
});
