import type { Gate } from "./codes";
import {
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

export type GateState = "ahead" | "running" | "met" | "failed" | "late";

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
const SLOWEST = 0.2;
const FASTEST = 4;

/**
 * The course as its thermometer has it: the pace of the heat's passing is fitted to the last reading, what
 * was read stands, and what is to come goes on from there.
 */
export function chillNow(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  readings: readonly ChillReading[],
  gates: readonly Gate[],
  nowMin: number,
): ChillNow {
  const last = readings.filter((r) => r.tMin > 0.5).at(-1);
  const pace = last === undefined ? 1 : paceOf(facts, stages, last);
  const adjusted = untilCool({ ...facts, pace }, stages);
  const forecast = coolingCurve({ ...facts, pace }, adjusted);
  const points =
    readings.length === 0
      ? forecast
      : [
          ...(readings[0]?.tMin === 0 ? [] : [{ tMin: 0, tempC: facts.fromC }]),
          ...readings,
          ...forecast.filter((p) => p.tMin > (readings.at(-1)?.tMin ?? 0)),
        ];
  return {
    stages: adjusted,
    points,
    nowC: tempAtC(points, nowMin),
    pace,
    gates: gates.map((gate) => gateNow(gate, points, nowMin)),
  };
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
function paceOf(
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

function gateNow(gate: Gate, points: readonly CoolingPoint[], nowMin: number): GateNow {
  const fromMin = whenAtMin(points, gate.fromC);
  const metMin = whenAtMin(points, gate.toC);
  if (fromMin === null || nowMin < fromMin) return { gate, state: "ahead", leftMin: null, metMin };
  const shutsMin = fromMin + gate.withinMin;
  const isMet = metMin !== null && metMin <= nowMin;
  if (isMet) return { gate, state: metMin <= shutsMin ? "met" : "failed", leftMin: null, metMin };
  if (nowMin > shutsMin) return { gate, state: "failed", leftMin: 0, metMin };
  const state = metMin === null || metMin > shutsMin ? "late" : "running";
  return { gate, state, leftMin: shutsMin - nowMin, metMin };
}
