import { ingredientById } from "../../ingredient/catalogue";
import { Problem } from "../../units/problem";
import type { OwnIngredient } from "../../ingredient/own-ingredient";
import { NUMBER_NAMES } from "../../units/number-words";
import { either, litres, say } from "../../units/said";
import { US_PINT_L } from "../../units/us-measures";
import { linesOf } from "./clean-text";
import type { Doubt, DraftLine, HeadFacts, LineFacts, RecipeDraft } from "./draft";
import { draftLines, renamedLine, settleLine, withIngredient } from "./draft-line";
import { readHeat } from "./read-heat";
import { sentencesOf } from "./sentences";
import { mentions, stageLine, stepsOf } from "./stage-line";
import { isHeld, stepKindsOf } from "./step-kinds";

const INGREDIENTS = /^(ingredients|you need|you will need|what you need)\b/i;
const METHOD = /^(method|directions?|instructions?|steps?|preparation|how to)\b/i;
const EATERS = String.raw`(?:people|persons|servings?|portions?|eaters|guests)`;
const COUNT = String.raw`(?:about\s*|around\s*)?(\d+)(?:\s*(?:-|–|to|or)\s*(\d+))?`;
const SERVES = [
  String.raw`\b(?:serves?|servings?|yields?|portions?|makes?|for|feeds?)\s*:?\s*${COUNT}(?!\s*(?:g|kg|lb|oz|hours?|min|minutes?|days?)\b)`,
  String.raw`\b${COUNT}\s*(?:hungry\s+)?${EATERS}\b`,
].map((pattern) => new RegExp(pattern, "i"));

/** For how many, as a text says it; null where it says nothing of it. */
function servesIn(text: string): readonly [number, number] | null {
  const figures = text
    .replace(/\ba dozen\b/gi, "12")
    .replace(NAMED, (word) => String(NUMBER_NAMES.findIndex((n) => n === word.toLowerCase()) + 1));
  for (const pattern of SERVES) {
    const found = pattern.exec(figures);
    const from = Number(found?.[1]);
    if (found !== null && from > 0) return [from, Number(found[2] ?? from)];
  }
  return null;
}
const NAMED = new RegExp(String.raw`\b(?:${NUMBER_NAMES.join("|")})\b`, "gi");
const SAYS_EATERS = new RegExp(String.raw`^(?:\S+\s+)?\S+\s+${EATERS}\b`, "i");
const STARTS_AMOUNT = /^[-*•·–]?\s*(?:\d|[¼-¾⅐-⅞]|an?\s|some\s|pinch|handful|salt\b)/iu;
const STEP_LENGTH = 70;
const LONGEST_SERVES = 200;

/** The parts of a recipe, before anything of it is understood. */
export interface RecipeParts {
  readonly name: string;
  readonly source: string;
  readonly servesText: string;
  readonly ingredients: readonly string[];
  /** Headings and remarks among the ingredients: nothing that goes in. */
  readonly remarks: readonly string[];
  readonly steps: readonly string[];
}

/**
 * Reads a pasted recipe into a draft: every line of ingredients with what is understood, and every doubt
 * as a question. Nothing is guessed silently.
 * @throws Problem `range`, `unreadable`
 */
export const readRecipeText = (text: string, own: readonly OwnIngredient[] = []): RecipeDraft =>
  draftOf(partsOfText(text), own);

function partsOfText(text: string): RecipeParts {
  const lines = linesOf(text);
  const ingredients: string[] = [];
  const steps: string[] = [];
  const remarks: string[] = [];
  let name = "";
  let servesText = "";
  let isIn: "head" | "ingredients" | "steps" = "head";
  for (const line of lines) {
    if (line === "") continue;
    if (INGREDIENTS.test(line)) isIn = "ingredients";
    else if (METHOD.test(line) && line.length < STEP_LENGTH / 2) isIn = "steps";
    else if (
      servesText === "" &&
      isIn !== "steps" &&
      line.length < LONGEST_SERVES &&
      servesIn(line) !== null &&
      (!STARTS_AMOUNT.test(line) || SAYS_EATERS.test(line))
    )
      servesText = line;
    else if (name === "" && isIn === "head" && !STARTS_AMOUNT.test(line)) name = line.slice(0, 80);
    else if (isIn === "steps" || isStep(line)) {
      isIn = "steps";
      steps.push(line.replace(/^\d+[.)]\s*/, ""));
    } else {
      isIn = "ingredients";
      (isHeading(line) ? remarks : ingredients).push(line);
    }
  }
  return { name, source: "", servesText, ingredients, remarks, steps };
}

