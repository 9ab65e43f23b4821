import { describe, expect, test } from "vitest";
import fc from "fast-check";
import type { CookEvent } from "../events/event-schema";
import { mayBeSaid, notSaidYet } from "./not-said-yet";

interface Word {
  readonly kind: CookEvent["kind"];
  readonly itemId?: string;
  readonly item?: { readonly id: string };
}
const logOf = (...words: readonly (Word & { readonly eventId?: string })[]) =>
  words.map((word, i) => ({ ...word, id: `e${i}`, atMs: i }));
const kinds = (words: readonly Word[]) => words.map((w) => w.kind);
const added: Word = { kind: "added", itemId: "peas" };
const leftOut: Word = { kind: "leftOut", itemId: "peas" };
const out: Word = { kind: "takenOut", itemId: "peas" };
const back: Word = { kind: "putBack", itemId: "peas" };

describe("what is said already", () => {
  test("a thing goes in once, also by one tap that names it twice", () => {
    expect(notSaidYet([added], logOf(added))).toEqual([]);
    expect(notSaidYet([added, added], [])).toEqual([added]);
    expect(notSaidYet([added], logOf({ kind: "added", itemId: "leek" }))).toEqual([added]);
  });

  test("what is in is not left out; what was left out may go in after all", () => {
    expect(notSaidYet([leftOut], logOf(added))).toEqual([]);
    expect(notSaidYet([leftOut], logOf(leftOut))).toEqual([]);
    expect(notSaidYet([added], logOf(leftOut))).toEqual([added]);
    // Beside the pot or back in it: it was in.
    expect(notSaidYet([leftOut], logOf(added, out))).toEqual([]);
    expect(notSaidYet([leftOut], logOf(added, out, back))).toEqual([]);
    expect(notSaidYet([added], logOf(added, out, back))).toEqual([]);
  });

  test("out and back are said as often as it happens", () => {
    expect(kinds(notSaidYet([out, out, back, back, out], logOf(added)))).toEqual([
      "takenOut",
      "putBack",
      "takenOut",
    ]);
    expect(notSaidYet([added], logOf(added, out))).toEqual([]);
  });

  test("what was taken back was not said", () => {
    expect(notSaidYet([added], logOf(added, { kind: "undo", eventId: "e0" }))).toEqual([added]);
    const water: Word = { kind: "waterIn" };
    expect(notSaidYet([water], logOf(water))).toEqual([]);
    expect(notSaidYet([water], logOf(water, { kind: "undo", eventId: "e0" }))).toEqual([water]);
  });

  test("what lies ready beside the plan lies there once, and goes in once", () => {
    const extra = { kind: "extra", item: { id: "salt:last" } } as const;
    const salt: Word = { kind: "added", itemId: "salt:last" };
    expect(notSaidYet([extra, salt], logOf(extra, salt))).toEqual([]);
    expect(notSaidYet([extra], logOf({ kind: "undo", eventId: "e1" }, extra))).toEqual([extra]);
    const other = { kind: "extra", item: { id: "salt:first" } } as const;
    expect(notSaidYet([other], logOf(extra, salt))).toEqual([other]);
  });

  test("what may happen many times is always said, in the same order", () => {
    const word = fc.record({
      kind: fc.constantFrom("skimmed", "stirred", "toppedUp", "added", "waterIn" as const),
      itemId: fc.constantFrom("peas", "leek"),
    });
    fc.assert(
      fc.property(fc.array(word), fc.array(word), (words, before) => {
        const free = (list: readonly Word[]) => list.filter((w) => !mayBeSaid(w));
        const kept = notSaidYet(words as readonly Word[], logOf(...(before as readonly Word[])));
        expect(free(kept)).toEqual(free(words as readonly Word[]));
        expect(
          notSaidYet(words as readonly Word[], logOf(...(before as Word[]), ...kept)).filter(
            mayBeSaid,
          ),
        ).toEqual([]);
      }),
    );
  });
});
