import { expect, test } from "vitest";
import { normalAt } from "./normal-at";

test.each([
  [0.5, 0],
  [0.9, 1.2815515655446004],
  [0.975, 1.959963984540054],
  [0.25, -0.6744897501960817],
  [0.001, -3.090232306167813],
  [1e-10, -6.361340902404056],
])("%d of them lie below %d", (share, expected) => {
  expect(normalAt(share)).toBeCloseTo(expected, 12);
  expect(normalAt(1 - share)).toBeCloseTo(-expected, share < 1e-6 ? 6 : 12);
});

test("none lie below all, nor all below any", () => {
  expect(normalAt(0)).toBeLessThan(-30);
  expect(normalAt(1)).toBeGreaterThan(30);
});
