import { exp, ln } from "../units/same-math";
import { square } from "../units/whole-power";
import type { SetPot } from "../simulate/set-pot";
import { boilFirstMinOf, vigourOf } from "../heats/heat";
import { simmerC } from "../heat/hob";
import type { Course } from "../simulate/course";
import { EXPECTED, SPREAD, type Parameters } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { pointAt } from "../simulate/point-at";
import type { Trace } from "../simulate/trace";
import { courseOf, drifts, minOf } from "./course-of";
import type { Cook } from "./fold";
import { lastSeenMs } from "./unseen";

/** A thermometer in the liquid, one standard deviation, °C. */
const THERMOMETER_SD_C = 1;
/** So near its plateau a reading speaks of the plateau and no more of the pace. */
const NEAR_PLATEAU_C = 5;
/** A thermometer this close says that it is there, °C. */
const THERE_C = 1.5;
/** What should have boiled by now is thought to within a tenth of the time it took, at least 2 min. */
const STILL_SHARE = 0.1;
const STILL_MIN = 2;
/** So long after it was due, or after the last entry, a cook who is there would have said that it boils. */
const WOULD_SAY_MIN = 60;

/** What the cook's taps and thermometer say of how the pot warms. */
export interface AsSeen {
  readonly course: Course;
  readonly parameters: Parameters;
}

/**
 * The course so far, with the moment it came up (seen, or foreseen from readings and from its not having
 * happened yet), and the pace of a heat that only drifts to its plateau.
 */
export function asSeen(setPot: SetPot, cook: Cook, nowMs: number, planned: Trace): AsSeen {
  const { plan } = setPot;
  const course = courseOf(setPot, cook, nowMs);
  if (cook.litMs === null) return { course, parameters: EXPECTED };
  if (drifts(plan)) return { course, parameters: paceOf(plan, cook, planned) };
  const nowMin = minOf(plan, cook, nowMs);
  const boilMin = boilFirstMinOf(plan.heat);
  const simmerMin = cook.simmerMs === null ? null : minOf(plan, cook, cook.simmerMs);
  const boiledMin = cook.boiledMs === null ? null : minOf(plan, cook, cook.boiledMs);
  const cameUpMin =
    boilMin === null
      ? simmerMin
      : (boiledMin ?? (simmerMin === null ? null : Math.max(0.5, simmerMin - boilMin)));
  const turnedDownMin =
    boilMin === null || cameUpMin === null
      ? null
      : (simmerMin ?? Math.max(cameUpMin + boilMin, nowMin));
  return {
    course: {
      ...course,
      cameUpMin: cameUpMin ?? notYet(plan, cook, course, planned, nowMin),
      turnedDownMin,
      seen: simmerMin === null ? [] : seenOf(setPot, cook, course, simmerMin),
    },
    parameters: EXPECTED,
  };
}

/** Readings within so long speak of one and the same simmer, min; an instrument gives many. */
const TOGETHER_MIN = 15;
/** After a cold time or a pour it is on its way back, and says nothing of the simmer, min. */
const UNSETTLED_MIN = 12;

/**
 * At what the liquid is held on the ring, by its thermometer: readings in the simmer, those close together
 * as one, drawn toward what this simmer should be by how far a thermometer is out. Each counts back half-way
 * to the one before, for nobody saw when it changed.
 */
function seenOf(
  { plan, kitchen }: SetPot,
  cook: Cook,
  course: Course,
  simmerMin: number,
): Course["seen"] {
  const vigour = vigourOf(plan.heat);
  if (vigour === null) return [];
  const turnBefore = (tMin: number) => course.turns.findLast((t) => t.tMin <= tMin);
  const isUnsettled = (tMin: number) =>
    course.gaps.some((g) => tMin >= g.fromMin && tMin < g.toMin + UNSETTLED_MIN) ||
    course.happenings.some((h) => tMin >= h.tMin && tMin < h.tMin + UNSETTLED_MIN);
  const seen: { tMin: number; tempC: number }[] = [];
  let group: { tMin: number; temps: number[] } | null = null;
  let fromMin = simmerMin;
  const close = () => {
    if (group === null) return;
    const turn = turnBefore(group.tMin);
    const setC = simmerC(turn?.vigour ?? vigour, kitchen.altitudeM);
    const readC = group.temps.reduce((sum, t) => sum + t, 0) / group.temps.length;
    const precision = square(SPREAD.plateauC.value) / square(THERMOMETER_SD_C);
    const since = Math.max(fromMin, turn?.tMin ?? 0);
    seen.push({
      tMin: (since + group.tMin) / 2,
      tempC: setC + ((readC - setC) * precision) / (precision + 1),
    });
    fromMin = group.tMin;
    group = null;
  };
  for (const { where, atMs, tempC } of cook.temperatures) {
    const tMin = minOf(plan, cook, atMs);
    if (where !== "liquid" || tMin <= simmerMin || isUnsettled(tMin)) continue;
    if (
      group !== null &&
      (tMin - group.tMin > TOGETHER_MIN || turnBefore(tMin) !== turnBefore(group.tMin))
    )
      close();
    group ??= { tMin, temps: [] };
    group.temps.push(tempC);
  }
  close();
  return seen;
}

