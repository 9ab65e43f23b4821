import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import { CATALOGUE, ingredientById } from "../ingredient/catalogue";
import { inFigures } from "../ingredient/in-figures";
import { readAmount } from "../ingredient/read-amount";
import { draftLine, draftLines } from "../formats/recipe/draft-line";
import { outcomeOf, Problem, requireWithin } from "./problem";
import { numberWords } from "./number-words";
import { readNumber } from "./read-number";
import { readQuantity } from "./read-quantity";
import { regionOf, setRegion, USUAL_REGION } from "./region";
import { showMass, showVolume } from "./show";
import { UNITS } from "./unit-table";

describe("numbers", () => {
  test.each([
    ["3", 3],
    ["2.5", 2.5],
    ["1,5", 1.5],
    [".5", 0.5],
    ["1 1/2", 1.5],
    ["1½", 1.5],
    ["1 ½", 1.5],
    ["⅔", 2 / 3],
    ["3/4", 0.75],
    ["1,234,567", 1234567],
    ["1,234,567.5", 1234567.5],
  ])("%s", (text, value) => {
    expect(readNumber(text)?.value).toBeCloseTo(value, 3);
  });

  test.each(["", "one", "1.2.3", "-4", "1/0", "½½", "4 5", "1e5", "NaN", "Infinity"])(
    "%j is no number",
    (text) => {
      expect(readNumber(text)).toBeNull();
    },
  );
});

describe("numbers in words", () => {
  test.each([
    ["two medium onions", "2 medium onions"],
    ["Half a litre", "0.5 litre"],
    ["a half pound", "0.5 pound"],
    ["half an hour", "0.5 hour"],
    ["a dozen leaves", "12 leaves"],
    ["half a dozen of them", "6 them"],
    ["a couple of bay leaves", "2 bay leaves"],
    ["an onion", "an onion"],
    ["tender beef", "tender beef"],
    ["half-and-half cream", "half-and-half cream"],
    ["one-pot stew", "one-pot stew"],
    ["", ""],
  ])("%j", (said, figures) => expect(numberWords(said)).toBe(figures));

  test("are read in any field", () => {
    const read = (text: string, dimension: "time" | "volume") => {
      const reading = readQuantity(text, { dimension });
      return reading.kind === "one" ? reading.quantity.value : NaN;
    };
    expect(read("half an hour", "time")).toBe(30);
    expect(read("two litres", "volume")).toBe(2);
  });
});

describe("packs of a stated size", () => {
  test.each([
    ["1 can (800 g) chopped tomatoes", "1 x 800 g canned chopped tomatoes"],
    ["2 cans (14 oz each) white beans", "2 x 14 oz canned white beans"],
    ["two (400 g) tins of tomatoes", "2 x 400 g canned tomatoes"],
    ["3 x 400g tins chickpeas", "3 x 400g canned chickpeas"],
    ["a 500 g carton of passata", "1 x 500 g passata"],
    ["a handful of parsley", "a handful of parsley"],
    ["knob of butter", "1 knob of butter"],
    ["2 cans tomatoes", "2 cans tomatoes"],
    ["1 (14.5-ounce) can diced tomatoes", "1 x 14.5 ounce canned diced tomatoes"],
    ["a 28-oz can of tomatoes", "1 x 28 oz canned tomatoes"],
    ["400 g tinned tomatoes", "400 g tinned tomatoes"],
  ])("%j", (said, figures) => expect(inFigures(said)).toBe(figures));
});

