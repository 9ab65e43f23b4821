import { expect, test } from "vitest";
import { countryOf } from "../units/country";
import { usualMoney } from "../units/money";
import { usualCode } from "./usual-code";

test.each([
  ["en-NZ", "auNz", "$"],
  ["en-GB", "uk", "£"],
  ["en", "us", "$"],
  ["de-AT", "us", "€"],
  ["not a locale", "us", "€"],
])("by %s a kitchen most likely goes by %s, and pays in %s", (locale, code, money) => {
  const country = countryOf(locale);
  expect(usualCode(country)).toBe(code);
  expect(usualMoney(country)).toBe(money);
});