const isStep = (line: string): boolean =>
  /^\d+[.)]\s+[A-Z]/.test(line) ||
  (!STARTS_AMOUNT.test(line) && (line.length > STEP_LENGTH || /[.!]$/.test(line)));

/** "For the broth:" */
export const isHeading = (line: string): boolean =>
  /:\s*$/.test(line) || /^for the\b[^\d]*$/i.test(line);

/** Straining is the end of it where nothing is put in or cooked after. */
function endOf(sentences: readonly string[]): "strained" | "served" {
  const kinds = sentences.map(stepKindsOf);
  const at = kinds.findLastIndex((k) => k.includes("strain"));
  const isGoneOn = kinds.slice(at + 1).some((k) => k.includes("add") || k.includes("heat"));
  return at < 0 || isGoneOn ? "served" : "strained";
}

const PINT = /\b(?:pints?|pts?)\b/i;
/** Only cooks with US measures write these. */
const US_ONLY = /\b(?:cups?|quarts?|qts?|sticks? (?:of )?butter|\d+ ?°?F)\b/i;
const IMPERIAL_PINT_L = 0.56826125;

/** A pint is another in the UK than in the US: where nothing else in the recipe tells, it is asked. */
function askedPint(line: DraftLine, whole: string): DraftLine {
  const { massKg, ingredientId } = line;
  if (
    massKg === null ||
    ingredientId === null ||
    !PINT.test(line.amountText) ||
    US_ONLY.test(whole)
  )
    return line;
  const imperialKg = (massKg * IMPERIAL_PINT_L) / US_PINT_L;
  const choice = (kg: number, whose: string) => ({
    label: say`${whose} pints, ${litres(kg)}`,
    set: { massKg: kg },
  });
  return {
    ...line,
    massKg: null,
    doubts: [
      ...line.doubts,
      {
        id: "amount",
        question: `${ingredientById(ingredientId).name}: whose pint?`,
        choices: [choice(imperialKg, "UK"), choice(massKg, "US")],
        typed: "amount",
      },
    ],
  };
}

/** What the steps soak is dry. */
function dryBySoaking(line: DraftLine, sentences: readonly string[]): DraftLine {
  const doubt = line.doubts.find((d) => d.id === "ingredient");
  const dry = doubt?.choices
    .map((c) => c.set.ingredientId)
    .filter((id) => typeof id === "string")
    .map(ingredientById)
    .find((i) => i.dryBean === true || i.id === "chickpea");
  if (
    dry === undefined ||
    doubt?.choices.some((c) => c.set.ingredientId?.startsWith("canned") === true) !== true
  )
    return line;
  const isSoaked = sentences.some(
    (s) =>
      /\bsoak/i.test(s) && (mentions(s, { ...line, ingredientId: dry.id }) || /\bbeans\b/i.test(s)),
  );
  return isSoaked ? withIngredient(line, dry) : line;
}

