import { powerOf } from "../units/same-math";
import { HOLD_MIN } from "../units/limits";
import { pointAt } from "../simulate/point-at";
import type { Trace } from "../simulate/trace";
import { LeanPiece } from "./lean-piece";

/** A liquid's temperature by straight lines; times in min from the cook's clock, come-up negative. */
export interface Course {
  readonly tMin: Float64Array;
  readonly liquidC: Float64Array;
  /** How far it has climbed from where the hold starts to its plateau, 0–1. */
  readonly progress: Float64Array;
  /** Temperature the hold comes to, °C. */
  readonly holdC: number;
}

/** How one draw differs from the expected course. */
export interface Shift {
  readonly zC: number;
  /** Added to the plateau, °C; capped so that holdC never passes capC. */
  readonly plateauC: number;
  readonly capC: number;
  /** Multipliers on the time of the come-up and of the warming in the hold. */
  readonly comeUp: number;
  readonly warmUp: number;
}

const COME_UP_POINTS = 10;
const HOLD_POINTS = 24;
const LONGEST_STEP_MIN = 20;
const EXTEND_STEP_MIN = 60;

/** Every n-th of a list, the last one kept. */
function thinned<T>(list: readonly T[], most: number): readonly T[] {
  if (list.length <= most) return list;
  return Array.from(
    { length: most },
    (_, i) => list[Math.round((i * (list.length - 1)) / (most - 1))] as T,
  );
}

/** The course of a simulated pot up to the end of its hold, thinned, and held on from there. */
export function courseOf(trace: Trace): Course {
  const before = trace.points.filter((p) => p.tMin < trace.toSimmerMin - 1e-9);
  // Denser at the beginning, where the liquid still moves.
  const count = trace.holdMin > 0 ? HOLD_POINTS : 1;
  const hold = Array.from({ length: count }, (_, i) => ({
    tMin: trace.toSimmerMin + trace.holdMin * powerOf(i / Math.max(1, count - 1), 1.6),
  })).map(({ tMin }) => ({ tMin, liquidC: pointAt(trace, tMin).liquidC }));
  const points = [...thinned(before, COME_UP_POINTS), ...hold].map((p) => ({
    tMin: p.tMin - trace.toSimmerMin,
    liquidC: p.liquidC,
  }));
  const lastMin = points.at(-1)?.tMin ?? 0;
  const lastC = points.at(-1)?.liquidC ?? trace.holdC;
  // What still climbs at the end goes on halfway to the plateau each hour.
  let c = lastC;
  for (let t = lastMin + EXTEND_STEP_MIN; t <= HOLD_MIN.most; t += EXTEND_STEP_MIN) {
    c = trace.holdC - (trace.holdC - c) * 0.6;
    points.push({ tMin: t, liquidC: c });
  }
  const fromC = hold[0]?.liquidC ?? trace.holdC;
  const climbC = trace.holdC - fromC;
  const progressOf = (p: { tMin: number; liquidC: number }): number => {
    if (p.tMin < 0) return 0;
    return Math.abs(climbC) < 0.5 ? 1 : Math.min(1, Math.max(0, (p.liquidC - fromC) / climbC));
  };
  return {
    tMin: Float64Array.from(points, (p) => p.tMin),
    liquidC: Float64Array.from(points, (p) => p.liquidC),
    progress: Float64Array.from(points, progressOf),
    holdC: trace.holdC,
  };
}

/** What a piece comes to along a course. */
export interface Along {
  /** Minutes of hold until cookMin and the centre's gate are both there; Infinity if never. */
  readonly reachedMin: number;
  /** Cook value at atMin of the hold. */
  readonly cookAtMin: number;
}

export interface Wanted {
  readonly cookMin: number;
  readonly centreC: number;
  /** The minute of the hold whose cook value is asked for; where no cook value is to be reached, it ends there. */
  readonly atMin: number;
}

/**
 * Follows a piece along a shifted course: when it reaches a cook value with its centre hot enough, and
 * its cook value at a given minute. Trapezoid on the rate between the course's points.
 */
export function followCourse(
  course: Course,
  shift: Shift,
  tauS: number,
  startC: number,
  wanted: Wanted,
): Along {
  const { tMin, liquidC, progress, holdC } = course;
  const n = tMin.length;
  const plateauC = Math.min(shift.capC, holdC + shift.plateauC) - holdC;
  const firstMin = tMin[0] ?? 0;
  let t = firstMin * (firstMin < 0 ? shift.comeUp : shift.warmUp);
  const piece = new LeanPiece(tauS, startC, (liquidC[0] ?? 0) + plateauC * (progress[0] ?? 0));
  let rate = piece.meanRate(shift.zC);
  let cook = 0;
  let centreBefore = startC;
  let reachedMin = Infinity;
  let cookAtMin = Number.NaN;
  for (let i = 1; i < n; i++) {
    const plainMin = tMin[i] as number;
    const toMin = plainMin * (plainMin < 0 ? shift.comeUp : shift.warmUp);
    const toC = (liquidC[i] as number) + plateauC * (progress[i] as number);
    const fromC = piece.liquidC;
    const parts = Math.max(1, Math.ceil((toMin - t) / LONGEST_STEP_MIN));
    const stepMin = (toMin - t) / parts;
    for (let k = 1; k <= parts; k++) {
      piece.advance(stepMin, fromC + ((toC - fromC) * k) / parts);
      const next = piece.meanRate(shift.zC);
      const before = cook;
      cook += ((rate + next) / 2) * stepMin;
      if (t <= wanted.atMin && t + stepMin >= wanted.atMin)
        cookAtMin = before + ((cook - before) * (wanted.atMin - t)) / Math.max(1e-9, stepMin);
      if (reachedMin === Infinity && cook >= wanted.cookMin) {
        const { centreC } = piece;
        if (centreC >= wanted.centreC) {
          const byCook = (wanted.cookMin - before) / Math.max(1e-12, cook - before);
          // Before the cook value was there the centre was not asked for: it is then no later.
          const byCentre =
            before < wanted.cookMin
              ? 0
              : (wanted.centreC - centreBefore) / (centreC - centreBefore);
          reachedMin = t + stepMin * Math.min(1, Math.max(0, byCook, byCentre));
        }
        centreBefore = centreC;
      }
      rate = next;
      t += stepMin;
      const isThere = reachedMin < Infinity || wanted.cookMin === Infinity;
      if (isThere && t >= wanted.atMin) return { reachedMin, cookAtMin };
    }
  }
  return { reachedMin, cookAtMin: Number.isNaN(cookAtMin) ? cook : cookAtMin };
}
