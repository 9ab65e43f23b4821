import { containersOf } from "../batch/chill-containers";
import { potToChill } from "../batch/chill-of";
import { bestOf, chillChoices } from "../cool/chill-choices";
import { codeOf } from "../cool/codes";
import { whenAtMin } from "../cool/cooling";
import { WAYS } from "../cool/ways";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Trace } from "../simulate/trace";
import { kitchenEstimate } from "../units/constant";
import type { Spread3 } from "./minutes";

/** A clean sieve and the way to the bath take the first heat out, °C. */
const STRAINED_C = 85;
const COOL_C = 21;
/** Where no way is surely in time the bath is planned with so long, min; the Chill place says what to do. */
export const USUAL_BATH_MIN = kitchenEstimate(
  "a bath for a few litres",
  75,
  "min",
  "10 L in cold water",
);
const SPREAD = kitchenEstimate(
  "heat passed to the bath",
  0.35,
  "of the logarithm",
  "handbook range",
);

export interface ChillMinutes {
  readonly bath: Spread3;
  readonly how: string;
}

/**
 * How long what was strained, or a whole dish, stands in the bath before it goes into the fridge, by simulation.
 * @param isThick a dish with its pieces: it cools more slowly
 */
export function chillMinutes(
  trace: Trace,
  kitchen: Kitchen,
  chilledKg: number,
  isThick: boolean,
): ChillMinutes {
  const massKg = Math.max(0.05, chilledKg);
  const best = bestOf(
    chillChoices(
      potToChill(kitchen, Math.min(STRAINED_C, trace.boilingC), isThick),
      massKg,
      containersOf(kitchen),
      ["sink", "trough"],
      codeOf(kitchen).gates,
    ),
  );
  const first = best?.stages[0];
  const min = first === undefined || first.min === 0 ? USUAL_BATH_MIN.value : first.min;
  const bath = { p10: min * (1 - SPREAD.value / 2), p50: min, p90: min * (1 + SPREAD.value) };
  if (best === null || first === undefined) return { bath, how: "a bath that is kept cold" };
  const many = best.count > 1 ? `${best.count} × ` : "";
  const coolMin = whenAtMin(best.points, COOL_C);
  return {
    bath,
    how: `${many}${best.container.name.toLowerCase()} in ${WAYS[first.way].name}${coolMin === null ? "" : `, lukewarm in ${Math.round(coolMin)} min`}`,
  };
}
