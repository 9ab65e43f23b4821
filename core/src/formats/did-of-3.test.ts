import fc from "fast-check";
import { expect, test } from "vitest";
import { workSaid } from "../events/hands/effects";
import { WORK_SAID } from "../events/hands/terms";
import { TASKS } from "../prepare/works";
import { didOf3 } from "./did-of-3";

test.each([
  ["skim", { kind: "skimmed" }],
  ["stir", { kind: "stirred" }],
  ["look", { kind: "lookedIn" }],
  ["poured:water", { kind: "waterIn" }],
  ["out:goat-0", { kind: "takenOut", itemId: "goat-0" }],
  ["back:goat-0", { kind: "putBack", itemId: "goat-0" }],
  ["passed:check", { kind: "letGo", round: "check" }],
  ["salt:last", { kind: "noSalt", round: "last" }],
  ["side:rice", { kind: "sideDish", side: "rice", isLeft: false }],
  ["noSide:bread", { kind: "sideDish", side: "bread", isLeft: true }],
])("%s is an event of its own", (was, is) => expect(didOf3(was)).toEqual(is));

test.each([
  "",
  "danced",
  "out:",
  ":",
  "passed:dance",
  "salt:third",
  "side:cake",
  "work:cut",
  "toString:x",
])("%o was nothing that is known: it stays word for word", (was) =>
  expect(didOf3(was)).toEqual({ kind: "noted", text: was }),
);

test("a piece of work keeps its ingredient and kind, whatever is in the ingredient's id", () => {
  const word = { done: "work", begun: "begun", batch: "batch", left: "left" } as const;
  fc.assert(
    fc.property(
      fc.string({ minLength: 1, maxLength: 40 }),
      fc.constantFrom(...TASKS),
      fc.constantFrom(...WORK_SAID),
      (itemId, kind, how) => {
        expect(didOf3(`${word[how]}:${itemId}:${kind}`)).toEqual(workSaid({ itemId, kind }, how));
      },
    ),
  );
});
