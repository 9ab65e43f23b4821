import { Problem } from "../units/problem";
import { findIngredients } from "./catalogue";
import { inFigures } from "./in-figures";
import type { Ingredient } from "./ingredient";
import { matchIngredient } from "./match-ingredient";
import { readAmount, type AmountReading } from "./read-amount";

/** An ingredient line: which entry, and how much. */
export interface LineReading {
  readonly ingredient: Ingredient;
  readonly amount: AmountReading;
}

const STARTS_AMOUNT = /^(?:\d|[.,]\d|[¼-¾⅐-⅞]|an?\b)/iu;

/**
 * Reads "2.5 kg lamb neck", "2 medium onions", "a bulb of garlic": the amount first, then the name.
 * @throws Problem `unreadable` saying which part was not understood
 */
export function readLine(text: string): LineReading {
  const words = inFigures(text).split(/\s+/).filter(Boolean);
  const splits = words.slice(1).map((_, i) => ({
    head: words.slice(0, i + 1).join(" "),
    name: words
      .slice(i + 1)
      .join(" ")
      .replace(/^of\s+/i, ""),
  }));
  const read = (
    { head, name }: { head: string; name: string },
    named: (name: string) => Ingredient | null,
  ): LineReading | null => {
    const ingredient = STARTS_AMOUNT.test(head) ? named(name) : null;
    const amount = ingredient === null ? null : amountOf(head, name, ingredient);
    return ingredient === null || amount === null ? null : { ingredient, amount };
  };
  // A name as the catalogue has it first; then one with words round it, the most of the line as its amount.
  const found =
    first(splits, (s) => read(s, (name) => bestNamed(name) ?? countedName(name))) ??
    first(splits.toReversed(), (s) => read(s, (name) => matchIngredient(name).sure));
  if (found !== null) return found;
  const known = words.map((_, i) => bestNamed(words.slice(i).join(" "))).find((i) => i !== null);
  throw new Problem(
    "unreadable",
    "ingredient",
    text,
    known === undefined || known === null
      ? `"${text}" names nothing in the catalogue. Try "2.5 kg lamb neck" or "2 medium onions".`
      : `How much ${known.name.toLowerCase()}? Type a weight or a count before it, such as "2 kg ${known.name.toLowerCase()}".`,
  );
}

function first<T, R>(all: readonly T[], read: (one: T) => R | null): R | null {
  for (const one of all) {
    const found = read(one);
    if (found !== null) return found;
  }
  return null;
}

/** "celery stalks": the name, then the word it is counted by. */
function countedName(name: string): Ingredient | null {
  const words = name.toLowerCase().split(" ");
  const last = words.pop() ?? "";
  const found = words.length === 0 ? null : bestNamed(words.join(" "));
  const isCount = Object.keys(found?.each ?? {}).some((word) => last.startsWith(word.slice(0, 3)));
  return isCount ? found : null;
}

/** The entry of which this is a name, singular and plural alike. */
function bestNamed(name: string): Ingredient | null {
  const lower = name.toLowerCase();
  for (const form of [
    lower,
    lower.replace(/ies$/, "y"),
    lower.replace(/oes$/, "o"),
    lower.replace(/s$/, ""),
  ]) {
    const found = findIngredients(form)[0];
    if (form !== "" && found !== undefined && isName(form, found)) return found;
  }
  return null;
}

const isName = (form: string, { name, alsoCalled }: Ingredient): boolean =>
  [name, ...alsoCalled].some((n) => {
    const own = n.toLowerCase();
    return own === form || own.replace(/s$/, "") === form;
  });

function amountOf(amount: string, name: string, ingredient: Ingredient): AmountReading | null {
  for (const text of [amount, `${amount} ${name}`])
    try {
      return readAmount(text, ingredient);
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
    }
  return null;
}
