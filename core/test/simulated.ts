import type { SetPot } from "../src/simulate/set-pot";
import { factsOf, type Facts } from "../src/safety/facts";
import { simulate } from "../src/simulate/simulate";
import { coldWaterKg, waterL } from "../src/simulate/stated-water";

/** What the rules of safety look at, of one plan. */
export function simulated(setPot: SetPot, litHour: number | null = 9, isLitTimeSet = true): Facts {
  const { kitchen } = setPot;
  const litres = waterL(setPot);
  const trace = simulate(setPot, { waterKg: coldWaterKg(litres, kitchen) });
  return { ...factsOf(setPot, trace, litres), litHour, isLitTimeSet };
}
