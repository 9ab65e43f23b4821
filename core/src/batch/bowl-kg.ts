import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Cook } from "./fold";

/** Less is what clings to the bowl, kg. */
const CLINGS_KG = 0.02;

/** What is in the bowl by weight alone, kg: as it was measured, and what was done to it since. */
export function bowlKg({ result, finishing }: Cook): number {
  if (result === null) return 0;
  return finishing.reduce(
    (kg, step) => {
      switch (step.kind) {
        case "reducedTo":
          return Math.min(kg, step.volumeL * COLD_DENSITY_KG_L);
        case "stirredIn":
          return kg + step.massKg;
        case "handedOn":
          return Math.max(0, kg - step.massKg);
      }
    },
    result.servedKg ?? result.strainedL * COLD_DENSITY_KG_L,
  );
}

/** True where all of it went hot into other pots and no solids were kept: nothing is left to chill or portion. */
export const isAllHandedOn = (cook: Cook): boolean =>
  cook.finishing.some((step) => step.kind === "handedOn") &&
  bowlKg(cook) < CLINGS_KG &&
  cook.apartKg <= 0;
