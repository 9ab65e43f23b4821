import { Problem } from "../../units/problem";
import { linesOf } from "./clean-text";
import type { Doubt, DraftLine, HeadFacts, LineFacts, RecipeDraft } from "./draft";
import { draftLine, settleLine } from "./draft-line";
import { readHeat, stageLine } from "./read-steps";

const INGREDIENTS = /^(ingredients|you need|you will need|what you need)\b/i;
const METHOD = /^(method|directions?|instructions?|steps?|preparation|how to)\b/i;
const SERVES =
  /\b(?:serves?|servings?|yields?|portions?|makes?|for)\s*:?\s*(?:about\s*)?(\d+)(?:\s*(?:-|–|to)\s*(\d+))?(?:\s*(?:people|servings?|portions?|eaters))?\b/i;
const STARTS_AMOUNT = /^[-*•·–]?\s*(?:\d|[¼-¾⅐-⅞]|an?\s|some\s|pinch|handful|salt\b)/iu;
const STEP_LENGTH = 70;

/** The parts of a recipe, before anything of it is understood. */
export interface RecipeParts {
  readonly name: string;
  readonly source: string;
  readonly servesText: string;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
}

/**
 * Reads a pasted recipe into a draft: every line of ingredients with what is understood, and every doubt
 * as a question. Nothing is guessed silently.
 * @throws Problem `range`, `unreadable`
 */
export const readRecipeText = (text: string): RecipeDraft => draftOf(partsOfText(text));

function partsOfText(text: string): RecipeParts {
  const lines = linesOf(text);
  const ingredients: string[] = [];
  const steps: string[] = [];
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
      line.length < STEP_LENGTH &&
      SERVES.test(line) &&
      !STARTS_AMOUNT.test(line)
    )
      servesText = line;
    else if (name === "" && isIn === "head" && !STARTS_AMOUNT.test(line)) name = line.slice(0, 80);
    else if (isIn === "steps" || isStep(line)) {
      isIn = "steps";
      steps.push(line.replace(/^\d+[.)]\s*/, ""));
    } else {
      isIn = "ingredients";
      if (!/:$/.test(line)) ingredients.push(line);
    }
  }
  return { name, source: "", servesText, ingredients, steps };
}

const isStep = (line: string): boolean =>
  /^\d+[.)]\s+[A-Z]/.test(line) ||
  (!STARTS_AMOUNT.test(line) && (line.length > STEP_LENGTH || /[.!]$/.test(line)));

/** The parts of a recipe as a draft with its doubts. */
export function draftOf(parts: RecipeParts): RecipeDraft {
  const texts = parts.ingredients.flatMap(splitJoined);
  if (texts.length === 0)
    throw new Problem(
      "unreadable",
      "recipe",
      parts.name,
      "No ingredients were found. Put each on a line of its own, the amount first: 1.2 kg beef chuck.",
    );
  const heat = readHeat(parts.steps);
  const holdMin = typeof heat.hold === "number" ? heat.hold : longestOffered(heat.doubts);
  const lines = texts.map((text, i) =>
    stageLine(draftLine(text, `line-${i}`), parts.steps, holdMin),
  );
  const doubts: Doubt<HeadFacts>[] = [];
  const serves = SERVES.exec(parts.servesText);
  const from = serves?.[1] === undefined ? null : Number(serves[1]);
  const to = serves?.[2] === undefined ? from : Number(serves[2]);
  if (from === null || to === null || from !== to) doubts.push(peopleDoubt(from, to));
  const { doubts: heatDoubts, ...facts } = heat;
  return {
    ...facts,
    name: parts.name === "" ? "Recipe" : parts.name,
    people: from === to ? from : null,
    source: parts.source,
    lines,
    steps: parts.steps,
    doubts: [...doubts, ...heatDoubts],
  };
}

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

/** "Salt and pepper" without an amount is two things. */
const splitJoined = (line: string): readonly string[] =>
  /^salt (?:and|&) (?:black )?pepper\b/i.test(line)
    ? ["salt to taste", "peppercorns to taste"]
    : [line];

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
