import type { DraftLine, RecipeDraft } from "../src/formats/recipe/draft";
import { looksLikeJson, readRecipeJsonLd } from "../src/formats/recipe/json-ld";
import { readRecipeText } from "../src/formats/recipe/read-recipe";
import type { CorpusLine, CorpusRecipe, Wanted, WantedPart } from "./recipe-corpus";

/** How a line came out. Silently wrong is what must never be. */
export type Verdict = "right" | "asked" | "rightlyAsked" | "wrong";

export interface ScoredLine {
  readonly line: CorpusLine;
  readonly verdict: Verdict;
  readonly got: string;
}

/** Weights are typical: a piece counted may be a fifth more or less. */
const WITHIN = 0.2;

const read = ({ text }: CorpusRecipe): RecipeDraft =>
  looksLikeJson(text) ? readRecipeJsonLd(text) : readRecipeText(text);

const said = (lines: readonly DraftLine[]): string =>
  lines
    .map((l) =>
      [l.ingredientId ?? "?", l.massKg ?? "?", ...l.doubts.map((d) => `asks ${d.id}`)].join(" "),
    )
    .join(" + ");

const isOpen = (line: DraftLine): boolean =>
  line.doubts.some((d) => d.id === "ingredient" || d.id === "amount");

function isPart(line: DraftLine | undefined, { id, kg, as }: WantedPart): boolean {
  if (line === undefined || line.ingredientId !== id) return false;
  if (as === "cover") return line.toCover;
  if (as === "taste") return line.isToTaste;
  return kg !== null && line.massKg !== null && Math.abs(line.massKg - kg) <= WITHIN * kg;
}

function verdictOf(wanted: Wanted, lines: readonly DraftLine[]): Verdict {
  const isAsked = lines.some(isOpen);
  switch (wanted.kind) {
    case "nothing":
      return lines.every((l) => l.isLeftOut) ? "right" : isAsked ? "asked" : "wrong";
    case "own":
    case "asked":
      return isAsked ? "rightlyAsked" : "wrong";
    case "is": {
      const isAmountOpen = wanted.parts.some((p) => p.as === "amount" && p.kg === null);
      if (isAmountOpen) return isAsked ? "rightlyAsked" : "wrong";
      if (isAsked) return "asked";
      const isRight =
        lines.length === wanted.parts.length && wanted.parts.every((p, i) => isPart(lines[i], p));
      return isRight ? "right" : "wrong";
    }
  }
}

export interface ScoredFact {
  readonly name: string;
  readonly wanted: string;
  readonly got: string;
  readonly verdict: Verdict;
}

/** What the draft holds of a fact, as the corpus says it; "?" where it is asked. */
function factOf(draft: RecipeDraft, name: string): string {
  const isAsked = (id: string) => draft.doubts.some((d) => d.id === id);
  const having = (has: (l: DraftLine) => boolean) =>
    draft.lines
      .filter(has)
      .map((l) => l.ingredientId ?? "")
      .toSorted()
      .join("+");
  switch (name) {
    case "method":
      return draft.method ?? "?";
    case "hold":
      return isAsked("hold") ? "?" : String(draft.hold);
    case "people":
      return isAsked("people") ? "?" : String(draft.people);
    case "oven":
      return draft.ovenC === null ? "?" : String(Math.round(draft.ovenC));
    case "setting":
      return draft.crockSetting ?? "?";
    case "lid":
      return draft.lid ?? "none";
    case "vigour":
      return draft.vigour ?? "none";
    case "end":
      return draft.end;
    case "brown":
    case "soak":
    case "roux":
      return having((l) => l.work.some((w) => w.kind === name));
    default: {
      const line = draft.lines.find((l) => l.ingredientId === name);
      if (line?.doubts.some((d) => d.id === "when") === true) return "?";
      if (line === undefined) return "not there";
      return line.when.at === "beforeEnd"
        ? String(line.when.min)
        : line.when.at === "start"
          ? "start"
          : "off";
    }
  }
}

/** How what the steps say came out. Dredging is shown with its sentence; a plan holds nothing of it. */
export function scoreFacts(recipe: CorpusRecipe): readonly ScoredFact[] {
  const draft = read(recipe);
  return [...recipe.facts]
    .filter(([name]) => name !== "dredge")
    .map(([name, wanted]) => {
      const got = factOf(draft, name);
      const verdict =
        got === wanted
          ? wanted === "?"
            ? ("rightlyAsked" as const)
            : ("right" as const)
          : got === "?"
            ? ("asked" as const)
            : ("wrong" as const);
      return { name, wanted, got, verdict };
    });
}

/** How every line of a recipe came out. */
export function scoreLines(recipe: CorpusRecipe): readonly ScoredLine[] {
  const draft = read(recipe);
  return recipe.lines.map((line) => {
    const lines = draft.lines.filter((l) => l.text === line.text);
    return { line, verdict: verdictOf(line.wanted, lines), got: said(lines) };
  });
}
