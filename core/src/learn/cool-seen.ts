import { ln } from "../units/same-math";
import { coolingOf } from "../batch/chill-of";
import { CHILL_NOISE, coolingThing } from "../batch/cooling-here";
import { FASTEST, paceOf, SLOWEST, type ChillReading } from "../cool/chill-live";
import {
  aroundC,
  coolingCurve,
  tempAtC,
  type CoolingFacts,
  type CoolingStage,
} from "../cool/cooling";
import { spreadOf } from "../cool/ways";
import { waysOf, type Chilling } from "../events/chill/effects";
import { untaught } from "../simulate/learned";
import { kitchenEstimate } from "../units/constant";
import { MINUTE_MS } from "../units/time";
import type { Observation } from "./belief";
import type { LoggedPot } from "./from-pot";
import { THERMOMETER_SD_C } from "./thermometer";

const READ_SD = kitchenEstimate("a reading while it cools", 0.1, "log", "kitchen estimate");
/** Sooner than this, or nearer to either end, a reading tells nothing of the pace. */
const LEAST_MIN = 5;
const LEAST_FALL_C = 5;
const STEP = 1.1;

/**
 * How fast what was chilled cooled against what is thought, by the last thermometer while it stood in the first stage
 * of a way; where it was moved, by the last way that one tells of. Nothing of practice, nor where it was read too
 * soon, or when it was as cold as what is round it.
 */
export function coolSeen({ batch, cook: { chilling } }: LoggedPot): readonly Observation[] {
  if (batch.practice !== undefined || chilling === null) return [];
  const seen = waysOf(chilling).map((way) => wayIn(batch, way));
  return seen.findLast((one) => one.length > 0) ?? [];
}

function wayIn(batch: LoggedPot["batch"], chilling: Chilling): readonly Observation[] {
  const facts = coolingOf(chilling.chill, untaught(batch.kitchen));
  const first = chilling.chill.stages[0];
  if (facts === null || first === undefined) return [];
  const untilMin = chilling.chill.stages.length === 1 ? Infinity : first.min;
  const last = chilling.readings
    .map((r) => ({ tMin: (r.atMs - chilling.beganMs) / MINUTE_MS, tempC: r.tempC }))
    .filter((r) => r.tMin >= LEAST_MIN && r.tMin <= untilMin && tells(r, facts, first))
    .at(-1);
  if (last === undefined) return [];
  const pace = paceOf(facts, [first], last);
  if (pace < SLOWEST * STEP || pace > FASTEST / STEP) return [];
  return [
    {
      potId: batch.id,
      thing: coolingThing(facts.container.id, first.way),
      log: ln(pace),
      sd: Math.hypot(READ_SD.value, CHILL_NOISE.value, readSd(facts, first, pace, last.tMin)),
      sigma: spreadOf([first]),
    },
  ];
}

const tells = ({ tempC }: ChillReading, facts: CoolingFacts, { way }: CoolingStage): boolean =>
  tempC <= facts.fromC - LEAST_FALL_C && tempC >= aroundC(facts, way) + LEAST_FALL_C;

/** What half a degree comes to in the logarithm of the pace, at a moment. */
function readSd(facts: CoolingFacts, stage: CoolingStage, pace: number, tMin: number): number {
  const at = (by: number) => tempAtC(coolingCurve({ ...facts, pace: pace * by }, [stage]), tMin);
  const perLogC = (at(1 / STEP) - at(STEP)) / (2 * ln(STEP));
  return THERMOMETER_SD_C.value / Math.max(THERMOMETER_SD_C.value, perLogC);
}
