import { regionOf } from "@kettlos/core/units/region";
import { afterEach, expect, test } from "vitest";
import { asksAgain, keptRegion } from "./kept-region";

afterEach(() => localStorage.clear());
const kept = () => localStorage.getItem("kettlos-region") ?? "";

test("found once, it is taken as it was found; of another locale it is asked", () => {
  expect(keptRegion("de-AT")).toEqual(regionOf("de-AT"));
  localStorage.setItem("kettlos-region", kept().replace('"clock":24', '"clock":12'));
  expect(keptRegion("de-AT").clock).toBe(12);
  expect(keptRegion("en-US")).toEqual(regionOf("en-US"));
  expect(keptRegion("de-AT")).toEqual(regionOf("de-AT"));
});

test("asked again, what is right now is kept for the next time", () => {
  keptRegion("de-AT");
  localStorage.setItem("kettlos-region", kept().replace('"clock":24', '"clock":12'));
  asksAgain("de-AT");
  expect(keptRegion("de-AT").clock).toBe(24);
});

test.each([
  "",
  "no text of ours",
  '{"locale":"de-AT"}',
  '{"locale":"de-AT","region":{"clock":24}}',
  "7",
])("what is kept and cannot be read is asked: %s", (text) => {
  localStorage.setItem("kettlos-region", text);
  expect(keptRegion("de-AT")).toEqual(regionOf("de-AT"));
});
