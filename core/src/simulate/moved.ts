import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import { Z90 } from "../units/estimate";
import { bonesSigmaOf } from "./bones-here";
import { hotSigmaC } from "./hot-here";
import { keptSigmaOf } from "./kept-here";
import type { Kitchen } from "./kitchen-schema";
import { ringSigmaOf, steamSigmaOf } from "./learned";
import { EXPECTED, SPREAD, type Parameters } from "./parameters";
import type { Plan } from "./plan-schema";
import type { Trace } from "./trace";

/** One parameter moved to its P10 or P90, by its spread. */
export function moved(parameter: keyof Parameters, up: boolean, sigma: number): Parameters {
  const by = up ? Z90 * sigma : -Z90 * sigma;
  if (parameter === "zC") return { ...EXPECTED, zC: COOK_VALUE_Z_C.value + by };
  if (parameter === "plateauC") return { ...EXPECTED, plateauC: by };
  return { ...EXPECTED, [parameter]: Math.exp(by) };
}

/** Spread of a parameter in this kitchen, by what its log has taught. */
export function sigmaOf(
  parameter: keyof Parameters,
  plan: Plan,
  kitchen: Kitchen,
  { judged, mainItemId }: Trace,
): number {
  switch (parameter) {
    case "evaporation":
      return steamSigmaOf(plan, kitchen);
    case "efficiency":
      return ringSigmaOf(plan, kitchen);
    case "extraction":
      return bonesSigmaOf(plan, kitchen);
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
