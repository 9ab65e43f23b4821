import { expect, test } from "vitest";
import { toldApart } from "./told-apart";

test("pots of one kind are told apart by size, many by number", () => {
  expect(toldApart("Stockpot", 0)).toEqual([]);
  expect(toldApart("Stockpot", 1)).toEqual(["Stockpot"]);
  expect(toldApart("Stockpot", 3)).toEqual(["Small stockpot", "Middle stockpot", "Big stockpot"]);
  expect(toldApart("Sauté pan", 4)[3]).toBe("Sauté pan 4");
});
