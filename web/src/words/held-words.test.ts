import { expect, test } from "vitest";
import { costedFor } from "./held-words";

test.each([
  [true, "metric", "litre", 0.998],
  [false, "metric", "kilogram", 1],
  [true, "us", "quart", 0.945],
  [false, "us", "pound", 0.4536],
  [false, "both", "kilogram", 1],
] as const)("liquid %s in %s: the cost of a %s", (isLiquid, units, word, massKg) => {
  const costed = costedFor({ isLiquid }, units);
  expect(costed.word).toBe(word);
  expect(costed.massKg).toBeCloseTo(massKg, 2);
});
