import { exp } from "../units/same-math";
import { square } from "../units/whole-power";
import { resolve } from "../simulate/set-pot";
import { forecastLive } from "../batch/live-forecast";
import { JUG_SD_L } from "../batch/live-model";
import { cookedPlan } from "../batch/live-plan";
import { measuredOf } from "../batch/of-log";
import { KEPT_NOISE, keepsMost } from "../simulate/kept-here";
import { untaught } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import { gridAfter, saidAlone } from "../units/evidence";
import { outcomeOf } from "../units/problem";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Observation } from "./belief";
import { unusable, type LoggedPot } from "./from-pot";

/**
 * How much liquid stayed on the solids against the default: what the levels of a pot leave unsaid of its litres
 * (docs/method.md, “What a log teaches”: levels feed steam first, only the rest of a yield gap the solids). Where no level was read the
 * sieve has told of the steam already. What juice and steam leave in doubt is its noise.
 */
export function keptSeen(logged: LoggedPot): readonly Observation[] {
  const { batch, cook } = logged;
  const result = measuredOf(cook);
  const solids = keepsMost(batch.plan);
  if (unusable(logged) !== null || result === null || solids === null) return [];
  if (cook.readings.length === 0 || batch.plan.end !== "strained" || cook.offMs === null) return [];
  const { offMs } = cook;
  const kitchen = untaught(batch.kitchen);
  const { plan } = cookedPlan(resolve(batch.plan, kitchen), cook);
  const outcome = outcomeOf(() => forecastLive(resolve(plan, kitchen), cook, offMs));
  if (!outcome.ok) return [];
  const { planned, strainedL, steamRate, steamedL } = outcome.value;
  const { ledger } = planned;
  const keepsL = -ledger.leftOnSolids / COLD_DENSITY_KG_L;
  if (keepsL <= 0) return [];
  const gotL = result.strainedL + cook.leftL;
  const sdL = Math.hypot(
    JUG_SD_L,
    (steamRate.sd / Math.max(steamRate.sd, steamRate.mean)) * steamedL,
    (SPREAD.freed.value * (ledger.juice + ledger.vegetables)) / COLD_DENSITY_KG_L,
  );
  const sigma = SPREAD.leftOnSolids.value;
  const said = saidAlone(
    sigma,
    gridAfter(sigma, (log) => {
      const restL = gotL - strainedL.expected + keepsL * (exp(log) - 1);
      return -0.5 * square(restL / sdL);
    }),
  );
  if (said === null) return [];
  const sd = Math.hypot(said.sd, KEPT_NOISE.value);
  return [{ potId: batch.id, thing: solids, log: said.mean, sd, sigma }];
}
