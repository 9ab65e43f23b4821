import { asPlanned } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";
import type { HiddenPot } from "./hidden-pot";

/** So little that a tongue finds nothing to taste, L. */
const LEAST_L = 0.05;

/**
 * Salt in a litre of what is in a practice pot, g: all that what is planned gives, as salt as it really is.
 * Cured meat gives it early, so that it is in the liquid from the first hour on.
 */
export const saltOfPot = (setPot: SetPot, pot: HiddenPot, litres: number): number =>
  (asPlanned(setPot).trace.strained.saltG * (pot.trouble.saltier ?? 1)) / Math.max(LEAST_L, litres);
