import { exp } from "../units/same-math";
import type { SetPot } from "./set-pot";
import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import { Z90 } from "../units/estimate";
import { bonesSigmaOf } from "./bones-here";
import { hotSigmaC } from "./hot-here";
import { keptSigmaOf } from "./kept-here";
import { ringSigmaOf, steamSigmaOf } from "./learned";
import { EXPECTED, SPREAD, type Parameters } from "./parameters";
import type { Trace } from "./trace";

/** One parameter moved to its P10 or P90, by its spread. */
export function moved(parameter: keyof Parameters, up: boolean, sigma: number): Parameters {
  const by = up ? Z90 * sigma : -Z90 * sigma;
  if (parameter === "zC") return { ...EXPECTED, zC: COOK_VALUE_Z_C.value + by };
  if (parameter === "plateauC") return { ...EXPECTED, plateauC: by };
  return { ...EXPECTED, [parameter]: exp(by) };
}

/** Spread of a parameter in this kitchen, by what its log has taught. */
export function sigmaOf(
  parameter: keyof Parameters,
  setPot: SetPot,
  { judged, mainItemId }: Trace,
): number {
  const { plan, kitchen } = setPot;
  switch (parameter) {
    case "evaporation":
      return steamSigmaOf(setPot);
    case "efficiency":
      return ringSigmaOf(setPot);
    case "extraction":
      return bonesSigmaOf(setPot);
    case "plateauC":
      return hotSigmaC(plan, kitchen);
    case "leftOnSolids":
      return keptSigmaOf(plan, kitchen);
    case "target":
      return judged.get(mainItemId ?? "")?.sigmaLog ?? SPREAD.target.value;
    default:
      return SPREAD[parameter].value;
  }
}
