import { Problem } from "../units/problem";
import { readNumber } from "../units/read-number";
import { readQuantity } from "../units/read-quantity";
import { UNITS } from "../units/unit-table";
import { namesOf } from "./also-called";
import { inFigures } from "./in-figures";
import type { Ingredient } from "./ingredient";
import { LOOSE_MEASURES } from "./loose-measures";
import { pouredKgL } from "./poured";
import { singular } from "./word-forms";

/** An amount of an ingredient in kg; a count keeps its word and the weight taken for one. */
export interface Amount {
  readonly massKg: number;
  readonly counted?: {
    readonly count: number;
    readonly word: string;
    readonly eachKg: number;
  };
}

export type AmountReading =
  | { kind: "one"; amount: Amount }
  | {
      kind: "ask";
      question: string;
      choices: readonly { label: string; amount: Amount }[];
    };

const COUNT_WORD = /^(an?\s|[\d.,/⁄ ¼-¾⅐-⅞]+)?\s*(.*)$/u;

/**
 * Reads how much of an ingredient: a weight, a volume (by its density), or a count such as
 * "2 medium onions", "a bulb of garlic", "3". `eachKg` overrides the weight of one.
 * @throws Problem `unreadable`
 * @example readAmount("2 medium", ingredientById("onion")) // one: 0.3 kg, 2 × medium
 */
export function readAmount(said: string, ingredient: Ingredient, eachKg?: number): AmountReading {
  const text = inFigures(said);
  const counted = readCount(text, ingredient, eachKg);
  if (counted !== null) return { kind: "one", amount: counted };
  const reading = readQuantity(text, {
    dimension: ingredient.isLiquid ? "volume" : "mass",
    acceptWeightForVolume: true,
  });
  const toAmount = (q: { dimension: string; value: number }): Amount => ({
    massKg: q.dimension === "volume" ? q.value * bulkDensity(ingredient) : q.value,
  });
  if (reading.kind === "one") return { kind: "one", amount: toAmount(reading.quantity) };
  return {
    kind: "ask",
    question: reading.question,
    choices: reading.choices.map((c) => ({
      label: c.label,
      amount: toAmount(c.quantity),
    })),
  };
}

/** A cup as it is poured, where a kitchen measures it so; else it holds its packing share of solid. */
const bulkDensity = (ingredient: Ingredient): number =>
  pouredKgL(ingredient.id)?.value ??
  ingredient.densityKgL.value * (ingredient.isLiquid ? 1 : ingredient.packing.value);

function readCount(text: string, ingredient: Ingredient, eachKg?: number): Amount | null {
  const found = COUNT_WORD.exec(text.trim().toLowerCase());
  const head = found?.[1]?.trim() ?? "";
  const rest = found?.[2]?.trim() ?? "";
  const count = head === "" || head === "a" || head === "an" ? 1 : readNumber(head)?.value;
  if (count === undefined || (head === "" && rest === "") || /\d/.test(rest)) return null;
  const word = countWord(rest, ingredient);
  if (word === null) return null;
  const each =
    eachKg ??
    ingredient.each[word]?.value ??
    sizedKg(word, ingredient) ??
    LOOSE_MEASURES[word]?.value;
  if (each === undefined) return null;
  if (count <= 0 || count > 10000)
    throw new Problem("range", "count", count, `A count of ${count} is not possible.`);
  return { massKg: count * each, counted: { count, word, eachKg: each } };
}

/** Of the middle size, where only that is known: weights on a kitchen scale. */
const OF_MIDDLE: Readonly<Record<string, number>> = { small: 0.6, large: 1.5 };
const sizedKg = (word: string, { each }: Ingredient): number | undefined => {
  const middle = each["medium"]?.value;
  const by = OF_MIDDLE[word];
  return middle === undefined || by === undefined
    ? undefined
    : Math.round(middle * by * 1000) / 1000;
};

/** The word of `each` that the text uses; the middle size when only the name is said. */
function countWord(rest: string, ingredient: Ingredient): string | null {
  const words = rest.split(/[^a-zé]+/).filter((w) => w !== "" && w !== "of");
  // "200 g smoked trout" is a weight, not two hundred trout.
  if (words.some((w) => UNITS.has(w) && !(w in ingredient.each))) return null;
  const own = Object.keys(ingredient.each);
  const sizes = own.includes("medium")
    ? ["small", "medium", "large"]
    : own.filter((w) => w in OF_MIDDLE);
  // A small head is a small one.
  for (const size of [...sizes, ...own, ...Object.keys(LOOSE_MEASURES)])
    if (words.some((w) => singular(w) === size || w === size || w === `${size}es`)) return size;
  const known = new Set(
    namesOf(ingredient)
      .map((n) => n.toLowerCase())
      .flatMap((n) => n.split(/[^a-zé]+/))
      .map(singular),
  );
  const rests = words.every((w) => known.has(singular(w)));
  if (!rests) return null;
  return "medium" in ingredient.each ? "medium" : (Object.keys(ingredient.each)[0] ?? null);
}
