import type { SetPot } from "../simulate/set-pot";
import { countedBack } from "../simulate/counted-back";
import { overRim } from "../simulate/over-rim";
import type { Plan } from "../simulate/plan-schema";
import { vesselOf } from "../simulate/references";
import { simulate } from "../simulate/simulate";
import type { Trace } from "../simulate/trace";
import { coldWaterKg, waterL } from "../simulate/stated-water";

/** What a dish as written comes to: kept by every conversion of it. */
export interface Goal {
  readonly plan: Plan;
  readonly waterL: number;
  readonly trace: Trace;
}

/**
 * Simulates a dish as written.
 * @throws Problem as simulate does, and what stops the dish itself
 */
export function goalOf(setPot: SetPot): Goal {
  const { plan, kitchen } = setPot;
  const water = waterL(setPot);
  const trace = simulate(setPot, { waterKg: coldWaterKg(water, kitchen) });
  const problem = overRim(trace, vesselOf(setPot)) ?? trace.problem;
  if (problem !== null) throw problem;
  return { plan: countedBack(plan, trace), waterL: water, trace };
}
