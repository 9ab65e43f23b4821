import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { PotToChill } from "../cool/chill-choices";
import type { BeforeChilling } from "../cool/before-chilling";
import { aroundC, type CoolingFacts, type CoolingPoint } from "../cool/cooling";
import type { Kitchen } from "../simulate/kitchen-schema";
import { airPressureKPa } from "../water/altitude";
import {
  chillAt,
  chillCourse,
  isMissed,
  type ChillCourse,
  type ChillNow,
} from "../cool/chill-live";
import { decayThrough } from "../cool/decay";
import { remedyFor, type CodeOfCooling, type Remedy } from "../cool/codes";
import { outcomeOf } from "../units/problem";
import type { Batch } from "./batch-schema";
import type { Chill } from "../events/chill/schema";
import { isAllHandedOn } from "./bowl-kg";
import { paceHere } from "./cooling-here";
import { containerOf } from "./chill-containers";
import type { Chilling } from "../events/chill/effects";
import type { Cook } from "./fold";
import { LiveModel } from "./live-model";
import { standingCourse, type StandingCourse } from "./standing";

/** After so long it is cold, or has to be thrown away. */
const PAST_CHILLING_MS = 24 * 60 * MINUTE_MS;

/** What is round a pot in this kitchen. */
export const potToChill = (kitchen: Kitchen, fromC: number, isThick: boolean): PotToChill => ({
  fromC,
  isThick,
  roomC: kitchen.roomC,
  waterC: kitchen.waterC,
  airKPa: airPressureKPa(kitchen.altitudeM),
  here: paceHere(kitchen),
});

/** A chilling as it was begun, to be reckoned; null where what it stands in is not there any more. */
export function coolingOf(chill: Chill, kitchen: Kitchen): CoolingFacts | null {
  const container = containerOf(kitchen, chill.containerId);
  return container === null
    ? null
    : {
        ...potToChill(kitchen, chill.fromC, chill.isThick),
        container,
        massKg: chill.massKg / chill.count,
      };
}

/** A chilling as its readings have it, whenever it is looked at. */
export interface ChillingCourse extends ChillCourse {
  readonly facts: CoolingFacts;
  readonly chilling: Chilling;
}

/** A chilling as it stands now, with what a missed gate asks for. Times in min since it began. */
export interface ChillingNow extends ChillNow {
  readonly facts: CoolingFacts;
  readonly nowMin: number;
  /** All since it came off the heat, those before it was moved too. */
  readonly allReadings: readonly CoolingPoint[];
  readonly remedy: Remedy | null;
}

/** How a chilling goes, from the minute it came off the heat (`standing`); null where what it stands in is not there any more. */
export function chillingCourse(
  chilling: Chilling,
  kitchen: Kitchen,
  standing: StandingCourse | null = null,
): ChillingCourse | null {
  const facts = coolingOf(chilling.chill, kitchen);
  if (facts === null) return null;
  const readings = chilling.readings.map((r) => ({
    tMin: (r.atMs - chilling.beganMs) / MINUTE_MS,
    tempC: r.tempC,
  }));
  const before = beforeOf(chilling, kitchen, standing);
  return { ...chillCourse(facts, chilling.chill.stages, readings, before), facts, chilling };
}

/** How it stands against a code at a moment. */
export function chillingAt(
  course: ChillingCourse,
  { gates }: CodeOfCooling,
  nowMs: number,
): ChillingNow {
  const { facts, chilling, before, readings } = course;
  const nowMin = (nowMs - chilling.beganMs) / MINUTE_MS;
  const now = chillAt(course, gates, nowMin);
  const missed = now.gates.filter((g) => isMissed(g.state)).map((g) => g.gate);
  return {
    ...now,
    facts,
    nowMin,
    allReadings: [...(before?.readings ?? []), ...readings],
    remedy: remedyFor(missed, chilling.wasReheated),
  };
}

