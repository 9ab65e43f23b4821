import { expect, test } from "vitest";
import { showRoundTemperature } from "../units/show";
import { OvenSchema } from "./oven-schema";
import { usualOven } from "./usual-oven";

test("a usual oven goes as far as its dial does, in the measures that stand on it", () => {
  expect(OvenSchema.parse(usualOven("a", "metric"))).toMatchObject({ maxC: 250, fan: false });
  expect(showRoundTemperature(usualOven("a", "us").maxC, "us")).toBe("550 °F");
  expect(usualOven("a", "us", true).fan).toBe(true);
});
