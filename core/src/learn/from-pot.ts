import { ln } from "../units/same-math";
import { square } from "../units/whole-power";
import { resolve } from "../simulate/set-pot";
import { isOnRing, isSealed } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import type { Batch } from "../batch/batch-schema";
import type { Cook } from "../batch/fold";
import { independent } from "../batch/live-forecast";
import { JUG_SD_L, LiveModel } from "../batch/live-model";
import { cookedPlan } from "../batch/live-plan";
import { steamSigmaLog } from "../simulate/heat-facts";
import { COME_UP_NOISE, POT_NOISE, ringThing, steamThing, untaught } from "../simulate/learned";
import { EXPECTED, SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { pointAt } from "../simulate/point-at";
import { coldWaterKg, waterL } from "../simulate/stated-water";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { outcomeOf } from "../units/problem";
import type { Observation } from "./belief";

/** A pot of the log, with its events in force. */
export interface LoggedPot {
  readonly batch: Batch;
  readonly cook: Cook;
}

/** What a pot says of something, or why it says nothing. */
export type Seen =
  | { readonly ok: true; readonly observation: Observation }
  | { readonly ok: false; readonly why: string };

/** What is further out than this, either way, was no reading of it; a little steam tells nothing. */
const LEAST_RATE = 0.05;
const MOST_RATE = 6;
const ROUNDS = 6;
const SETTLED = 0.003;
const MOST_SD = 0.6;
/** Sooner than this nobody can have seen it boil, min. */
const LEAST_COME_UP_MIN = 3;
const STEP_UP = 1.15;

const nothing = (why: string): Seen => ({ ok: false, why });

/** Why nothing at all is learned from a pot; null where something may be. */
export function unusable({ batch, cook }: LoggedPot): string | null {
  if (batch.practice !== undefined) return "it was cooked for practice";
  if (cook.litMs === null || cook.offMs === null) return "it is not off the heat yet";
  if (cook.interruptions.some((i) => i.isUnknown))
    return "nobody knows how long it was off the heat";
  return null;
}

/** A pot says how far it was from the defaults, whatever was known when it was put on. */
const againstDefaults = ({ batch, cook }: LoggedPot): LoggedPot => ({
  batch: { ...batch, kitchen: untaught(batch.kitchen) },
  cook,
});

/** Whether one heat was kept from beginning to end. */
export const isOneHeat = (plan: Plan, cook: Cook): boolean =>
  plan.then.length === 0 && cook.settings.length === 0;

/**
 * How fast a pot steamed against the default: by its levels, or by what came through its sieve where none was
 * read (docs/method.md, “What a log teaches”: levels feed steam first). A pot under pressure, or on several heats, says nothing.
 */
export function steamSeen(logged: LoggedPot): Seen {
  const why = unusable(logged);
  if (why !== null) return nothing(why);
  const pot = againstDefaults(logged);
  const { batch, cook } = pot;
  const { plan } = cookedPlan(resolve(batch.plan, batch.kitchen), cook);
  if (isSealed(plan.heat)) return nothing("under pressure hardly anything steams off");
  if (!isOneHeat(plan, cook)) return nothing("it was on several heats");
  const outcome = outcomeOf(
    () => fitted(plan, pot, byLevels(cook)) ?? fitted(plan, pot, bySieve(cook)),
  );
  if (!outcome.ok) return nothing("its course cannot be worked out");
  const rate = outcome.value;
  if (rate === null) return nothing("no level was read, and what came out was not measured");
  if (rate.mean <= LEAST_RATE || rate.mean >= MOST_RATE || rate.sd / rate.mean > MOST_SD)
    return nothing("too little steamed off to tell");
  return {
    ok: true,
    observation: {
      potId: batch.id,
      thing: steamThing(plan.vesselId, plan.heat),
      log: ln(rate.mean),
      sd: Math.hypot(rate.sd / rate.mean, POT_NOISE.value),
      sigma: steamSigmaLog(plan.heat),
    },
  };
}

/** What a measure says of the liquid against the pot as simulated, kg: the steam by then, and how far it is off. */
interface Word {
  readonly steamKg: number;
  readonly tooMuchKg: number;
  readonly sdKg: number;
}
type Words = (model: LiveModel) => readonly Word[];

/**
 * The rate at which the simulated pot comes out as it was measured, by a few Gauss–Newton rounds; null where
 * nothing was measured. What boils, and what is warming, does not steam by the simmer's rate: so it is not
 * simply the steam that was lost over the steam that was reckoned.
 */
function fitted(
  plan: Plan,
  { batch, cook }: LoggedPot,
  wordsIn: Words,
): { readonly mean: number; readonly sd: number } | null {
  let rate = 1;
  let sd = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const model = new LiveModel(resolve(plan, batch.kitchen), cook, cook.offMs ?? 0, {
      steams: rate,
    });
    const words = wordsIn(model).filter((w) => w.steamKg > 0);
    const precision = words.reduce((sum, w) => sum + square(w.steamKg / w.sdKg), 0);
    if (precision === 0) return null;
    const step =
      words.reduce((sum, w) => sum + (w.steamKg * w.tooMuchKg) / square(w.sdKg), 0) / precision;
    rate = Math.min(MOST_RATE, Math.max(LEAST_RATE, rate + step));
    sd = 1 / Math.sqrt(precision);
    if (Math.abs(step) < SETTLED) break;
  }
  return { mean: rate, sd };
}

