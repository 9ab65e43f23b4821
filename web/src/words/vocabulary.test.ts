import { expect, test } from "vitest";
import { PLACES } from "./places";
import { VOCABULARY } from "./vocabulary";

test("each word is there once, in order, with a sentence that ends", () => {
  const terms = VOCABULARY.map((t) => t.term);
  expect(terms).toEqual([...new Set(terms)].toSorted((a, b) => a.localeCompare(b, "en")));
  for (const { means } of VOCABULARY) expect(means).toMatch(/[.]$/u);
});

test("every place has words of its own", () => {
  for (const { name } of PLACES) expect(VOCABULARY.some((t) => t.at.includes(name))).toBe(true);
});
