import { factsOf, type Facts } from "../src/safety/facts";
import type { Kitchen } from "../src/simulate/kitchen-schema";
import type { Plan } from "../src/simulate/plan-schema";
import { simulate } from "../src/simulate/simulate";
import { coldWaterKg, waterL } from "../src/simulate/water-ways";

/** What the rules of safety look at, of one plan. */
export function simulated(
  plan: Plan,
  kitchen: Kitchen,
  litHour: number | null = 9,
  isLitTimeSet = true,
): Facts {
  const litres = waterL(plan, kitchen);
  const trace = simulate(plan, kitchen, { waterKg: coldWaterKg(litres, kitchen) });
  return { ...factsOf(plan, kitchen, trace, litres), litHour, isLitTimeSet };
}
