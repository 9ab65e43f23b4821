import { countedBack } from "../simulate/counted-back";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import type { Trace } from "../simulate/trace";
import { coldWaterKg, waterL } from "../simulate/water-ways";

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
export function goalOf(plan: Plan, kitchen: Kitchen): Goal {
  const water = waterL(plan, kitchen);
  const trace = simulate(plan, kitchen, { waterKg: coldWaterKg(water, kitchen) });
  if (trace.problem !== null) throw trace.problem;
  return { plan: countedBack(plan, trace), waterL: water, trace };
}
