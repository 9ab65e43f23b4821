import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { PotToChill } from "../cool/chill-choices";
import type { CoolingFacts } from "../cool/cooling";
import type { Kitchen } from "../simulate/kitchen-schema";
import { airPressureKPa } from "../water/altitude";
import { chillNow, isMissed, type BeforeChilling, type ChillNow } from "../cool/chill-live";
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

/** A chilling as its readings have it now, with what a missed gate asks for. Times in min since it began. */
export interface ChillingNow extends ChillNow {
  readonly facts: CoolingFacts;
  readonly nowMin: number;
  readonly readings: readonly { readonly tMin: number; readonly tempC: number }[];
  readonly remedy: Remedy | null;
}

/** How a chilling stands against a code, from the minute it came off the heat (`standing`); null where what it stands in is not there any more. */
export function chillingNow(
  chilling: Chilling,
  kitchen: Kitchen,
  code: CodeOfCooling,
  nowMs: number,
  standing: StandingCourse | null = null,
): ChillingNow | null {
  const facts = coolingOf(chilling.chill, kitchen);
  if (facts === null) return null;
  const minOf = (ms: number) => (ms - chilling.beganMs) / MINUTE_MS;
  const readings = chilling.readings.map((r) => ({ tMin: minOf(r.atMs), tempC: r.tempC }));
  const nowMin = minOf(nowMs);
  // What is hot again once begins anew where it is hot.
  const before =
    standing === null || chilling.wasReheated ? null : beforeChilling(chilling, standing, kitchen);
  const now = chillNow(facts, chilling.chill.stages, readings, code.gates, nowMin, before);
  const missed = now.gates.filter((g) => isMissed(g.state)).map((g) => g.gate);
  return { ...now, facts, nowMin, readings, remedy: remedyFor(missed, chilling.wasReheated) };
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

/** From off the heat to the first way of chilling: on a decaying curve through what was read between. */
function beforeChilling(
  { chill, beganMs }: Chilling,
  { offMs, points, readings }: StandingCourse,
  kitchen: Kitchen,
): BeforeChilling {
  const spanMin = (beganMs - offMs) / MINUTE_MS;
  const seen = readings.filter((r) => r.tMin < spanMin);
  const off = points[0] ?? { tMin: 0, tempC: chill.fromC };
  const course = decayThrough(
    [off, ...seen, { tMin: spanMin, tempC: chill.fromC }],
    () => kitchen.roomC,
  );
  return {
    points: course.slice(0, -1).map((p) => ({ tMin: p.tMin - spanMin, tempC: p.tempC })),
    wasReadAboveC: seen.length === 0 ? null : Math.max(...seen.map((r) => r.tempC)),
  };
}

/** Chilled by the clock, all through. */
export const isChilled = ({ chilling }: Cook): boolean => (chilling?.endedMs ?? null) !== null;

/** True until it is chilled; what was logged without it is past chilling after a day. */
export const isStillToChill = (cook: Cook, nowMs: number): boolean =>
  !isChilled(cook) &&
  !isAllHandedOn(cook) &&
  (cook.stage !== "done" || nowMs - (cook.strainedMs ?? nowMs) <= PAST_CHILLING_MS);
