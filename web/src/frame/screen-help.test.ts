import { expect, test } from "vitest";
import { router } from "../router";
import { helpOf } from "./screen-help";

test("every screen has help of its own, by a title of its own", () => {
  const names = router
    .getRoutes()
    .flatMap(({ name }) => (name === undefined ? [] : [String(name)]));
  expect(names.length).toBeGreaterThan(15);
  const answers = names.map((name) => helpOf(name).answers);
  expect(new Set(answers).size).toBe(names.length);
  expect(new Set(names.map((name) => helpOf(name).title)).size).toBe(names.length);
});

test("what belongs to no place says the words of the one it leads to", () => {
  expect(helpOf("read").words).toBe("plan");
  expect(helpOf("chill").words).toBe("strain");
  expect(helpOf("words").words).toBeUndefined();
});
