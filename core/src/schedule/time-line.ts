import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { kitchenEstimate, type Constant } from "../units/constant";

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

const takes = (what: string, min: number) =>
  kitchenEstimate(what, min, "min", "a cook with a watch, until your own is known");

const LOOK_MIN = takes("a look at the pot", 2);
const LOOK_EVERY_MIN = takes("time between two looks", 45);
const SKIM_MIN = takes("skimming as it comes up", 5);
const SHUT_MIN = takes("shutting and setting it", 3);
const OPEN_MIN = takes("letting down and opening", 3);
const STRAIN_MIN = takes("straining", 10);

/** What the minutes of work are reckoned from. */
export const WORK_CONSTANTS: readonly Constant[] = [
  LOOK_MIN,
  LOOK_EVERY_MIN,
  SKIM_MIN,
  SHUT_MIN,
  OPEN_MIN,
  STRAIN_MIN,
];

interface Part {
  readonly what: string;
  readonly min: number;
  readonly attention: Attention;
  readonly handsOnMin: number;
}

/** Hands-on minutes of a stretch that wants a look now and then. */
const looks = (min: number) => Math.floor(min / LOOK_EVERY_MIN.value) * LOOK_MIN.value;

/** What happens after the work of preparing, heat by heat. */
function heatParts(plan: Plan, trace: Trace): readonly Part[] {
  const { heat } = plan;
  const up = trace.toSimmerMin;
  const hold = trace.holdMin;
  switch (heat.method) {
    case "hob":
      return [
        { what: "Up to the simmer", min: up, attention: "near", handsOnMin: SKIM_MIN.value },
        { what: "Simmers", min: hold, attention: "look", handsOnMin: looks(hold) },
      ];
    case "oven":
      return [
        {
          what: "Up on the ring",
          min: up,
          attention: "near",
          handsOnMin: up > 0 ? SKIM_MIN.value : 0,
        },
        { what: "In the oven", min: hold, attention: "leave", handsOnMin: SHUT_MIN.value },
      ];
    case "slowCooker":
      return [
        {
          what: "In the slow cooker",
          min: hold + trace.releaseMin,
          attention: "leave",
          handsOnMin: SHUT_MIN.value,
        },
      ];
    case "pressure":
      return [
        { what: "Up to pressure", min: up, attention: "near", handsOnMin: SHUT_MIN.value },
        { what: "At pressure", min: hold, attention: "near", handsOnMin: 0 },
        {
          what: "Pressure down",
          min: trace.releaseMin,
          attention: "near",
          handsOnMin: OPEN_MIN.value,
        },
      ];
  }
}

const STRAIN: Part = {
  what: "Strain",
  min: STRAIN_MIN.value,
  attention: "hands",
  handsOnMin: STRAIN_MIN.value,
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
