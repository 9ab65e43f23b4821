import type { Method } from "../../heats/heat-schema";
import type { BoilDown } from "./read-boil-down";
import type { SaidTurn } from "./read-turns";
import type { LineParts } from "../../ingredient/line-parts";
import type { Vigour } from "../../heat/constants";
import type { Work } from "../../prepare/work-schema";
import type { PlanItem, When } from "../../simulate/plan-schema";
import type { Said } from "../../units/said";
import type { Lid } from "../../vessel/lid";
import type { StepKind } from "./step-kinds";

/** One way of settling a doubt: what it says, and what it sets. */
export interface DoubtChoice<T> {
  readonly label: Said;
  readonly set: Partial<T>;
}

/** Something a recipe leaves open. It is asked, never guessed silently. */
export interface Doubt<T> {
  readonly id: string;
  readonly question: string;
  readonly choices: readonly DoubtChoice<T>[];
  /** What may be typed instead of choosing: a weight, a number of people, a time, a name. */
  readonly typed?: "amount" | "people" | "time" | "ingredient";
}

/** What a line or the whole draft carries of settled facts. */
export interface LineFacts {
  readonly ingredientId: string | null;
  readonly massKg: number | null;
  readonly counted?: { readonly count: number; readonly word: string; readonly eachKg: number };
  readonly when: When;
  /** Left off the plan: the cook said so, or it is nothing that is eaten. */
  readonly isLeftOut: boolean;
  /** Seasoned with at the end, as it tastes. */
  readonly isToTaste: boolean;
  /** Water stated by its place instead of an amount. */
  readonly toCover: boolean;
  /** What is done to it before it goes in, as the steps say. */
  readonly work: readonly Work[];
  readonly boneState: PlanItem["boneState"];
  /** Edge of its pieces, m, where the recipe says it. */
  readonly edgeM: number | null;
  readonly isFrozen: boolean;
  /** The cook's own ingredient: its name; `ingredientId` is then what it is most like. */
  readonly ownName: string | null;
}

/** One line of ingredients as it stood, and what was understood of it. */
export interface DraftLine extends LineFacts {
  readonly id: string;
  readonly text: string;
  /** The amount as written, without the name: "2 large", "1 1/2 lb". */
  readonly amountText: string;
  readonly nameText: string;
  readonly preparation: string;
  /** The sentence that says when it goes in. */
  readonly whenSaid?: string;
  /** The line taken apart. */
  readonly parts: LineParts;
  readonly doubts: readonly Doubt<LineFacts>[];
}

export interface HeadFacts {
  readonly name: string;
  readonly people: number | null;
  readonly method: Method | null;
  readonly crockSetting: "low" | "high" | null;
  readonly ovenC: number | null;
  /** The steps say to cover it with water. */
  readonly isCovered: boolean;
  /** Strained for its liquid, or served as it is. */
  readonly end: "strained" | "served";
  readonly lid: Lid | null;
  readonly vigour: Vigour | null;
  /** Minutes it simmers in all, or "tender". */
  readonly hold: number | "tender" | null;
  /** Minutes of it, at its end, with the lid off; null where the lid stays as it is. */
  readonly openMin: number | null;
  /** The sauce boiled down once it is done; null where it is not. */
  readonly boilDown: BoilDown | null;
  /** Boiled hard before it is turned down, and on HIGH before LOW, min; null where it is not. */
  readonly boilFirstMin: number | null;
  readonly highFirstMin: number | null;
  /** On the ring before the oven, and what comes after the dish's own time, on another heat or off it. */
  readonly before: SaidTurn | null;
  readonly after: readonly SaidTurn[];
  /** A stock strained, and boiled down. */
  readonly strainedDown: BoilDown | null;
  /** Once it is done it is taken off its bones, and goes back without them. */
  readonly isPicked: boolean;
}

export interface StepReading {
  readonly text: string;
  readonly kinds: readonly StepKind[];
  /** The plan's own figures stand for all of it. */
  readonly isHeld: boolean;
}

/** A recipe on its way to a plan. */
export interface RecipeDraft extends HeadFacts {
  readonly source: string;
  readonly lines: readonly DraftLine[];
  /** For how many, in the recipe's words. */
  readonly servesText: string;
  /** Headings and remarks among the ingredients. */
  readonly remarks: readonly string[];
  /** Every sentence of the steps, and what it tells to do; nothing where it was not understood. */
  readonly steps: readonly StepReading[];
  readonly doubts: readonly Doubt<HeadFacts>[];
}

/** How many doubts are still open. */
export const openDoubts = (draft: RecipeDraft): number =>
  draft.doubts.length +
  draft.lines.reduce((sum, l) => sum + (l.isLeftOut ? 0 : l.doubts.length), 0);
