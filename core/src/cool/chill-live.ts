import type { Gate } from "./codes";
import { decayThrough } from "./decay";
import type { CoolingWay } from "./ways";
import {
  aroundC,
  coolingCurve,
  tempAtC,
  whenAtMin,
  type CoolingFacts,
  type CoolingPoint,
  type CoolingStage,
} from "./cooling";

/** A thermometer read while it cools. Minutes from the beginning. */
export interface ChillReading {
  readonly tMin: number;
  readonly tempC: number;
}

/**
 * Met only where a thermometer says so; by the forecast alone it is likely. Unknown is a gate whose beginning
 * nobody saw: it is treated as failed.
 */
export type GateState = "ahead" | "running" | "likely" | "met" | "failed" | "unknown" | "late";

/** What counts as missed. */
export const isMissed = (state: GateState): boolean => state === "failed" || state === "unknown";

/** What is known of it before chilling began: its course since it came off the heat, min below nothing. */
export interface BeforeChilling {
  readonly points: readonly CoolingPoint[];
  /** A thermometer saw it at or above a gate's line after it came off. */
  readonly wasReadAboveC: number | null;
}

/** Where a gate stands now. */
export interface GateNow {
  readonly gate: Gate;
  readonly state: GateState;
  /** Minutes left until it shuts; null before it opens and once it is met. */
  readonly leftMin: number | null;
  /** When it is thought to be met, min from the beginning; null where never. */
  readonly metMin: number | null;
}

export interface ChillNow {
  /** The stages as they will be: out of the first once it is cool enough for the fridge. */
  readonly stages: readonly CoolingStage[];
  readonly points: readonly CoolingPoint[];
  readonly nowC: number;
  readonly pace: number;
  readonly gates: readonly GateNow[];
}

/** Cool enough to go into a fridge and not warm it, °C. */
export const FRIDGE_FROM_C = 20;
export const SLOWEST = 0.2;
export const FASTEST = 4;

/**
 * The course as its thermometer has it: the pace of the heat's passing is fitted to the last reading, what
 * was read stands, on a decaying curve between, and what is to come goes on from there. The clock starts as
 * `before` has it: at the minute it came off the heat.
 */
export function chillNow(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  readings: readonly ChillReading[],
  gates: readonly Gate[],
  nowMin: number,
  before: BeforeChilling | null = null,
): ChillNow {
  const last = readings.filter((r) => r.tMin > 0.5).at(-1);
  const pace = last === undefined ? 1 : paceOf(facts, stages, last);
  const adjusted = untilCool({ ...facts, pace }, stages);
  const forecast = coolingCurve({ ...facts, pace }, adjusted);
  const around = (tMin: number) => aroundC(facts, wayAt(adjusted, tMin));
  const chilled =
    readings.length === 0
      ? forecast
      : [
          ...decayThrough(
            [...(readings[0]?.tMin === 0 ? [] : [{ tMin: 0, tempC: facts.fromC }]), ...readings],
            around,
          ),
          ...forecast.filter((p) => p.tMin > (readings.at(-1)?.tMin ?? 0)),
        ];
  const points = [...(before?.points ?? []), ...chilled];
  return {
    stages: adjusted,
    points,
    nowC: tempAtC(points, nowMin),
    pace,
    gates: gates.map((gate) =>
      gateNow(gate, points, nowMin, { fromC: facts.fromC, readings, before }),
    ),
  };
}

/** The way it stands in at a moment. */
function wayAt(stages: readonly CoolingStage[], tMin: number): CoolingWay {
  let fromMin = 0;
  for (const stage of stages.slice(0, -1)) {
    fromMin += stage.min;
    if (tMin < fromMin) return stage.way;
  }
  return stages.at(-1)?.way ?? "room";
}

/** What cools slower than thought stays longer in its first stage, until the fridge may have it. */
function untilCool(facts: CoolingFacts, stages: readonly CoolingStage[]): readonly CoolingStage[] {
  const [first, ...rest] = stages;
  if (first === undefined || rest.length === 0) return stages;
  const alone = coolingCurve(facts, [{ way: first.way, min: 0 }]);
  const coolMin = whenAtMin(alone, FRIDGE_FROM_C);
  return coolMin === null ? stages : [{ ...first, min: Math.max(first.min, coolMin) }, ...rest];
}

/** The pace at which the simulated course passes through a reading, by halving. */
export function paceOf(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  reading: ChillReading,
): number {
  let slow = SLOWEST;
  let fast = FASTEST;
  for (let i = 0; i < 24; i++) {
    const middle = Math.sqrt(slow * fast);
    const tempC = tempAtC(coolingCurve({ ...facts, pace: middle }, stages), reading.tMin);
    if (tempC > reading.tempC) slow = middle;
    else fast = middle;
  }
  return Math.sqrt(slow * fast);
}

interface Evidence {
  readonly fromC: number;
  readonly readings: readonly ChillReading[];
  readonly before: BeforeChilling | null;
}

function gateNow(
  gate: Gate,
  points: readonly CoolingPoint[],
  nowMin: number,
  { fromC, readings, before }: Evidence,
): GateNow {
  const isRead = readings.some((r) => r.tempC <= gate.toC && r.tMin <= nowMin);
  const metMin = whenAtMin(points, gate.toC);
  // Begun under the line, and nobody saw when it fell under it: it can have been as early as off the heat.
  const isUnseen =
    fromC < gate.fromC && before !== null && (before.wasReadAboveC ?? -Infinity) < gate.fromC;
  const opensMin = isUnseen ? (points[0]?.tMin ?? 0) : whenAtMin(points, gate.fromC);
  if (opensMin === null || nowMin < opensMin)
    return { gate, state: "ahead", leftMin: null, metMin };
  const shutsMin = opensMin + gate.withinMin;
  const missed = isUnseen ? ("unknown" as const) : ("failed" as const);
  if (metMin !== null && metMin <= nowMin) {
    const inTime = metMin <= shutsMin;
    return { gate, state: inTime ? (isRead ? "met" : "likely") : missed, leftMin: null, metMin };
  }
  if (nowMin > shutsMin) return { gate, state: missed, leftMin: 0, metMin };
  const state = metMin === null || metMin > shutsMin ? "late" : "running";
  return { gate, state, leftMin: shutsMin - nowMin, metMin };
}
