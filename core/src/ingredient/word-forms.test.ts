import { expect, test } from "vitest";
import { countWords, singular } from "./word-forms";

test.each([
  ["leaves", "leaf"],
  ["berries", "berry"],
  ["potatoes", "potato"],
  ["onions", "onion"],
  ["swiss", "swiss"],
])("one of %s is a %s", (many, one) => expect(singular(many)).toBe(one));

test("so many of something, as a cook says it", () => {
  expect(countWords(1, "bay leaf")).toBe("1 bay leaf");
  expect(countWords(3, "bay leaf")).toBe("3 bay leaves");
  expect(countWords(2, "medium")).toBe("2 medium");
  expect(countWords(2.5, "tbsp")).toBe("2.5 tbsp");
  expect(countWords(1 / 3, "clove")).toBe("0.33 cloves");
});
