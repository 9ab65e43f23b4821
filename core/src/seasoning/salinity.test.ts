import { expect, test } from "vitest";
import { inWords } from "../units/said";
import { salinity } from "./salinity";

test.each([
  [8.1, "kg", "8.1 g/kg", "0.81 %"],
  [7, "L", "7 g/L", "0.7 %"],
  [0, "L", "0 g/L", "0 %"],
  [10.04, "kg", "10 g/kg", "1 %"],
  [34.96, "L", "35 g/L", "3.5 %"],
] as const)("%d g a %s", (per, unit, metric, us) => {
  expect(inWords(salinity(per, unit), "metric")).toBe(metric);
  expect(inWords(salinity(per, unit), "us")).toBe(us);
  expect(inWords(salinity(per, unit), "both")).toBe(metric);
});