/**
 * How a pot has stood since it came off the heat, wherever it is by now: in the pot, in the logbook or in
 * jars. Of one that cannot be reckoned nothing is known but when it came off. Null while it is on.
 */
export function standingOf(
  { plan, kitchen }: Pick<Batch, "plan" | "kitchen">,
  cook: Cook,
): StandingCourse | null {
  const { offMs } = cook;
  if (offMs === null) return null;
  const setPot = resolve(plan, kitchen);
  const outcome = outcomeOf(() =>
    standingCourse(setPot, cook, new LiveModel(setPot, cook, offMs).long),
  );
  return outcome.ok ? outcome.value : { offMs, points: [], readings: [] };
}

/** What its clock has run through before it stood as it does; null where it begins hot, or nobody knows. */
function beforeOf(
  { chill, beganMs, wasReheated, moved }: Chilling,
  kitchen: Kitchen,
  standing: StandingCourse | null,
): BeforeChilling | null {
  if (moved !== null) return beforeMoved(moved, beganMs, chill.fromC, kitchen, standing);
  // What is hot again once begins anew where it is hot.
  return standing === null || wasReheated
    ? null
    : beforeChilling(standing, beganMs, chill.fromC, kitchen);
}

/** From off the heat to the first way of chilling, begun at atMs: on a decaying curve through what was read between. */
export function beforeChilling(
  { offMs, points, readings }: StandingCourse,
  atMs: number,
  fromC: number,
  kitchen: Kitchen,
): BeforeChilling {
  const spanMin = (atMs - offMs) / MINUTE_MS;
  const seen = readings.filter((r) => r.tMin < spanMin);
  const off = points[0] ?? { tMin: 0, tempC: fromC };
  const course = decayThrough([off, ...seen, { tMin: spanMin, tempC: fromC }], () => kitchen.roomC);
  return {
    points: later(course.slice(0, -1), -spanMin),
    wasReadAboveC: seen.length === 0 ? null : Math.max(...seen.map((r) => r.tempC)),
    readings: [],
  };
}

/** From off the heat to where it is moved at atMs, at fromC: all that was so before, and through what was read. */
export function beforeMoved(
  moved: Chilling,
  atMs: number,
  fromC: number,
  kitchen: Kitchen,
  standing: StandingCourse | null,
): BeforeChilling {
  const { chill, beganMs } = moved;
  const minOf = (ms: number) => (ms - atMs) / MINUTE_MS;
  const earlier = beforeOf(moved, kitchen, standing);
  const seen = moved.readings.map((r) => ({ tMin: minOf(r.atMs), tempC: r.tempC }));
  const facts = coolingOf(chill, kitchen);
  const way = chill.stages[0]?.way ?? "room";
  const course = decayThrough(
    [{ tMin: minOf(beganMs), tempC: chill.fromC }, ...seen, { tMin: 0, tempC: fromC }],
    () => (facts === null ? kitchen.roomC : aroundC(facts, way)),
  );
  return {
    points: [...later(earlier?.points ?? [], minOf(beganMs)), ...course.slice(0, -1)],
    wasReadAboveC: Math.max(
      chill.fromC,
      earlier?.wasReadAboveC ?? -Infinity,
      ...seen.map((r) => r.tempC),
    ),
    readings: [...later(earlier?.readings ?? [], minOf(beganMs)), ...seen],
  };
}

const later = (points: readonly CoolingPoint[], min: number): readonly CoolingPoint[] =>
  points.map((p) => ({ tMin: p.tMin + min, tempC: p.tempC }));

/** Chilled by the clock, all through. */
export const isChilled = ({ chilling }: Cook): boolean => (chilling?.endedMs ?? null) !== null;

/** True until it is chilled; what was logged without it is past chilling after a day. */
export const isStillToChill = (cook: Cook, nowMs: number): boolean =>
  !isChilled(cook) &&
  !isAllHandedOn(cook) &&
  (cook.stage !== "done" || nowMs - (cook.strainedMs ?? nowMs) <= PAST_CHILLING_MS);
