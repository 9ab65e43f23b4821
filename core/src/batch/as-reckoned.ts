import { eatenSolidsKg, liquidOfServedKg, type Eaten } from "../dish/eaten";
import type { Plan } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { COLD_DENSITY_KG_L } from "../water/properties";

/** What came out where nobody measured: of a stock its cold litres, of a dish its weight and its liquid's. */
export type Reckoned =
  { readonly volumeL: number } | { readonly massKg: number; readonly servedKg: number };

/**
 * As the simulation has it, with so much liquid more or less as the forecast (`endL`, cold L; null where there
 * is none) has of it by what was read on the fire.
 */
export function asReckoned(plan: Plan, trace: Trace, eaten: Eaten, endL: number | null): Reckoned {
  const plannedL = trace.strained.volumeL;
  const moreL = (endL ?? plannedL) - plannedL;
  if (plan.end === "strained") return { volumeL: Math.max(0, plannedL + moreL) };
  const servedKg = Math.max(0, eaten.allKg + moreL * COLD_DENSITY_KG_L);
  return { servedKg, massKg: liquidOfServedKg(servedKg, eaten) };
}

/** Solids that could be kept apart to be eaten, kg: of a dish those it has, of a stock what is no bone or spice. */
export const solidsToKeepKg = (plan: Plan, trace: Trace, eaten: Eaten): number =>
  plan.end === "served" ? eaten.solidsKg : eatenSolidsKg(plan, trace);
