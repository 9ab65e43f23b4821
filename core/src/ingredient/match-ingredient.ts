import { CATALOGUE } from "./catalogue";
import type { Ingredient } from "./ingredient";
import { singular } from "./word-forms";

/** Words that say how, not what. */
const DROPPED = new Set(
  "a an the of and or with in fresh live whole large small medium big tiny good quality boneless skinless bone-in lean best ripe raw cold hot warm about approximately finely roughly coarsely chopped diced sliced cut cubed crushed grated peeled trimmed rinsed drained halved quartered plus extra more some few your favorite favourite into pieces unsalted low-salt".split(
    " ",
  ),
);

const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/\([^)]*\)/g, " ")
    .split(/[^\p{L}'-]+/u)
    .filter((w) => w.length > 1)
    .map(singular);

/**
 * Words that make another thing of a thing: another animal, part, state or product. Left over beside a name,
 * they are asked about: onion soup mix is no onion, and the neck of a turkey none of a lamb's.
 */
const TELLING = new Set(
  `beef veal ox pork pig ham bacon lamb mutton goat chicken hen turkey duck goose rabbit hare deer venison game boar bear
  elk fish salmon trout cod crab lobster shrimp prawn clam mussel oyster squid egg
  bone neck shank shoulder liver gizzard heart kidney foot feet wing back frame carcass skin belly rib tail cheek
  breast leg thigh drumstick head knuckle trotter marrow fat dripping fillet loin mince
  zest juice peel rind seed stalk root leaf flower sprout powder flake paste sauce soup mix stock broth bouillon
  cube liquor syrup wine vinegar sugar oil butter milk cream cheese yogurt flour starch bread crumb noodle cake
  dried canned tinned smoked cured salted pickled fermented candied roasted cooked precooked leftover homemade
  ground minced birch xylitol palm coconut almond soy rice corn bean pea lentil nut sausage ketchup mustard beer
  cider spirit brandy rum sherry port`.split(/\s+/),
);
/** In what is chopped or ground anyway these say how, not what. */
const ONLY_HOW: Readonly<Record<string, readonly string[]>> = {
  ground: ["aromatic", "salt", "sweet"],
  minced: ["aromatic", "vegetable"],
  dried: ["aromatic", "dried", "pulse", "grain"],
  powder: ["aromatic", "starch", "salt"],
  flake: ["aromatic", "salt"],
  leaf: ["aromatic"],
  seed: ["aromatic"],
  stalk: ["aromatic", "vegetable"],
  root: ["vegetable", "aromatic"],
  head: ["vegetable", "aromatic"],
  smoked: ["aromatic"],
};

interface Named {
  readonly ingredient: Ingredient;
  readonly words: readonly string[];
}

const NAMES: readonly Named[] = CATALOGUE.flatMap((ingredient) =>
  [ingredient.name, ...ingredient.alsoCalled].map((name) => ({
    ingredient,
    words: wordsOf(name).filter((w) => !DROPPED.has(w)),
  })),
).filter((n) => n.words.length > 0);

/** What a name in a recipe may be: sure, or several to choose from, best first. */
export interface IngredientMatch {
  readonly sure: Ingredient | null;
  readonly others: readonly Ingredient[];
}

const MOST_OTHERS = 4;
const PARTLY = 0.5;

/** Things whose name as written leaves open which of two they are. */
const EITHER: readonly (readonly [RegExp, string, string])[] = [
  [/\b(kidney|black|white|runner|haricot|cannellini)\b.*\bbeans?\b/i, "kidneyBean", "cannedBeans"],
  [/\bchickpeas?\b/i, "chickpea", "cannedChickpeas"],
];
const CANNED = /\b(can|cans|canned|tin|tins|tinned)\b/i;
const DRY = /\b(dry|dried|unsoaked|soaked|soak)\b/i;

/**
 * The catalogue's entry for a name as recipes write it: the longest of its names of which every word is
 * there. Where two are as long, or none is whole, the choice is the cook's.
 */
export function matchIngredient(name: string, wholeLine = name): IngredientMatch {
  const isCanned = CANNED.test(wholeLine);
  const have = new Set([...wordsOf(name), ...(isCanned ? ["canned", "tinned"] : [])]);
  const open = EITHER.find(([pattern]) => pattern.test(name));
  const canned = CATALOGUE.find((i) => i.id === open?.[2]);
  if (isCanned && canned !== undefined) {
    if (!DRY.test(wholeLine)) return { sure: canned, others: [] };
    // A dry bean taken for a canned one would go in unboiled: where both words stand, it is asked.
    const { sure, others } = matchIngredient(name.replace(CANNED, " "), "dry");
    return { sure: null, others: [...(sure === null ? others : [sure]), canned] };
  }
  const whole = NAMES.filter((n) => n.words.every((w) => have.has(w))).sort(
    (a, b) => b.words.length - a.words.length,
  );
  const longest = whole[0]?.words.length ?? 0;
  const best = [
    ...new Set(whole.filter((n) => n.words.length === longest).map((n) => n.ingredient)),
  ];
  const first = best[0];
  if (first !== undefined && best.length === 1 && isLeftOver(name, first))
    return { sure: null, others: [...new Set([first, ...partly(have)])].slice(0, MOST_OTHERS) };
  if (first !== undefined && best.length === 1) {
    const [, dryId, cannedId] = open ?? [];
    if (open !== undefined && !DRY.test(wholeLine))
      return {
        sure: null,
        others: CATALOGUE.filter(
          (i) =>
            i.id === cannedId || i.id === first.id || (first.id === cannedId && i.id === dryId),
        ),
      };
    return { sure: first, others: [] };
  }
  if (best.length > 1) return { sure: null, others: best.slice(0, MOST_OTHERS) };
  return { sure: null, others: partly(have).slice(0, MOST_OTHERS) };
}

/** A word that tells of something else is in the name as written, and in none of the entry's own names. */
function isLeftOver(name: string, { name: own, alsoCalled, group, each }: Ingredient): boolean {
  const known = new Set([...[own, ...alsoCalled].flatMap(wordsOf), ...Object.keys(each)]);
  return wordsOf(name).some(
    (w) => TELLING.has(w) && !known.has(w) && ONLY_HOW[w]?.includes(group) !== true,
  );
}

/** Entries that share a word, the ones that share most first. */
function partly(have: ReadonlySet<string>): readonly Ingredient[] {
  const scored = new Map<Ingredient, number>();
  for (const { ingredient, words } of NAMES) {
    const score = words.filter((w) => have.has(w)).length / words.length;
    if (score >= PARTLY) scored.set(ingredient, Math.max(score, scored.get(ingredient) ?? 0));
  }
  return [...scored].sort((a, b) => b[1] - a[1]).map(([i]) => i);
}
