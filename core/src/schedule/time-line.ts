import type { Plan } from "../simulate/plan-schema";
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

interface Part {
  readonly what: string;
  readonly min: number;
  readonly attention: Attention;
  readonly handsOnMin: number;
}

/** Hands-on minutes of a stretch that wants a look now and then. */
const looks = (min: number) => Math.floor(min / POT_TIMES.lookEvery.value) * POT_TIMES.look.value;

/** What happens after the work of preparing, heat by heat. */
function heatParts(plan: Plan, trace: Trace): readonly Part[] {
  const { heat } = plan;
  const up = trace.toSimmerMin;
  const hold = trace.holdMin;
  switch (heat.method) {
    case "hob":
      return [
        { what: "Up to the simmer", min: up, attention: "near", handsOnMin: POT_TIMES.skim.value },
        { what: "Simmers", min: hold, attention: "look", handsOnMin: looks(hold) },
      ];
    case "oven":
      return [
        {
          what: "Up on the ring",
          min: up,
          attention: "near",
          handsOnMin: up > 0 ? POT_TIMES.skim.value : 0,
        },
        { what: "In the oven", min: hold, attention: "leave", handsOnMin: POT_TIMES.shut.value },
      ];
    case "slowCooker":
      return [
        {
          what: "In the slow cooker",
          min: hold + trace.releaseMin,
          attention: "leave",
          handsOnMin: POT_TIMES.shut.value,
        },
      ];
    case "pressure":
      return [
        { what: "Up to pressure", min: up, attention: "near", handsOnMin: POT_TIMES.shut.value },
        { what: "At pressure", min: hold, attention: "near", handsOnMin: 0 },
        {
          what: "Pressure down",
          min: trace.releaseMin,
          attention: "near",
          handsOnMin: POT_TIMES.open.value,
        },
      ];
  }
}

const STRAIN: Part = {
  what: "Strain",
  min: POT_TIMES.strain.value,
  attention: "hands",
  handsOnMin: POT_TIMES.strain.value,
};

/**
 * The whole work from the first cut to the sieve, stretch by stretch: what it is, and whether hands, an
 * eye, or nobody is wanted. An electric pressure cooker or oven may run alone as its maker allows; a
 * flame is never left.
 */
export function timeLine(plan: Plan, trace: Trace, workMin = 0): readonly Stretch[] {
  const pauseMin = trace.totalMin - trace.toSimmerMin - trace.holdMin - trace.releaseMin;
  const parts: readonly Part[] = [
    {
      what: "Prepare",
      min: plan.prepareMin + workMin,
      attention: "hands",
      handsOnMin: plan.prepareMin + workMin,
    },
    ...heatParts(plan, trace),
    { what: "Stands", min: pauseMin, attention: "near", handsOnMin: 0 },
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
