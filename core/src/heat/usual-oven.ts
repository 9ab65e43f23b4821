import type { Oven } from "./oven-schema";

/** Where the dial of a household oven usually ends, °C: 250 °C, 550 °F. */
const HOTTEST_C = { metric: 250, us: 288 } as const;

/** An oven of which nobody said more; with a fan where that is said. */
export const usualOven = (id: string, measures: "metric" | "us", fan = false): Oven => ({
  id,
  name: "Oven",
  fan,
  maxC: HOTTEST_C[measures],
});
