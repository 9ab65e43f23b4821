import { resolve, type SetPot } from "../simulate/set-pot";
import type { Cook } from "../batch/fold";
import { forecastLive, type LiveForecast } from "../batch/live-forecast";
import { cookedPlan } from "../batch/live-plan";
import { begunMs } from "../batch/of-log";
import type { LoggedPot } from "../learn/from-pot";
import type { LearnedFactors } from "../simulate/learned-schema";
import { asCooked, type CookedPot } from "./as-cooked";

/** One of two pots that are held against each other. */
export interface Side {
  readonly pot: CookedPot;
  /** Its plan as the log followed it, set up in its kitchen; and what the log says of it until it came off. */
  readonly setPot: SetPot;
  readonly cook: Cook;
  readonly offMs: number;
  readonly live: LiveForecast;
}

/**
 * A finished pot by what is known of its kitchen now.
 * @throws Problem as simulate does
 */
export function sideOf(logged: LoggedPot, known: LearnedFactors | undefined): Side {
  const pot = asCooked(logged, known);
  const { batch, cook } = logged;
  const { plan } = cookedPlan(resolve(batch.plan, pot.kitchen), cook);
  const setPot = resolve(plan, pot.kitchen);
  const offMs = cook.offMs ?? cook.strainedMs ?? begunMs(logged);
  return { pot, setPot, cook, offMs, live: forecastLive(setPot, cook, offMs) };
}
