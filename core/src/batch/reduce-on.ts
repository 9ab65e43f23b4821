import { exp } from "../units/same-math";
import { word } from "../units/word";
import { resolve } from "../simulate/set-pot";
import type { Heat } from "../heats/heat-schema";
import { steamSigmaOf } from "../simulate/learned";
import type { Kitchen } from "../simulate/kitchen-schema";
import { usualPlan } from "../simulate/usual-plan";
import { overRim } from "../simulate/over-rim";
import { vesselOf } from "../simulate/references";
import { simulate } from "../simulate/simulate";
import { kitchenEstimate } from "../units/constant";
import { Z90 } from "../units/estimate";
import { outcomeOf, type Outcome } from "../units/problem";
import { bowlL, type InBowl } from "./bowl";
import { COLD_DENSITY_KG_L } from "../water/properties";

/** How far a stock is boiled down for what it is called. */
export const REDUCTIONS = [
  { id: "jus", word: "jus", share: kitchenEstimate("jus", 0.7, "of the stock", "down by a third") },
  {
    id: "demi",
    word: word("demi-glace"),
    share: kitchenEstimate("demi-glace", 0.5, "of the stock", "to a half"),
  },
  {
    id: "glace",
    word: "glace",
    share: kitchenEstimate("glace", 0.1, "of the stock", "to a tenth"),
  },
] as const;

/** What boiling down on takes, min from the cold bowl. */
export interface Reduction {
  readonly lowMin: number;
  readonly expectedMin: number;
  readonly highMin: number;
  /** Of that, coming up to the simmer. */
  readonly comeUpMin: number;
  readonly heat: Heat;
}

/**
 * Boiling a strained stock, or a dish's sauce without its solids, down to toL at a steady simmer, lid off, in a vessel of the kitchen: simulated
 * as a pot that holds nothing else. What it does to salt and set follows from the grams, which stay.
 * Problems: `aboveRim`, `notReachable`, those of simulate.
 */
export function reduceOn(
  bowl: Pick<InBowl, "massKg" | "solidsKg">,
  toL: number,
  vesselId: string,
  ringId: string,
  kitchen: Kitchen,
): Outcome<Reduction> {
  return outcomeOf(() => {
    const plan = usualPlan({
      id: "reduce",
      name: "Boiled down",
      vesselId,
      ringId,
      items: [
        {
          id: "stock",
          ingredientId: "houseStock",
          massKg: bowlL(bowl) * COLD_DENSITY_KG_L,
          when: { at: "start" },
        },
      ],
      water: { by: "amount", volumeL: 0 },
      heat: { method: "hob", vigour: "steady", lid: "off", boilFirstMin: null },
      stop: { by: "liquid", liquidL: toL },
    });
    const setPot = resolve(plan, kitchen);
    const trace = simulate(setPot, { waterKg: 0 });
    const problem = overRim(trace, vesselOf(setPot)) ?? trace.problem;
    if (problem !== null) throw problem;
    const wide = exp(Z90 * steamSigmaOf(setPot));
    const { toSimmerMin, holdMin } = trace;
    return {
      lowMin: toSimmerMin + holdMin / wide,
      expectedMin: toSimmerMin + holdMin,
      highMin: toSimmerMin + holdMin * wide,
      comeUpMin: toSimmerMin,
      heat: plan.heat,
    };
  });
}
