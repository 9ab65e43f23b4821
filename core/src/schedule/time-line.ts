import type { StretchHeat } from "../heats/heat-schema";
import { heatOf, isSealed, isSlow, stretchOf } from "../heats/heat";
import type { Plan } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";
import type { Constant } from "../units/constant";
import { POT_TIMES } from "./pot-times";

/** How much of the cook a stretch takes. */
export type Attention = "hands" | "near" | "look" | "leave";

/** One stretch of the work, min from its beginning. */
export interface Stretch {
  readonly what: string;
  readonly fromMin: number;
  readonly toMin: number;
  readonly attention: Attention;
  /** Minutes of it with hands at work. */
  readonly handsOnMin: number;
}

/** What the minutes of work are reckoned from. */
export const WORK_CONSTANTS: readonly Constant[] = [
  POT_TIMES.look,
  POT_TIMES.lookEvery,
  POT_TIMES.skim,
  POT_TIMES.shut,
  POT_TIMES.open,
  POT_TIMES.strain,
];

/** The work before the pot goes on. */
export const PREPARE = "Prepare";

interface Part {
  readonly what: string;
  readonly min: number;
  readonly attention: Attention;
  readonly handsOnMin: number;
}

/** Hands-on minutes of a stretch that wants a look now and then. */
const looks = (min: number) => Math.floor(min / POT_TIMES.lookEvery.value) * POT_TIMES.look.value;

/** One stretch of the heat, of so many minutes, after whatever was before. */
function heldPart(heat: StretchHeat, min: number): Part {
  const { holds: what, attention } = stretchOf(heat);
  const handsOnMin = { look: looks(min), leave: POT_TIMES.shut.value, near: 0 }[attention];
  return { what, min, attention, handsOnMin };
}

/** From the first flame until the first heat holds it. */
function upPart({ heat }: Plan, min: number): Part {
  const whileUpMin = min > 0 ? POT_TIMES.skim.value : 0;
  const handsOnMin = isSealed(heat) ? POT_TIMES.shut.value : whileUpMin;
  const what = heatOf(heat).comesUp;
  return { what, min, attention: "near", handsOnMin };
}

const pressureDown = (min: number): Part => ({
  what: "Pressure down",
  min,
  attention: "near",
  handsOnMin: POT_TIMES.open.value,
});

/** What happens after the work of preparing, stretch by stretch of the heat. */
function heatParts(plan: Plan, trace: Trace): readonly Part[] {
  const parts: Part[] = isSlow(plan.heat) ? [] : [upPart(plan, trace.toSimmerMin)];
  stretchesOf(plan).forEach(({ heat }, index, all) => {
    const went = trace.stretches[index];
    if (went === undefined) return;
    const isLast = index === all.length - 1;
    const downMin = isLast
      ? trace.releaseMin
      : (trace.stretches[index + 1]?.fromMin ?? went.toMin) - went.toMin;
    const heldMin = went.toMin - went.fromMin;
    if (isSealed(heat)) parts.push(heldPart(heat, heldMin), pressureDown(downMin));
    else parts.push(heldPart(heat, heldMin + downMin));
  });
  return parts;
}

const STRAIN: Part = {
  what: "Strain",
  min: POT_TIMES.strain.value,
  attention: "hands",
  handsOnMin: POT_TIMES.strain.value,
};

const NO_WORK = { handsBeforeMin: 0, meanwhileMin: 0, afterMin: 0 };

/** What is done beside the pot falls into the longest part of its heat. */
function withMeanwhile(parts: readonly Part[], handsMin: number): readonly Part[] {
  const longest = parts.reduce((a, b) => (b.min > a.min ? b : a), NOTHING);
  return parts.map((p) => (p === longest ? { ...p, handsOnMin: p.handsOnMin + handsMin } : p));
}
const NOTHING: Part = { what: "", min: -1, attention: "leave", handsOnMin: 0 };

/**
 * The whole work from the first cut to the sieve, stretch by stretch: what it is, and whether hands, an
 * eye, or nobody is wanted. An electric pressure cooker or oven may run alone as its maker allows; a
 * flame is never left.
 */
export function timeLine(
  plan: Plan,
  trace: Trace,
  { handsBeforeMin: workMin, meanwhileMin, afterMin } = NO_WORK,
): readonly Stretch[] {
  const pauseMin = trace.totalMin - trace.toSimmerMin - trace.holdMin - trace.releaseMin;
  const parts: readonly Part[] = [
    {
      what: PREPARE,
      min: plan.prepareMin + workMin,
      attention: "hands",
      handsOnMin: plan.prepareMin + workMin,
    },
    ...withMeanwhile(heatParts(plan, trace), meanwhileMin),
    { what: "Stands", min: pauseMin, attention: "near", handsOnMin: 0 },
    { what: "Crush, blend", min: afterMin, attention: "hands", handsOnMin: afterMin },
    ...(plan.end === "strained" ? [STRAIN] : []),
  ];
  let at = 0;
  return parts
    .filter((p) => p.min > 0.01)
    .map(({ what, min, attention, handsOnMin }) => {
      const fromMin = at;
      at += min;
      return { what, fromMin, toMin: at, attention, handsOnMin };
    });
}

/** Minutes of work in it, and from door to door. */
export function workOf(line: readonly Stretch[]) {
  return {
    handsOnMin: line.reduce((sum, s) => sum + s.handsOnMin, 0),
    doorToDoorMin: line.at(-1)?.toMin ?? 0,
  };
}
