import { COLD_DENSITY_KG_L } from "../water/properties";
import { finished, type InBowl } from "./bowl";
import type { Cook } from "./fold";

/** Less is what clings to the bowl, kg. */
const CLINGS_KG = 0.02;
const NOTHING: InBowl = {
  massKg: 0,
  solidsKg: 0,
  saltG: 0,
  gelatinG: 0,
  alcoholG: 0,
  fatG: 0,
  flourG: 0,
  allergens: [],
  madeOf: [],
  unread: [],
};

/** What is in the bowl by weight alone, kg: as it was measured, and what was done to it since. */
function bowlKg({ result, finishing }: Cook): number {
  if (result === null) return 0;
  const massKg = result.servedKg ?? result.strainedL * COLD_DENSITY_KG_L;
  const solidsKg = Math.max(0, massKg - result.strainedL * COLD_DENSITY_KG_L);
  return finished({ ...NOTHING, massKg, solidsKg }, finishing).massKg;
}

/** True where all of it went hot into other pots and no solids were kept: nothing is left to chill or portion. */
export const isAllHandedOn = (cook: Cook): boolean =>
  cook.finishing.some((step) => step.kind === "handedOn") &&
  bowlKg(cook) < CLINGS_KG &&
  cook.apartKg <= 0;