describe("anything at all typed into a field", () => {
  const typed = fc.oneof(
    fc.string({ maxLength: 30 }),
    fc
      .tuple(
        fc.constantFrom("1", "2,5", "½", "1 1/2", "1,500", "-3", "1e9", ""),
        fc.constantFrom(...[...UNITS.keys(), "oz", "x", "cans of", "°"]),
        fc.constantFrom("", "3", " 3 oz", "lb", "!", "and"),
      )
      .map((parts) => parts.join(" ")),
  );

  test("gives a quantity, a question or a Problem with a sentence, never anything else", () => {
    fc.assert(
      fc.property(
        typed,
        fc.constantFrom(
          "mass" as const,
          "volume" as const,
          "length" as const,
          "time" as const,
          "temperature" as const,
        ),
        (text, dimension) => {
          const outcome = outcomeOf(() => readQuantity(text, { dimension, bareUnit: "kg" }));
          if (!outcome.ok) {
            expect(outcome.problem.message).toMatch(/\.$/);
          } else if (outcome.value.kind === "one") {
            expect(outcome.value.quantity.dimension).toBe(dimension);
            expect(Number.isFinite(outcome.value.quantity.value)).toBe(true);
          } else expect(outcome.value.choices.length).toBeGreaterThan(1);
        },
      ),
      { numRuns: 400 },
    );
  });

  test("the same for ingredient lines and amounts", () => {
    fc.assert(
      fc.property(typed, fc.constantFrom(...CATALOGUE), (text, ingredient) => {
        for (const work of [
          (): unknown => draftLines(text, "x"),
          () => draftLines(`${text} ${ingredient.name}`, "x"),
          () => readAmount(text, ingredient),
        ]) {
          const outcome = outcomeOf(work);
          if (!outcome.ok) expect(outcome.problem).toBeInstanceOf(Problem);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe("ingredient lines", () => {
  test.each([
    ["2.5 kg lamb neck", "lambNeck", 2.5],
    ["1 lb chicken backs", "chickenBacks", 0.4536],
    ["2 medium onions", "onion", 0.3],
    ["2 celery stalks", "celery", 0.1],
    ["4 garlic cloves", "garlic", 0.02],
    ["a bulb of garlic", "garlic", 0.045],
    ["3 bay leaves", "bayLeaf", 0.0009],
    ["500 mL white wine", "whiteWine", 0.5],
    ["20 g salt", "tableSalt", 0.02],
    ["1 herb bundle", "herbBundle", 0.02],
    ["1,5 kg oxtail", "oxtail", 1.5],
    ["two medium onions", "onion", 0.3],
    ["half a cabbage", "cabbage", 0.6],
    ["one and a half kilos oxtail", "oxtail", 1.5],
    ["half a litre of water", "water", 0.5],
    ["a couple of bay leaves", "bayLeaf", 0.0006],
    ["half a dozen juniper berries", "juniper", 0.0009],
    ["bunch of thyme", "thyme", 0.02],
    ["2 handfuls of parsley", "parsley", 0.06],
    ["3 pinches salt", "tableSalt", 0.0012],
    ["splash of vinegar", "vinegar", 0.01],
    ["2 tbsp white wine vinegar", "vinegar", 0.02957],
    ["1 can (800 g) chopped tomatoes", "cannedTomato", 0.8],
    ["2 x 800g tins of chopped tomatoes", "cannedTomato", 1.6],
    ["2 tins chopped tomatoes", "cannedTomato", 0.8],
  ])("%s", (line, id, kg) => {
    const { ingredientId, massKg, doubts } = draftLine(line, "x");
    expect(doubts).toEqual([]);
    expect(ingredientId).toBe(id);
    expect(massKg).toBeCloseTo(kg, 4);
  });

  test("a name without an amount asks how much, a stranger is named", () => {
    expect(draftLine("lamb neck", "x").doubts[0]?.question).toMatch(/How much lamb neck\?/);
    expect(draftLine("2 kg unicorn", "x").doubts[0]?.question).toMatch(/does not know "unicorn"/);
    expect(draftLine("", "x").doubts).toHaveLength(1);
  });

  test("every entry of the catalogue can be put in by its own name and a weight", () => {
    for (const entry of CATALOGUE) {
      const { ingredientId, massKg } = draftLine(`300 g ${entry.name}`, "x");
      expect([ingredientId, massKg], entry.name).toEqual([entry.id, 0.3]);
    }
  });

  test("a count's word follows the entry: one weight for each word", () => {
    for (const entry of CATALOGUE)
      for (const [word, each] of Object.entries(entry.each)) {
        if (entry.isLiquid || word === "tsp") continue;
        const reading = readAmount(`2 ${word}`, entry);
        expect(
          reading.kind === "one" ? reading.amount.massKg : NaN,
          `${entry.id} ${word}`,
        ).toBeCloseTo(2 * each.value, 9);
      }
  });

  test("a tin of stated size wins over the tin of the catalogue", () => {
    const tomato = ingredientById("cannedTomato");
    expect(readAmount("2 tins of 800 g", tomato)).toMatchObject({ amount: { massKg: 1.6 } });
    expect(readAmount("2 tins", tomato)).toMatchObject({ amount: { massKg: 0.8 } });
  });
});

test("a range problem names field, value and what would be right", () => {
  const outcome = outcomeOf(() => requireWithin("altitudeM", 9000, -430, 5500, "m"));
  expect(outcome).toMatchObject({
    ok: false,
    problem: {
      code: "range",
      field: "altitudeM",
      value: 9000,
      message: "altitudeM is 9000; it must be a number from -430 to 5500 m.",
    },
  });
  expect(() => outcomeOf(() => JSON.parse("{") as unknown)).toThrow(SyntaxError);
});

describe("a comma or a point before three figures, where the comma is the decimal sign", () => {
  beforeEach(() => setRegion(regionOf("de-AT")));
  afterEach(() => setRegion(USUAL_REGION));

  test.each([
    ["1,500", { value: 1.5, orElse: 1500 }],
    ["1.500", { value: 1500, orElse: 1.5 }],
    ["1.5", { value: 1.5 }],
    ["1,25", { value: 1.25 }],
    ["0.250", { value: 0.25 }],
    ["1,500,000", { value: 1_500_000 }],
  ])("%s", (text, read) => expect(readNumber(text)).toEqual(read));

  test("elsewhere a point is never a thousand", () => {
    setRegion(USUAL_REGION);
    expect(readNumber("1.500")).toEqual({ value: 1.5 });
    expect(readNumber("1,500")).toEqual({ value: 1500, orElse: 1.5 });
  });

  test("what is shown there is read there, and means the same", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 90, noNaN: true }), (value) => {
        for (const [shown, dimension] of [
          [showMass(value, "metric"), "mass"],
          [showVolume(value, "metric"), "volume"],
        ] as const) {
          const reading = readQuantity(shown, { dimension });
          expect(reading.kind, shown).toBe("one");
          if (reading.kind === "one")
            expect(Math.abs(reading.quantity.value - value)).toBeLessThanOrEqual(
              Math.max(0.0006, value * 0.13),
            );
        }
      }),
    );
  });
});
