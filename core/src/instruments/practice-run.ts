import { exp } from "../units/same-math";
import { square } from "../units/whole-power";
import type { Cook } from "../batch/fold";
import { minOf } from "../batch/course-of";
import { boilFirstMinOf } from "../heats/heat";
import { asPlanned } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";
import type { Trace } from "../simulate/trace";
import { showDuration, showVolume } from "../units/show";
import type { HiddenPot } from "./hidden-pot";

/** A practice pot as it was cooked. */
export interface PracticeRun {
  readonly setPot: SetPot;
  readonly cook: Cook;
  readonly pot: HiddenPot;
  /** Its true course, from the first heat to the end. */
  readonly truth: Trace;
}

/** One thing that went well or cost points, with what happened and why. */
export interface ScorePart {
  readonly id: string;
  readonly title: string;
  readonly points: number;
  readonly of: number;
  readonly why: string;
}

/** Points for a miss: all of them up to `free`, half at `half` beyond it, next to none at three times that. */
export interface Falls {
  readonly of: number;
  readonly free: number;
  readonly half: number;
}
export const falling = ({ of, free, half }: Falls, miss: number): number =>
  Math.round(of * exp(-Math.LN2 * square(Math.max(0, Math.abs(miss) - free) / half)));

/** How much was left against what was planned, as a share. */
export const leftShare = ({ setPot, truth }: PracticeRun): number =>
  truth.endLiquidL / Math.max(0.05, asPlanned(setPot).trace.endLiquidL);

/** How much is left, in the measures of the kitchen. */
export function amountPart(run: PracticeRun, falls: Falls, more = ""): ScorePart {
  const { setPot, truth } = run;
  const one = setPot.kitchen.units === "us" ? "us" : "metric";
  const wantedL = asPlanned(setPot).trace.endLiquidL;
  return {
    id: "amount",
    title: "How much is left",
    points: falling(falls, leftShare(run) - 1),
    of: falls.of,
    why: [
      `${showVolume(truth.endLiquidL, one)} in the pot, ${showVolume(wantedL, one)} planned.`,
      more,
    ]
      .filter((w) => w !== "")
      .join(" "),
  };
}

/** How many times the level was read, of so many that are wanted. */
export const readingPart = (
  { cook }: PracticeRun,
  of: number,
  wanted: number,
  why: { readonly enough: string; readonly few: string },
): ScorePart => ({
  id: "reading",
  title: "Looking in",
  points: Math.round((of * Math.min(wanted, cook.readings.length)) / wanted),
  of,
  why: cook.readings.length >= wanted ? why.enough : why.few,
});

/** Minutes it boiled hard before it was turned down; less than none where it never boiled. */
export const boiledMin = ({ setPot: { plan }, cook, truth }: PracticeRun): number =>
  minOf(plan, cook, cook.simmerMs ?? cook.offMs ?? 0) - truth.comeUpMin;

/** The same beyond what was planned. */
export const overBoiledMin = (run: PracticeRun): number =>
  boiledMin(run) - (boilFirstMinOf(run.setPot.plan.heat) ?? 0);

/** Whether something was said as it happened: `missMin` after it, less than none before; null where never. */
export const saidPart = (
  part: Pick<ScorePart, "id" | "title">,
  falls: Falls,
  missMin: number | null,
  words: { readonly never: string; readonly inTime: string },
): ScorePart => ({
  ...part,
  points: missMin === null ? 0 : falling(falls, missMin),
  of: falls.of,
  why:
    missMin === null
      ? words.never
      : Math.abs(missMin) <= falls.free
        ? words.inTime
        : `Said ${showDuration(Math.abs(missMin))} ${missMin > 0 ? "late" : "early"}.`,
});
