import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { scoreFacts, scoreLines } from "../../../test/reading-score";
import { corpus } from "../../../test/recipe-corpus";
import { outcomeOf } from "../../units/problem";
import { draftLines } from "./draft-line";
import { readRecipeText } from "./read-recipe";

const recipes = corpus();
const lines = recipes.flatMap(scoreLines);
const facts = recipes.flatMap((recipe) =>
  scoreFacts(recipe).map((fact) => ({ ...fact, recipe: recipe.name })),
);

describe("120 recipes in the many ways people write them", () => {
  test("no line is taken for something else without a word, nine in ten are plain", () => {
    expect(recipes.length).toBeGreaterThanOrEqual(120);
    expect(lines.filter((l) => l.verdict === "wrong").map((l) => [l.line.text, l.got])).toEqual([]);
    const plain = lines.filter((l) => l.verdict === "right").length;
    const toAsk = lines.filter((l) => l.verdict === "rightlyAsked").length;
    expect(plain / (lines.length - toAsk)).toBeGreaterThan(0.98);
    expect(plain / lines.length).toBeGreaterThan(0.9);
  });

  test("what the steps say of heat, lid, time, people and moments is read as it stands", () => {
    expect(facts.length).toBeGreaterThan(500);
    expect(facts.filter((f) => f.verdict === "wrong")).toEqual([]);
  });
});

const words = fc.constantFrom(
  ..."2 1/2 ½ 1,5 kg g lb oz cup tbsp can ( ) - , ; or and plus of large onion beef bones stock dried canned each about to taste x 400 zest".split(
    " ",
  ),
);

describe("whatever is written", () => {
  test("every line is read, asked about or left out, and its words are kept", () => {
    fc.assert(
      fc.property(fc.array(words, { minLength: 1, maxLength: 14 }), (picked) => {
        const text = picked.join(" ");
        const read = draftLines(text, "x");
        expect(read.length).toBeGreaterThan(0);
        for (const line of read) {
          expect(line.text).toBe(text);
          const isSettled =
            line.isLeftOut || line.isToTaste || line.toCover || (line.massKg ?? -1) >= 0;
          expect(isSettled || line.doubts.length > 0, JSON.stringify(line)).toBe(true);
        }
      }),
      { numRuns: 400 },
    );
  });

  test("the whole text is there again: in the name, the serving, the lines, the remarks and the steps", () => {
    const row = fc.array(words, { minLength: 1, maxLength: 8 }).map((all) => all.join(" "));
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 12 }), (rows) => {
        const read = outcomeOf(() => readRecipeText(rows.join("\n")));
        if (!read.ok) return;
        const { name, servesText, lines: all, remarks, steps } = read.value;
        const kept = [
          name,
          servesText,
          ...all.map((l) => l.text),
          ...remarks,
          ...steps.map((s) => s.text),
        ].join(" ");
        const letters = (text: string) => text.replace(/[^\p{L}\d]/gu, "");
        for (const one of rows.map((r) => r.trim()).filter((r) => letters(r) !== ""))
          expect(letters(kept), one).toContain(letters(one).slice(0, 60));
      }),
      { numRuns: 200 },
    );
  });
});
