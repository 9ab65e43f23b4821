import { expect, test } from "vitest";
import { namesMeasure } from "./measures";

test.each([
  "Under 60 °C it may stay",
  "{0} kg of bones",
  "2 cm over",
  "½ qt",
  "from 140 °F",
  "{0} cups",
])("“%s” names a measure by itself", (text) => {
  expect(namesMeasure(text)).toBe(true);
});
test.each([
  "{0} of bones",
  "in the pot",
  "5 minutes",
  "{0} g salt a portion",
  "Gas ring 2",
  "a litre jug",
])("“%s” names none, or what is counted in grams everywhere", (text) => {
  expect(namesMeasure(text)).toBe(false);
});
