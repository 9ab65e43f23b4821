import { gateOpens, type BeforeChilling } from "./before-chilling";
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

/** Where a gate stands now. */
export interface GateNow {
  readonly gate: Gate;
  readonly state: GateState;
  /** Minutes left until it shuts; null before it opens and once it is met. */
  readonly leftMin: number | null;
  /** When it is thought to be met, min from the beginning; null where never. */
  readonly metMin: number | null;
}

/** A chilling as its thermometer has it, whenever it is looked at. Times in min since it began. */
export interface ChillCourse {
  /** The stages as they will be: out of the first once it is cool enough for the fridge. */
  readonly stages: readonly CoolingStage[];
  /** Since it came off the heat. */
  readonly points: readonly CoolingPoint[];
  /** Since it began to be chilled so. */
  readonly chilled: readonly CoolingPoint[];
  readonly pace: number;
  readonly readings: readonly ChillReading[];
  readonly before: BeforeChilling | null;
}

export interface ChillNow extends ChillCourse {
  readonly nowC: number;
  readonly gates: readonly GateNow[];
}

/** Cool enough to go into a fridge and not warm it, °C. */
export const FRIDGE_FROM_C = 20;
export const SLOWEST = 0.2;
export const FASTEST = 4;

/**
 * The course as its thermometer has it: the pace of the heat's passing is fitted to the last reading, what
 * was read stands, on a decaying curve between, and what is to come goes on from there. The clock starts as
 * `before` has it: at the minute it came off the heat, however often it was moved since.
 */
export function chillCourse(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  readings: readonly ChillReading[],
  before: BeforeChilling | null = null,
): ChillCourse {
  const last = readings.filter((r) => r.tMin > 0.5).at(-1);
  const pace = last === undefined ? 1 : paceOf(facts, stages, last);
  const adjusted = untilCool({ ...facts, pace }, stages);
  const around = (tMin: number) => aroundC(facts, wayAt(adjusted, tMin));
  const began = { tMin: 0, tempC: facts.fromC };
  const seen = [...(readings[0]?.tMin === 0 ? [] : [began]), ...readings];
  // One that is too early to tell the pace is gone on from all the same.
  const ahead = forecastFrom({ ...facts, pace }, adjusted, seen.at(-1) ?? began);
  const chilled = [...decayThrough(seen, around), ...ahead.slice(1)];
  const points = [...(before?.points ?? []), ...chilled];
  return { stages: adjusted, points, chilled, pace, readings, before };
}

/** How it stands at a moment. */
export const chillAt = (course: ChillCourse, gates: readonly Gate[], nowMin: number): ChillNow => ({
  ...course,
  nowC: tempAtC(course.points, nowMin),
  gates: gates.map((gate) => gateNow(gate, course, nowMin)),
});

/** The way it stands in at a moment. */
function wayAt(stages: readonly CoolingStage[], tMin: number): CoolingWay {
  let fromMin = 0;
  for (const stage of stages.slice(0, -1)) {
    fromMin += stage.min;
    if (tMin < fromMin) return stage.way;
  }
  return stages.at(-1)?.way ?? "room";
}

/** The course from what was read last on: it goes on from there, by what is left of the stages. */
function forecastFrom(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  { tMin, tempC }: ChillReading,
): readonly CoolingPoint[] {
  let beganMin = 0;
  const left: CoolingStage[] = [];
  for (const [i, stage] of stages.entries()) {
    const min = beganMin + stage.min - Math.max(beganMin, tMin);
    if (i === stages.length - 1 || min > 0) left.push({ ...stage, min: Math.max(0, min) });
    beganMin += stage.min;
  }
  return coolingCurve({ ...facts, fromC: tempC }, left).map((p) => ({
    tMin: p.tMin + tMin,
    tempC: p.tempC,
  }));
}

/** What cools slower than thought stays longer in its first stage, until the fridge may have it. */
export function untilCool(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  longestMin?: number,
): readonly CoolingStage[] {
  const [first, ...rest] = stages;
  if (first === undefined || rest.length === 0) return stages;
  const alone = coolingCurve(facts, [{ way: first.way, min: 0 }], longestMin);
  const coolMin = whenAtMin(alone, FRIDGE_FROM_C) ?? longestMin ?? null;
  return coolMin === null ? stages : [{ ...first, min: Math.max(first.min, coolMin) }, ...rest];
}

/** The pace at which the simulated course passes through a reading, moved on as it is cool enough, by halving. */
export function paceOf(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  reading: ChillReading,
): number {
  let slow = SLOWEST;
  let fast = FASTEST;
  for (let i = 0; i < 24; i++) {
    const middle = Math.sqrt(slow * fast);
    const paced = { ...facts, pace: middle };
    const cool = untilCool(paced, stages, reading.tMin);
    const tempC = tempAtC(coolingCurve(paced, cool, reading.tMin), reading.tMin);
    if (tempC > reading.tempC) slow = middle;
    else fast = middle;
  }
  return Math.sqrt(slow * fast);
}

function gateNow(
  gate: Gate,
  { chilled, points, readings, before }: ChillCourse,
  nowMin: number,
): GateNow {
  const isRead = [...(before?.readings ?? []), ...readings].some(
    (r) => r.tempC <= gate.toC && r.tMin <= nowMin,
  );
  const metMin = whenAtMin(points, gate.toC);
  const { opensMin, isUnseen } = gateOpens(gate, chilled, before);
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
