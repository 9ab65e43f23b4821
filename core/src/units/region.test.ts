import { afterEach, expect, test } from "vitest";
import { figure, plain, regionOf, setRegion, USUAL_REGION } from "./region";

afterEach(() => setRegion(USUAL_REGION));

test.each([
  ["en-US", { decimal: ".", clock: 12, dates: "monthFirst", weekFrom: 0, measures: "us" }],
  // Without a land: the one where most of them live.
  ["en", { decimal: ".", clock: 12, dates: "monthFirst", weekFrom: 0, measures: "us" }],
  ["en-GB", { decimal: ".", clock: 24, dates: "dayFirst", weekFrom: 1, measures: "metric" }],
  ["de-AT", { decimal: ",", clock: 24, dates: "dayFirst", weekFrom: 1, measures: "metric" }],
  ["es-MX", { decimal: ".", clock: 12, dates: "dayFirst", weekFrom: 0, measures: "metric" }],
  [
    "ja-JP",
    {
      decimal: ".",
      clock: 24,
      dates: "monthFirst",
      weekFrom: 0,
      measures: "metric",
    },
  ],
  // Its own figures are not those that are written here.
  ["ar-EG", { decimal: ".", clock: 12, dates: "dayFirst", weekFrom: 6, measures: "metric" }],
] as const)("%s", (locale, region) => expect(regionOf(locale)).toEqual(region));

test("a locale that nobody can read is the usual one", () => {
  expect(regionOf("not a locale")).toEqual(USUAL_REGION);
  expect(regionOf("")).toEqual(USUAL_REGION);
});

test("the sign of a figure, and no other point", () => {
  setRegion(regionOf("de-AT"));
  expect([figure(1.5, 2), figure(12, 0), plain(8.1), plain(8)]).toEqual(["1,50", "12", "8,1", "8"]);
  setRegion(USUAL_REGION);
  expect([figure(1.5, 2), plain(8.1)]).toEqual(["1.50", "8.1"]);
});
