import type { When } from "../../simulate/plan-schema";
import type { Method } from "../../heat/method";

/** One way of settling a doubt: what it says, and what it sets. */
export interface DoubtChoice<T> {
  readonly label: string;
  readonly set: Partial<T>;
}

/** Something a recipe leaves open. It is asked, never guessed silently. */
export interface Doubt<T> {
  readonly id: string;
  readonly question: string;
  readonly choices: readonly DoubtChoice<T>[];
  /** What may be typed instead of choosing: a weight, a number of people, a time. */
  readonly typed?: "amount" | "people" | "time";
}

/** What a line or the whole draft carries of settled facts. */
export interface LineFacts {
  readonly ingredientId: string | null;
  readonly massKg: number | null;
  readonly counted?: { readonly count: number; readonly word: string; readonly eachKg: number };
  readonly when: When;
  /** Left off the plan: "to taste", or nothing Kettlos knows. */
  readonly isLeftOut: boolean;
  /** Water stated by its place instead of an amount. */
  readonly toCover: boolean;
}

/** One line of ingredients as it stood, and what was understood of it. */
export interface DraftLine extends LineFacts {
  readonly id: string;
  readonly text: string;
  /** The amount as written, without the name: "2 large", "1 1/2 lb". */
  readonly amountText: string;
  readonly nameText: string;
  readonly preparation: string;
  readonly doubts: readonly Doubt<LineFacts>[];
}

export interface HeadFacts {
  readonly name: string;
  readonly people: number | null;
  readonly method: Method | null;
  readonly crockSetting: "low" | "high";
  readonly ovenC: number | null;
  /** Minutes it simmers, or "tender". */
  readonly hold: number | "tender" | null;
}

/** A recipe on its way to a plan. */
export interface RecipeDraft extends HeadFacts {
  readonly source: string;
  readonly lines: readonly DraftLine[];
  readonly steps: readonly string[];
  readonly doubts: readonly Doubt<HeadFacts>[];
}

/** How many doubts are still open. */
export const openDoubts = (draft: RecipeDraft): number =>
  draft.doubts.length +
  draft.lines.reduce((sum, l) => sum + (l.isLeftOut ? 0 : l.doubts.length), 0);
