import { asPlanned } from "../simulate/as-planned";
import { resolve, type SetPot } from "../simulate/set-pot";
import { isSealed } from "../heats/heat";
import { DEPTH_SD_M } from "../batch/live-model";
import { steamSigmaLog } from "../simulate/heat-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import { POT_NOISE, steamHere, steamThing } from "../simulate/learned";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { pointAt } from "../simulate/point-at";
import { outcomeOf } from "../units/problem";
import { vesselAreaM2 } from "../vessel/volume";
import { waterDensityKgL } from "../water/properties";
import { plusMinus } from "./belief";

/** A level is read so far into the hold: late enough to tell, early enough to do something. */
const READ_AT = 0.8;
/** Less than this nobody would notice, in hundredths. */
const LEAST_GAIN_PCT = 4;

/** A level that would teach something, when that plan is cooked next. */
export interface NextReading {
  readonly planId: string;
  /** So long after it simmers, min. */
  readonly atMin: number;
  /** How well it is known how fast that pot steams, and would be then, in hundredths either way. */
  readonly plusMinusPct: number;
  readonly thenPct: number;
}

/**
 * The readings that would teach most next time: of each pot as it is planned, how much a level late in its hold
 * narrows what is known of its steam (conjugate normal, by the stick's 2 mm and what one pot is off from the next).
 * @returns the best first, one of each pot with its lid and vigour
 */
export function nextReadings(plans: readonly Plan[], kitchen: Kitchen): readonly NextReading[] {
  const best = new Map<string, NextReading>();
  for (const plan of plans) {
    // Of several heats, and under pressure, a level teaches nothing.
    if (plan.then.length > 0 || isSealed(plan.heat)) continue;
    const outcome = outcomeOf(() => readingOf(resolve(plan, kitchen)));
    if (!outcome.ok || outcome.value === null) continue;
    const thing = steamThing(plan.vesselId, plan.heat);
    const before = best.get(thing);
    if (before === undefined || gainOf(before) < gainOf(outcome.value))
      best.set(thing, outcome.value);
  }
  return [...best.values()]
    .filter((r) => gainOf(r) >= LEAST_GAIN_PCT)
    .sort((a, b) => gainOf(b) - gainOf(a));
}

const gainOf = ({ plusMinusPct, thenPct }: NextReading): number => plusMinusPct - thenPct;

function readingOf(setPot: SetPot): NextReading | null {
  const { plan, kitchen } = setPot;
  const { trace } = asPlanned(setPot);
  if (trace.problem !== null) return null;
  const atMin = READ_AT * trace.holdMin;
  const { steamedKg, depthM, liquidC } = pointAt(trace, trace.toSimmerMin + atMin);
  if (steamedKg <= 0) return null;
  const areaM2 = vesselAreaM2(vesselOf(setPot), depthM);
  const readKg = DEPTH_SD_M * areaM2 * 1000 * waterDensityKgL(liquidC);
  const noise = Math.hypot(POT_NOISE.value, readKg / steamedKg);
  const sd = steamHere(kitchen, plan.vesselId, plan.heat)?.sd ?? steamSigmaLog(plan.heat);
  return {
    planId: plan.id,
    atMin,
    plusMinusPct: plusMinus(sd),
    thenPct: plusMinus(1 / Math.hypot(1 / sd, 1 / noise)),
  };
}
