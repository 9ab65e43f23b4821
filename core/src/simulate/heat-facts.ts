import { VENTED_L } from "../heat/pressure";
import {
  CROCK_FLUX_KG_M2_H,
  LID_FACTOR,
  OVEN_FLUX_KG_M2_H,
  SIMMER_FLUX_KG_M2_H,
} from "../liquid/constants";
import type { Constant } from "../units/constant";
import type { Vessel } from "../vessel/vessel-schema";
import type { Heat } from "./plan-schema";

/** How uncertain a steam constant is where nothing else is said of it, in the logarithm (model section 13). */
export const USUAL_SIGMA_LOG = 0.35;

/** The constant that says how fast a heat steams; under pressure what is vented. */
export function steamConstantOf(heat: Heat): Constant {
  switch (heat.method) {
    case "hob":
      return SIMMER_FLUX_KG_M2_H[heat.vigour];
    case "oven":
      return OVEN_FLUX_KG_M2_H[heat.lid];
    case "slowCooker":
      return CROCK_FLUX_KG_M2_H[heat.setting];
    case "pressure":
      return VENTED_L;
  }
}

/** Spread of how fast it steams before anything is learned, one standard deviation of the logarithm. */
export const steamSigmaLog = (heat: Heat): number =>
  steamConstantOf(heat).sigmaLog ?? USUAL_SIGMA_LOG;

/** The constant of the lid on the hob; null where the heat's own steam has the lid in. */
export const lidConstantOf = (heat: Heat, vessel: Vessel): Constant | null =>
  heat.method === "hob"
    ? LID_FACTOR[heat.lid === "on" && vessel.lid === "heavy" ? "heavy" : heat.lid]
    : null;

/** True where two heats are the same kind: of one method, and in a slow cooker of one setting. */
export const isSameKind = (a: Heat, b: Heat): boolean =>
  a.method === b.method &&
  (a.method !== "slowCooker" || b.method !== "slowCooker" || a.setting === b.setting);