/** When it will come up, where it has not: null leaves it to the fire as planned. */
function notYet(
  plan: Plan,
  cook: Cook,
  course: Course,
  planned: Trace,
  nowMin: number,
): number | null {
  const there = thereByThermometer(plan, cook, planned);
  if (there !== null) return Math.max(0.5, minOf(plan, cook, there.atMs));
  const stretch = stretchOf(plan, cook, planned);
  const hasGap = course.gaps.some((g) => g.what === "heat");
  const expected = planned.comeUpMin * stretch;
  // While somebody is there who would say so; of a pot that nobody looks at it is taken to have come up.
  const seenMin = Math.max(expected, minOf(plan, cook, lastSeenMs(cook) ?? 0));
  if (expected <= nowMin && nowMin - seenMin <= WOULD_SAY_MIN)
    return nowMin + Math.max(STILL_MIN, STILL_SHARE * nowMin);
  return stretch === 1 || hasGap ? null : expected;
}

/** The first reading that says it is up, though nobody has said so; null without one. */
export function thereByThermometer(
  plan: Plan,
  cook: Cook,
  planned: Trace,
): { readonly atMs: number; readonly tempC: number } | null {
  const boils = boilFirstMinOf(plan.heat) !== null;
  const wantedC = (boils ? planned.boilingC : planned.holdC) - THERE_C;
  return cook.temperatures.find((t) => t.where === "liquid" && t.tempC >= wantedC) ?? null;
}

/** How much slower it warms than planned, from the last reading on the way up; 1 without one. */
function stretchOf(plan: Plan, cook: Cook, planned: Trace): number {
  const startC = planned.points[0]?.liquidC ?? 0;
  const reading = cook.temperatures.findLast(
    (t) => t.where === "liquid" && t.tempC > startC + 3 && t.tempC < planned.boilingC - 2,
  );
  if (reading === undefined) return 1;
  return exp(logStretch(reading, plan, cook, planned, SPREAD.efficiency.value));
}

/** The pace a reading speaks of, as log of the real time over the simulated one, shrunk to the prior. */
function logStretch(
  reading: { atMs: number; tempC: number },
  plan: Plan,
  cook: Cook,
  planned: Trace,
  priorSd: number,
): number {
  const startC = planned.points[0]?.liquidC ?? 0;
  const plannedMin = planned.points.find((p) => p.liquidC >= reading.tempC)?.tMin ?? null;
  const realMin = minOf(plan, cook, reading.atMs);
  if (plannedMin === null || plannedMin <= 0 || realMin <= 0) return 0;
  const readingSd = THERMOMETER_SD_C / Math.max(1, reading.tempC - startC);
  const precision = 1 / square(readingSd);
  return (ln(realMin / plannedMin) * precision) / (precision + 1 / square(priorSd));
}

/** Pace and plateau of a slow cooker or oven as its thermometer has them. */
function paceOf(plan: Plan, cook: Cook, planned: Trace): Parameters {
  const reading = cook.temperatures.findLast((t) => t.where === "liquid");
  if (reading === undefined) return EXPECTED;
  const foreseenC = pointAt(planned, minOf(plan, cook, reading.atMs)).liquidC;
  if (foreseenC < planned.holdC - NEAR_PLATEAU_C && reading.tempC < planned.holdC - NEAR_PLATEAU_C)
    return {
      ...EXPECTED,
      warmUp: exp(logStretch(reading, plan, cook, planned, SPREAD.warmUp.value)),
    };
  const priorPrecision = 1 / square(SPREAD.plateauC.value);
  const readingPrecision = 1 / square(THERMOMETER_SD_C);
  return {
    ...EXPECTED,
    plateauC:
      ((reading.tempC - foreseenC) * readingPrecision) / (readingPrecision + priorPrecision),
  };
}

/** When the simmer's clock starts, min from the first heat. */
export function simmersAtMin(plan: Plan, course: Course, planned: Trace): number {
  const { cameUpMin, turnedDownMin } = course;
  if (turnedDownMin !== null) return turnedDownMin;
  if (cameUpMin === null) return planned.toSimmerMin;
  const boilMin = boilFirstMinOf(plan.heat) ?? 0;
  return cameUpMin + boilMin;
}
