import { expect, test } from "vitest";
import { vectorsOf } from "../../test/vectors";
import { startBy, STRAIN_MIN } from "../schedule/start-by";
import { StoreContainerSchema } from "../vessel/store-container";
import { filled } from "./headspace";
import { daysItLasts, toFreezeL } from "./lasting";

for (const v of vectorsOf(12, (i) => "capacityL" in i))
  test(v.name, () => {
    const i = v.input as { litres: number; capacityL: number; headspace: number };
    const wanted = v.expected as { count: number; remainderL: number };
    expect(i.headspace).toBe(0.1);
    const mould = StoreContainerSchema.parse({
      id: "m",
      name: "Mould",
      kind: "mould",
      capacityL: i.capacityL,
    });
    const got = filled(i.litres, mould, true);
    expect(got.count).toBe(wanted.count);
    expect(got.remainderL).toBeCloseTo(wanted.remainderL, 9);
  });

test("days it lasts", () => {
  expect(daysItLasts(2.9, 0.35)).toBeCloseTo(8.285714, 5);
  expect(daysItLasts(2.9, 0)).toBe(Infinity);
  // Three days of a third of a litre stay; the rest is frozen.
  expect(toFreezeL(2.9, 0.35)).toBeCloseTo(1.85, 9);
  expect(toFreezeL(0.5, 0.35)).toBe(0);
});

test("the start is counted back over sieve, pot and preparation", () => {
  const ready = Date.parse("2026-03-19T17:00:00+01:00");
  const start = startBy(ready, { expected: 444, high: 456 }, 25);
  expect(ready - start.lightMs).toBe((444 + STRAIN_MIN) * 60_000);
  expect(start.lightMs - start.lightSurelyMs).toBe(12 * 60_000);
  expect(start.lightSurelyMs - start.prepareMs).toBe(25 * 60_000);
});