const byLevels =
  (cook: Cook): Words =>
  (model) =>
    independent(cook.readings).flatMap((reading): Word[] => {
      const liquid = model.liquidOf(reading);
      const modelMin = model.modelMin(reading.atMs);
      return liquid === null
        ? []
        : [
            {
              steamKg: model.steamKg(modelMin),
              tooMuchKg: model.point(modelMin).liquidKg - liquid.liquidKg,
              sdKg: liquid.sdKg,
            },
          ];
    });

/** What a stock lacks of its litres, as far as it was steam: the solids and the jug have their share of doubt. */
const bySieve =
  (cook: Cook): Words =>
  (model) => {
    const { result } = cook;
    if (result === null || result.isReckoned || result.servedKg !== null || cook.offMs === null)
      return [];
    const { ledger } = model.planned;
    const leftKg = -ledger.leftOnSolids - ledger.leftInCloth;
    const modelMin = model.modelMin(cook.offMs);
    const gotKg = (result.strainedL + cook.leftL) * COLD_DENSITY_KG_L + leftKg;
    return [
      {
        steamKg: model.steamKg(modelMin),
        tooMuchKg: model.point(modelMin).liquidKg - gotKg,
        sdKg: Math.hypot(
          JUG_SD_L * COLD_DENSITY_KG_L,
          SPREAD.leftOnSolids.value * leftKg,
          SPREAD.freed.value * (ledger.juice + ledger.vegetables),
        ),
      },
    ];
  };

/** A thermometer seldom shows the last half degree. */
const NEARLY_UP_C = 0.5;
/** Readings further apart say too little of when it passed between them, min. */
const MOST_APART_MIN = 10;

/** When a thermometer in the liquid saw it come up, between the two readings it passed; null where none did. */
function byThermometer({ temperatures }: Cook, upC: number): number | null {
  const wantedC = upC - NEARLY_UP_C;
  const inLiquid = temperatures.filter((t) => t.where === "liquid");
  const i = inLiquid.findIndex((t) => t.tempC >= wantedC);
  const [before, after] = [inLiquid[i - 1], inLiquid[i]];
  if (before === undefined || after === undefined) return null;
  if (after.atMs - before.atMs > MOST_APART_MIN * MINUTE_MS) return null;
  const share = (wantedC - before.tempC) / (after.tempC - before.tempC);
  return before.atMs + share * (after.atMs - before.atMs);
}

/** How much of a ring's heat reached its pot against the default, by how long it took to come up: as it was said, else by its thermometer. */
export function ringSeen(logged: LoggedPot): Seen {
  const why = unusable(logged);
  if (why !== null) return nothing(why);
  const { batch, cook } = againstDefaults(logged);
  const { plan } = cookedPlan(resolve(batch.plan, batch.kitchen), cook);
  const { heat } = plan;
  if (!isOnRing(heat)) return nothing("it came up on no ring");
  const litMs = cook.litMs ?? 0;
  const saidMs = heat.boilFirstMin === null ? cook.simmerMs : cook.boiledMs;
  if (saidMs === null && cook.temperatures.length === 0)
    return nothing("nobody said when it came up");
  const waterKg = coldWaterKg(waterL(resolve(plan, batch.kitchen)), batch.kitchen);
  const at = (efficiency: number) =>
    simulate(resolve(plan, batch.kitchen), { waterKg, parameters: { ...EXPECTED, efficiency } });
  const outcome = outcomeOf(() => ({ trace: at(1), stronger: at(STEP_UP).comeUpMin }));
  if (!outcome.ok) return nothing("its way up cannot be worked out");
  const { trace, stronger } = outcome.value;
  const usual = trace.comeUpMin;
  const cameUpMs = saidMs ?? byThermometer(cook, pointAt(trace, usual).liquidC);
  if (cameUpMs === null) return nothing("nobody said when it came up");
  if (cook.interruptions.some((i) => i.fromMs < cameUpMs))
    return nothing("its way up was interrupted");
  const seenMin = (cameUpMs - litMs) / MINUTE_MS;
  if (seenMin < LEAST_COME_UP_MIN) return nothing("its way up cannot be worked out");
  /** How much sooner it comes up with more heat, both in the logarithm. */
  const perLog = ln(usual / stronger) / ln(STEP_UP);
  if (!(perLog > 0)) return nothing("its way up cannot be worked out");
  return {
    ok: true,
    observation: {
      potId: batch.id,
      thing: ringThing(plan),
      log: ln(usual / seenMin) / perLog,
      sd: COME_UP_NOISE.value / perLog,
      sigma: SPREAD.efficiency.value,
    },
  };
}
