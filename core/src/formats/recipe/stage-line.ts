import type { RouxColour } from "../../prepare/works";
import { ingredientById } from "../../ingredient/catalogue";
import type { Ingredient } from "../../ingredient/ingredient";
import { traitsOf } from "../../ingredient/traits";
import type { Work } from "../../prepare/work-schema";
import { readSpans } from "../../units/read-span";
import { showDuration } from "../../units/show";
import type { DraftLine, LineFacts } from "./draft";
import { stretchesIn, stretchesOf } from "./sentences";

const ADDS = /\b(add|stir in|put in|throw in|tip in|fold in|pour in|pour|return|stir)\b/i;
const AT_END =
  /\b(off the heat|before serving|to serve|at the (?:very )?end|to finish|garnish|sprinkle)\b/i;
const LAST = /\b(?:the\s+)?(?:last|final)\s+/i;
const BEFORE_END = /\bbefore (?:it is done|it's done|the end|they are done|the time is up)\b/i;
const EXCEPT = /\b(?:but|except(?: for)?|apart from)\b[^,.;]*/i;

/** The sentences of the steps, and which of them tells of the dish's own time. */
export interface Steps {
  readonly sentences: readonly string[];
  readonly mainAt: number;
}

/** Words of a name that steps use: "Beef chuck" is "beef" or "chuck". */
const namesOf = (line: DraftLine, ingredient: Ingredient): readonly string[] =>
  `${ingredient.name} ${line.ownName ?? line.nameText}`
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((w) => w.length > 3 && !TOO_WIDE.has(w))
    .map((w) => w.replace(/e?s$/, ""));
const TOO_WIDE: ReadonlySet<string> = new Set(
  `fresh white dark green black whole with from bone table sweet dry dried canned cooked cured cream water stock wine large
  small medium ground minced smoked lean pieces powder sauce`.split(/\s+/),
);
/** Said by one word only of what they are. */
const BY_ONE_WORD: Readonly<Record<string, RegExp>> = {
  cream: /\bcream\b/i,
  sourCream: /\b(sour(?:ed)? cream)\b/i,
  whiteWine: /\bwine\b/i,
  redWine: /\bwine\b/i,
  water: /\bwater\b/i,
  oil: /\boil\b/i,
  egg: /\beggs?\b/i,
  peas: /\bpeas\b/i,
  rice: /\brice\b/i,
  leek: /\bleeks?\b/i,
  okra: /\bokra\b/i,
  milk: /\bmilk\b/i,
};

/** True where a sentence speaks of what is on a line. */
export function mentions(sentence: string, line: DraftLine): boolean {
  if (line.ingredientId === null) return false;
  const ingredient = ingredientById(line.ingredientId);
  const said = sentence.replace(EXCEPT, "");
  if (BY_ONE_WORD[ingredient.id]?.test(said) === true) return true;
  if (MEAT_WORD.test(said) && isMeat(ingredient)) return true;
  if (VEGETABLES.test(said) && ingredient.group === "vegetable") return true;
  return namesOf(line, ingredient).some((w) => new RegExp(String.raw`\b${w}`, "iu").test(said));
}
const VEGETABLES = /\bvegetables\b/i;
const MEAT_WORD = /\b(meat|joint|roast|steak)\b/i;
const isMeat = ({ group }: Ingredient): boolean => group === "meat";

type Found = { readonly when: LineFacts["when"]; readonly isSure: boolean; readonly said: string };

/** "Return the meat and add the carrots", "put the meat back": what of a sentence goes back. */
const BACK_IN = [
  /\breturn\w*\s+([^.;]*?)(?:\badd\b|\bstir\b|\bto (?:a|the) (?:boil|simmer)\b|[.;]|$)/i,
  /\b(?:put|add|place|stir)\s+([^.;]*?)\s+back\b/i,
];
const goesBack = (sentence: string, line: DraftLine): boolean =>
  BACK_IN.some((words) => {
    const what = words.exec(sentence)?.[1] ?? "";
    return mentions(what, line) || (/\b(?:it|them)\b/i.test(what) && mentions(sentence, line));
  });

/** When the steps put something in, if they say so. */
function whenOf(
  line: DraftLine,
  { sentences, mainAt }: Steps,
  holdMin: number | null,
): Found | null {
  let found: Found | null = null;
  for (const [i, sentence] of sentences.entries()) {
    // What goes back was in before.
    if (!mentions(sentence, line) || goesBack(sentence, line)) continue;
    const isAdded = ADDS.test(sentence);
    const last = LAST.exec(sentence);
    const span =
      last === null
        ? BEFORE_END.test(sentence)
          ? readSpans(sentence)[0]
          : undefined
        : lastSpan(sentence.slice(last.index));
    if (span !== undefined) found = beforeEnd(span.toMin, span.fromMin === span.toMin, sentence);
    else if (AT_END.test(sentence))
      found = { when: atEnd(sentences, i), isSure: true, said: sentence };
    else if (isAdded && mainAt >= 0 && i > mainAt) {
      const after = sentences.slice(i).flatMap((s) => stretchesOf(s));
      const restMin = after.reduce((sum, x) => sum + x.toMin, 0);
      const isOne = after.every((x) => x.fromMin === x.toMin);
      if (after.length === 0) found = { when: atEnd(sentences, i), isSure: true, said: sentence };
      else if (holdMin === null || restMin < holdMin * 0.95)
        found = beforeEnd(restMin, isOne && holdMin !== null, sentence);
    }
  }
  return found;
}

/** "the last 20 minutes", "the last hour". */
const lastSpan = (text: string) =>
  readSpans(text.replace(/^((?:the\s+)?(?:last|final)\s+)(hour|quarter)/i, "$1one $2"))[0];

const beforeEnd = (min: number, isSure: boolean, said: string): Found => ({
  when: { at: "beforeEnd", min: Math.max(1, Math.round(min)) },
  isSure,
  said,
});
const atEnd = (sentences: readonly string[], i: number): LineFacts["when"] =>
  sentences.slice(0, i).some((s) => /\bstrain\b/i.test(s))
    ? { at: "afterStrain" }
    : { at: "offHeat" };

/** The line with what the steps say of it: when it goes in, and what is done to it before. */
export function stageLine(line: DraftLine, steps: Steps, holdMin: number | null): DraftLine {
  const worked = { ...line, ...workOn(line, steps) };
  const found = whenOf(line, steps, holdMin);
  if (found === null) return worked;
  if (found.isSure) return { ...worked, when: found.when, whenSaid: found.said.slice(0, 160) };
  const { when } = found;
  const label = when.at === "beforeEnd" ? `for the last ${showDuration(when.min)}` : "off the heat";
  return {
    ...worked,
    doubts: [
      ...worked.doubts,
      {
        id: "when",
        question: `When does it go in? "${found.said.slice(0, 100)}"`,
        choices: [
          { label, set: { when } },
          { label: "at the start", set: { when: { at: "start" } } },
        ],
      },
    ],
  };
}

const SOAK = /\bsoak/i;
const isSoaked = ({ group }: Ingredient): boolean => group === "pulse" || group === "dried";
const isVegetable = ({ group }: Ingredient): boolean =>
  group === "vegetable" || group === "aromatic";
const isSeared = ({ group, id }: Ingredient): boolean =>
  (group === "meat" && traitsOf(id).spoilsFast !== true) || isMince(id) || BONED.has(id);
const isMince = (id: string): boolean => traitsOf(id).isGround === true;
/** Bones whose meat is eaten are browned like meat. */
const BONED: ReadonlySet<string> = new Set([
  "oxtail",
  "lambNeck",
  "goatNeck",
  "porkNeckBones",
  "beefRibs",
  "porkRibs",
]);
const ROUX: readonly (readonly [RegExp, RouxColour])[] = [
  [/\bdark\b/i, "dark"],
  [/\bbrown\b/i, "brown"],
  [/\bblond/i, "blond"],
  [/\bwhite\b/i, "white"],
];

/** What is done to it before it goes in, by the sentences that speak of it. */
function workOn(line: DraftLine, { sentences }: Steps): Pick<LineFacts, "work" | "boneState"> {
  if (line.ingredientId === null) return { work: [], boneState: "raw" };
  const ingredient = ingredientById(line.ingredientId);
  const told = (says: RegExp) => sentences.find((s, i) => says.test(s) && isMeant(i, s));
  /** Named there, or what "it" stands for: what the sentence before spoke of. */
  const isMeant = (i: number, s: string) =>
    mentions(s, line) ||
    (/\b(it|them)\b/i.test(s) && mentions(sentences[i - 1] ?? "", line)) ||
    (/^\W*(?:then\s+)?(?:brown|sear)\b\s*(?:[,.;]|and\b|in batches|$)/iu.test(s) &&
      isMeat(ingredient));
  const work: Work[] = [];
  const said = `${line.preparation} ${line.parts.beside}`;
  if (isSoaked(ingredient) && (SOAK.test(said) || told(SOAK) !== undefined))
    work.push({ kind: "soak" });
  if (told(/\b(tie|truss)\b/i) !== undefined && isMeat(ingredient)) work.push({ kind: "tie" });
  if (isSeared(ingredient) && told(/\b(brown|sear)/i) !== undefined) work.push({ kind: "brown" });
  const sweat = told(/\b(sweat|soften|until soft|translucent)/i);
  if (isVegetable(ingredient) && sweat !== undefined) work.push(withMin("sweat", sweat));
  const roux = told(/\broux\b/i);
  if (ingredient.id === "flour" && roux !== undefined)
    work.push({
      ...withMin("roux", roux),
      colour: ROUX.find(([r]) => r.test(roux))?.[1] ?? "blond",
    });
  const state =
    /\broasted\b/i.test(said) || told(/\broast\b/i) !== undefined
      ? "roasted"
      : /\bblanch/i.test(said) || told(/\bblanch/i) !== undefined
        ? "blanched"
        : "raw";
  return { work, boneState: ingredient.group === "bones" ? state : "raw" };
}

const withMin = (kind: "sweat" | "roux", sentence: string): Work => {
  const span = readSpans(sentence)[0];
  return span === undefined || span.fromMin !== span.toMin ? { kind } : { kind, min: span.toMin };
};

/** The sentences of a recipe's steps with the one that tells of its own time. */
export function stepsOf(sentences: readonly string[]): Steps {
  const spans = stretchesIn(sentences.join(" "));
  const mainMin = Math.max(0, ...spans.filter((x) => !x.isMore).map((x) => x.toMin));
  return {
    sentences,
    mainAt: sentences.findIndex((s) =>
      stretchesOf(s).some((x) => !x.isMore && x.toMin === mainMin),
    ),
  };
}
