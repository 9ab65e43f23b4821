import type { SetPot } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { CoolingPoint } from "../cool/cooling";
import { tempAtC, whenAtMin } from "../cool/cooling";
import { decayThrough } from "../cool/decay";
import { standsAtC, type Standing } from "../cool/resting";
import { pointAt } from "../simulate/point-at";
import type { Trace } from "../simulate/trace";
import { containersOf } from "./chill-containers";
import { minOf } from "./course-of";
import type { Cook } from "./fold";

const AHEAD_MIN = 24 * 60;
const STEP_MIN = 5;

/** How a pot has cooled since it came off the heat, min from then, and whether a thermometer says so. */
export interface StandingCourse {
  readonly offMs: number;
  readonly points: readonly CoolingPoint[];
  /** Minutes from off at which the liquid was read, and what was read. */
  readonly readings: readonly CoolingPoint[];
}

/**
 * A pot off the heat: it cools as a covered pot with all that is in it, from the minute it came off, through
 * what was read since. Null while it is on.
 */
export function standingCourse(
  { plan, kitchen }: SetPot,
  cook: Cook,
  course: Trace,
): StandingCourse | null {
  const { offMs } = cook;
  if (offMs === null) return null;
  const off = pointAt(course, minOf(plan, cook, offMs));
  const readings = cook.temperatures
    .filter((t) => t.where === "liquid" && t.atMs > offMs)
    .map((t) => ({ tMin: (t.atMs - offMs) / MINUTE_MS, tempC: t.tempC }));
  const seen = decayThrough([{ tMin: 0, tempC: off.liquidC }, ...readings], () => kitchen.roomC);
  const last = seen.at(-1) ?? { tMin: 0, tempC: off.liquidC };
  const containers = containersOf(kitchen);
  const container = containers.find((c) => c.id === plan.vesselId) ?? containers[0];
  if (container === undefined) return { offMs, points: seen, readings };
  const standing: Standing = {
    container,
    massKg: Math.max(0.1, off.contentsKg),
    fromC: last.tempC,
    roomC: kitchen.roomC,
  };
  const ahead = Array.from({ length: AHEAD_MIN / STEP_MIN }, (_, i) => {
    const min = (i + 1) * STEP_MIN;
    return { tMin: last.tMin + min, tempC: standsAtC(standing, "pot", min) };
  });
  return { offMs, points: [...seen, ...ahead], readings };
}

/** How warm it is at a moment, °C. */
export const standsC = ({ offMs, points }: StandingCourse, atMs: number): number =>
  tempAtC(points, (atMs - offMs) / MINUTE_MS);

/** When it falls under a line, ms; null where not within a day. */
export function underLineMs({ offMs, points }: StandingCourse, lineC: number): number | null {
  const min = whenAtMin(points, lineC);
  return min === null ? null : offMs + min * MINUTE_MS;
}
