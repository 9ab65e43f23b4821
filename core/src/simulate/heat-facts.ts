import type { Heat } from "../heats/heat-schema";
import { heatOf } from "../heats/heat";

/** How uncertain a steam constant is where nothing else is said of it, in the logarithm (docs/method.md, “What a log teaches”). */
export const USUAL_SIGMA_LOG = 0.35;

/** Spread of how fast it steams before anything is learned, one standard deviation of the logarithm. */
export const steamSigmaLog = (heat: Heat): number =>
  heatOf(heat).steamConstant(heat).sigmaLog ?? USUAL_SIGMA_LOG;
