import { coolingOf } from "../batch/chill-of";
import type { Cook } from "../batch/fold";
import { standingCourse } from "../batch/standing";
import type { CookEvent } from "../events/event-schema";
import type { Chill } from "../events/chill/schema";
import { untilCool } from "../cool/chill-live";
import {
  coolingCurve,
  tempAtC,
  type CoolingFacts,
  type CoolingPoint,
  type CoolingStage,
} from "../cool/cooling";
import type { SetPot } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import type { HiddenPot } from "./hidden-pot";

/** How fast heat still passes where the ice has melted or the air stands, against what is thought. */
const STALLED_PACE = 0.12;

/** How a practice pot really cools. */
export interface TrueChill {
  /** When it was chilled first, or anew from hot. */
  readonly beganMs: number;
  /** Min from then; what was before it below nothing. */
  readonly points: readonly CoolingPoint[];
}

/**
 * The true course of a pot that is chilled, as if nothing more were done: as it stood off the heat, then by
 * each way in turn. The first stalls where the lesson has it so, until the pot is moved. Null before it is
 * chilled, and where what it stands in is not there any more.
 */
export function trueChill(setPot: SetPot, pot: HiddenPot, cook: Cook): TrueChill | null {
  const trace = pot.wholeTrace(cook);
  const standing = trace === null ? null : standingCourse(setPot, cook, trace);
  const [first, ...rest] = cook.events.filter(isChange);
  if (standing === null || first === undefined) return null;
  const stood: TrueChill = {
    beganMs: first.atMs,
    points: standing.points.map(shifted((standing.offMs - first.atMs) / MINUTE_MS)),
  };
  return rest.reduce<TrueChill | null>(
    (course, change) => course && next(setPot, course, change),
    next(setPot, stood, { ...first, kind: "chillMoved" }, pot.trouble.chillStallsMin),
  );
}

type Change = Extract<CookEvent, { readonly chill: Chill }>;
const isChange = (event: CookEvent): event is Change => "chill" in event;

/** Chilled another way from where it is, or begun anew: what is begun again was made hot before. */
function next(
  { kitchen }: SetPot,
  course: TrueChill,
  { kind, chill, atMs }: Pick<Change, "kind" | "chill" | "atMs">,
  stallsMin = Infinity,
): TrueChill | null {
  const isAnew = kind === "chillBegun";
  const facts = coolingOf(
    { ...chill, fromC: isAnew ? chill.fromC : chilledC(course, atMs) },
    kitchen,
  );
  if (facts === null) return null;
  const beganMs = isAnew ? atMs : course.beganMs;
  const atMin = (atMs - beganMs) / MINUTE_MS;
  return {
    beganMs,
    points: [
      ...(isAnew ? [] : course.points.filter((p) => p.tMin < atMin)),
      ...stalling(facts, chill.stages, stallsMin).map(shifted(atMin)),
    ],
  };
}

/** How warm it really is at a moment, °C. */
export const chilledC = ({ beganMs, points }: TrueChill, atMs: number): number =>
  tempAtC(points, (atMs - beganMs) / MINUTE_MS);

const shifted =
  (byMin: number) =>
  ({ tMin, tempC }: CoolingPoint): CoolingPoint => ({ tMin: tMin + byMin, tempC });

/** As it goes until it stalls, and what is left of it then. */
function stalling(
  facts: CoolingFacts,
  stages: readonly CoolingStage[],
  stallsMin: number,
): readonly CoolingPoint[] {
  const all = coolingCurve(facts, untilCool(facts, stages));
  const well = all.filter((p) => p.tMin <= stallsMin);
  if (well.length === all.length) return all;
  const stalled = { ...facts, fromC: well.at(-1)?.tempC ?? facts.fromC, pace: STALLED_PACE };
  const slowly = coolingCurve(stalled, untilCool(stalled, stages)).slice(1);
  return [...well, ...slowly.map(shifted(stallsMin))];
}
