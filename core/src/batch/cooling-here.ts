import { exp } from "../units/same-math";
import type { PaceHere } from "../cool/cooling";
import { spreadOf, type CoolingWay } from "../cool/ways";
import type { Kitchen } from "../simulate/kitchen-schema";
import { factorOf, ofNext, type FactorHere } from "../simulate/learned";
import { kitchenEstimate } from "../units/constant";

/** How one chilling goes against the next in the same thing: no log tells more of the next one. */
export const CHILL_NOISE = kitchenEstimate(
  "one chilling against the next",
  0.12,
  "log",
  "kitchen estimate",
);

type Known = Pick<Kitchen, "learned">;

/** What cools alike: a container in a way of cooling. */
export const coolingThing = (containerId: string, way: CoolingWay): string =>
  `${containerId}|${way}`;

/** How fast it cools here against what is thought; null where nothing is known of it. */
export const coolingHere = (
  { learned }: Known,
  containerId: string,
  way: CoolingWay,
): FactorHere | null =>
  learned?.cooling === undefined
    ? null
    : factorOf(learned.cooling, coolingThing(containerId, way), spreadOf([{ way }]));

/**
 * What a cooling is reckoned with here. What was learned to be slower than thought counts; what was learned to be faster
 * does not, for food's sake: no gate is promised sooner for it.
 */
export const paceHere =
  (kitchen: Known) =>
  (containerId: string, way: CoolingWay): PaceHere => {
    const known = coolingHere(kitchen, containerId, way);
    const usual = spreadOf([{ way }]);
    return known === null || known.mean >= 0
      ? { pace: 1, sigmaLog: usual }
      : {
          pace: exp(known.mean),
          // The spread of a way is one of whole chillings: how one goes against the next is in it.
          sigmaLog: Math.min(usual, ofNext(known, usual, CHILL_NOISE.value)),
        };
  };
