import { namesOf } from "./also-called";
import { CATALOGUE } from "./catalogue";
import { HOW, ONLY_HOW, STATES } from "./how-words";
import type { Ingredient } from "./ingredient";
import { singular } from "./word-forms";

/** Spellings of one word. */
const SAME: Readonly<Record<string, string>> = {
  dried: "dry",
  tinned: "canned",
  tin: "canned",
  can: "canned",
  mince: "minced",
  chilli: "chili",
  chile: "chili",
  puree: "purée",
  yoghurt: "yogurt",
  "low-sodium": "low-salt",
  "reduced-sodium": "low-salt",
  "salt-free": "low-salt",
  wholegrain: "whole-grain",
};

/** The words of a text as names are compared by: singular, one spelling, without what is in brackets. */
export const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/\([^)]*\)?/g, " ")
    .replace(/[’`]/g, "'")
    .replace(/\blow (?:sodium|salt)\b/g, "low-salt")
    .replace(/\bon (?:the|its) bone\b|\bbone in\b/g, "bone-in")
    .split(/[^\p{L}'-]+/u)
    .map((w) => w.replace(/^['-]+|['-]+$|'s$/g, ""))
    .filter((w) => w.length > 1)
    .map((w) => SAME[singular(w)] ?? singular(w));

interface Named {
  readonly ingredient: Ingredient;
  readonly words: ReadonlySet<string>;
}

/** Once a line is read, not as the module is loaded: most screens read none. */
let byName: readonly Named[] | undefined;
const names = (): readonly Named[] =>
  (byName ??= CATALOGUE.flatMap((ingredient) =>
    namesOf(ingredient).map((name) => ({
      ingredient,
      words: new Set(wordsOf(name).filter((w) => !HOW.has(w))),
    })),
  ).filter((n) => n.words.size > 0));
/** What is counted with by its own word adds nothing to the name: a clove of garlic, a rib of celery. */
const EACH: ReadonlyMap<string, ReadonlySet<string>> = new Map(
  CATALOGUE.map((i) => [i.id, new Set(Object.keys(i.each).map(singular))]),
);

/** What a name in a recipe may be: sure, or several to choose from, best first. */
export interface IngredientMatch {
  readonly sure: Ingredient | null;
  readonly others: readonly Ingredient[];
}

const MOST_OTHERS = 5;
/** Only what is dry is soaked. */
const SOAKED = /\bsoaked\b/i;
const HOME_MADE = /\bhome-?made\b/i;

/** States that a line tells of beside the name: after the comma, in brackets. */
export const statesIn = (text: string): readonly string[] =>
  wordsOf(text.replace(/[()]/g, " ").replace(/\bpat(?:ted)? dry\b/gi, "")).filter((w) =>
    STATES.has(w),
  );

/**
 * The catalogue's entry for a name as recipes write it: one of its names is there with every word, and no
 * word is left over that could tell of something else (another animal, part, state or product). Else the
 * choice is the cook's, among what is near by kind.
 * @param beside - what the line says beside the name: "drained", "dry", "(homemade is best)"
 * @example matchIngredient("smashed garlic cloves").sure?.id // "garlic"
 * @example matchIngredient("onion soup") // sure: null
 */
export function matchIngredient(name: string, beside = ""): IngredientMatch {
  const words = wordsOf(name);
  const have = new Set([...words, ...statesIn(beside)]);
  const whole = names()
    .filter((n) => [...n.words].every((w) => have.has(w)))
    .toSorted((a, b) => b.words.size - a.words.size);
  const clear = whole.filter((n) => !isLeftOver(have, n));
  const longest = clear[0]?.words.size;
  const best = [...new Set(clear.filter((n) => n.words.size === longest).map((n) => n.ingredient))];
  const [first] = best;
  // "(homemade is best)" leaves open which it is.
  if (first !== undefined && HOME_MADE.test(beside))
    return { sure: null, others: best.concat(near(words, whole)).slice(0, MOST_OTHERS) };
  if (first !== undefined && best.length === 1)
    return isDryOrCanned(first, have) && !SOAKED.test(beside)
      ? { sure: null, others: dryAndCanned(first) }
      : { sure: first, others: [] };
  if (best.length > 1) return { sure: null, others: best.slice(0, MOST_OTHERS) };
  const sides = name.split(/\s+or\s+/i);
  const either = sides.length < 2 ? [] : sides.flatMap((side) => matchIngredient(side).sure ?? []);
  return {
    sure: null,
    others: [...new Set([...either, ...near(words, whole)])].slice(0, MOST_OTHERS),
  };
}

/** A word of the line is in no name of the entry and does not say how. */
function isLeftOver(have: ReadonlySet<string>, { ingredient, words }: Named): boolean {
  const { group, id } = ingredient;
  return [...have].some(
    (w) =>
      !words.has(w) &&
      !HOW.has(w) &&
      EACH.get(id)?.has(w) !== true &&
      (ONLY_HOW[w]?.includes(group) !== true || (w === "dry" && words.has("canned"))),
  );
}

const CANNED_FOR: Readonly<Record<string, string>> = {
  chickpea: "cannedChickpeas",
  blackEyedPea: "cannedBeans",
};
const cannedOf = ({ id, dryBean }: Ingredient): string | undefined =>
  CANNED_FOR[id] ?? (dryBean === true ? "cannedBeans" : undefined);

/** Beans are sold dry and canned under one name: without a word for either it is asked. */
const isDryOrCanned = (found: Ingredient, have: ReadonlySet<string>): boolean =>
  cannedOf(found) !== undefined && !have.has("dry");
const dryAndCanned = (found: Ingredient): readonly Ingredient[] =>
  CATALOGUE.filter((i) => i.id === found.id || i.id === cannedOf(found));

/** Entries near by kind: of the same noun, those first of which most is said. */
function near(words: readonly string[], whole: readonly Named[]): readonly Ingredient[] {
  const told = words.filter((w) => !HOW.has(w));
  const noun = told.findLast((w) => names().some((n) => n.words.has(w)));
  const scored = new Map<Ingredient, number>();
  for (const named of names()) {
    if (noun === undefined || !named.words.has(noun)) continue;
    const shared = told.filter((w) => named.words.has(w)).length;
    const score =
      shared / Math.max(told.length, named.words.size) + (whole.includes(named) ? 1 : 0);
    scored.set(named.ingredient, Math.max(score, scored.get(named.ingredient) ?? 0));
  }
  return [...scored]
    .toSorted((a, b) => b[1] - a[1])
    .map(([i]) => i)
    .slice(0, MOST_OTHERS);
}
