import { expect, test } from "vitest";
import { reckonedIn } from "./reckoned";

test.each([
  [94.5, "°C", 202.1, "°F"],
  [1, "kg", 2.2046, "lb"],
  [1, "L", 1.0567, "qt"],
  [2.54, "cm", 1, "in"],
  [150, "min at 100 °C", 150, "min at 212 °F"],
  [8, "g", 8, "g"],
])("%d %s is %d %s in a US kitchen", (value, unit, us, usUnit) => {
  const read = reckonedIn(value, unit, "us");
  expect(read.unit).toBe(usUnit);
  expect(read.value).toBeCloseTo(us, 4);
  expect(reckonedIn(value, unit, "metric")).toEqual({ value, unit });
  expect(reckonedIn(value, unit, "both")).toEqual({ value, unit });
});