/** The parts of a recipe as a draft with its doubts. */
export function draftOf(parts: RecipeParts, own: readonly OwnIngredient[] = []): RecipeDraft {
  const texts = parts.ingredients;
  const drafted = texts.flatMap((text, i) => draftLines(text, `line-${i}`, own));
  // Prose has neither: what it speaks of is no list of what goes in.
  if (drafted.every((l) => l.ingredientId === null && l.amountText === ""))
    throw new Problem(
      "unreadable",
      "recipe",
      parts.name,
      say`No ingredients were found. Put each on a line of its own, the amount first: ${either("1.2 kg", "2 ½ lb")} beef chuck.`,
    );
  const heat = readHeat(parts.steps);
  const holdMin = typeof heat.hold === "number" ? heat.hold : longestOffered(heat.doubts);
  const sentences = parts.steps.flatMap(sentencesOf);
  const steps = stepsOf(sentences);
  const lines = drafted
    .map((line) => askedPint(line, `${texts.join("\n")}\n${sentences.join(" ")}`))
    .map((line) => dryBySoaking(line, sentences))
    .map((line) => stageLine(line, steps, holdMin));
  const doubts: Doubt<HeadFacts>[] = [];
  const [from, to] = servesIn(parts.servesText) ?? [null, null];
  if (from === null || to === null || from !== to) doubts.push(peopleDoubt(from, to));
  const { doubts: heatDoubts, held, ...facts } = heat;
  const isInPlan = (text: string) => held.some((h) => bare(h) === bare(text));
  return {
    ...facts,
    name: parts.name === "" ? "Recipe" : parts.name,
    end: heat.strainedDown === null ? endOf(sentences) : "strained",
    people: from === to ? from : null,
    source: parts.source,
    lines,
    servesText: parts.servesText,
    remarks: parts.remarks,
    steps: sentences.map((text) => {
      const kinds = stepKindsOf(text);
      return { text, kinds, isHeld: isHeld(kinds) || isInPlan(text) };
    }),
    doubts: [...doubts, ...heatDoubts],
  };
}

const bare = (sentence: string): string => sentence.replace(/[.!?;\s]+$/, "");

const longestOffered = (doubts: readonly Doubt<HeadFacts>[]): number | null => {
  const offered = doubts
    .flatMap((d) => d.choices.map((c) => c.set.hold))
    .filter((h): h is number => typeof h === "number");
  return offered.length === 0 ? null : Math.max(...offered);
};

function peopleDoubt(from: number | null, to: number | null): Doubt<HeadFacts> {
  const numbers =
    from === null || to === null
      ? [4, 6, 8]
      : [...new Set([from, Math.round((from + to) / 2), to])];
  return {
    id: "people",
    question:
      from === null
        ? "It does not say for how many it is."
        : `It is for ${from} to ${to ?? from}. How many?`,
    choices: numbers.map((people) => ({ label: `${people} people`, set: { people } })),
    typed: "people",
  };
}

/** The draft with one doubt of the head settled. */
export const settleHead = (
  draft: RecipeDraft,
  doubtId: string,
  set: Partial<HeadFacts>,
): RecipeDraft => ({
  ...draft,
  ...set,
  doubts: draft.doubts.filter((d) => d.id !== doubtId),
});

/** The draft with one line left out, or taken in again. */
export const leave = (draft: RecipeDraft, lineId: string, isLeftOut: boolean): RecipeDraft => ({
  ...draft,
  lines: draft.lines.map((l) =>
    l.id !== lineId
      ? l
      : // What was taken for nothing that is eaten is asked about once it is to go in.
        !isLeftOut && l.ingredientId === null && l.doubts.length === 0
        ? renamedLine(l, l.nameText)
        : { ...l, isLeftOut },
  ),
});

/** The draft with one line named anew. */
export const rename = (
  draft: RecipeDraft,
  lineId: string,
  name: string,
  own: readonly OwnIngredient[],
): RecipeDraft => ({
  ...draft,
  lines: draft.lines.map((l) => (l.id === lineId ? renamedLine(l, name, own) : l)),
});

/** The draft with one doubt of a line settled. */
export const settle = (
  draft: RecipeDraft,
  lineId: string,
  doubtId: string,
  set: Partial<LineFacts>,
): RecipeDraft => ({
  ...draft,
  lines: draft.lines.map((l): DraftLine => (l.id === lineId ? settleLine(l, doubtId, set) : l)),
});
