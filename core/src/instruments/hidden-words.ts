import { showDuration } from "../units/show";
import type { HiddenPot } from "./hidden-pot";

/** Differences of less are none that a cook would see, %. */
const LEAST_PERCENT = 5;
/** And of a plateau, °C. */
const LEAST_C = 5;

/** What differed in a practice pot from what anybody was told. */
export function hiddenWords({ constants, trouble }: HiddenPot): readonly string[] {
  const say = (factor: number, more: string, less: string): readonly string[] => {
    const percent = Math.round((factor - 1) * 100);
    return Math.abs(percent) < LEAST_PERCENT
      ? []
      : [`${Math.abs(percent)} % ${percent > 0 ? more : less}`];
  };
  const { evaporation, efficiency, freed, plateauC } = constants;
  const { tougher = 1, saltier = 1, heatGoneMin, chillStallsMin } = trouble;
  return [
    ...say(evaporation, "more steam than expected", "less steam than expected"),
    ...say(efficiency, "more heat from the ring", "less heat from the ring"),
    ...say(freed, "more juice from meat and vegetables", "less juice from meat and vegetables"),
    ...say(tougher, "more cooking asked for by this meat", "less cooking asked for by this meat"),
    ...say(saltier, "more salt than on its label", "less salt than on its label"),
    ...(plateauC > -LEAST_C ? [] : ["a cooker that never gets as hot as it should"]),
    ...(chillStallsMin === undefined
      ? []
      : [`its chilling stalled ${showDuration(chillStallsMin)} after it was begun`]),
    ...(heatGoneMin === undefined ? [] : [`its heat gone after ${showDuration(heatGoneMin)}`]),
  ];
}
