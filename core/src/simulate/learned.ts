import type { SetPot } from "./set-pot";

import type { Heat } from "../heats/heat-schema";
import { heatOf, isSealed } from "../heats/heat";
import { kitchenEstimate } from "../units/constant";
import { steamSigmaLog } from "./heat-facts";
import type { Kitchen } from "./kitchen-schema";
import type { LearnedFactors } from "./learned-schema";
import { SPREAD } from "./parameters";
import type { Plan } from "./plan-schema";
import { heatsOf } from "./stretches";

/** Of the variance before anything is learned, what all things of a kitchen share (docs/method.md, “What a log teaches”). */
export const KITCHEN_SHARE = 0.6;
/** How one pot goes against the next of the same kind: no log tells more of the next one than this. */
export const POT_NOISE = kitchenEstimate(
  "one pot against the next",
  0.12,
  "log",
  "the same pot cooked again",
);
export const COME_UP_NOISE = kitchenEstimate(
  "come-up as it is said",
  0.1,
  "log",
  "cooks against a thermometer",
);

/** A factor on a default as it is believed, in the logarithm; 0 is the default itself. */
export interface Belief {
  readonly mean: number;
  readonly sd: number;
}
/** The same, with how many pots of this very thing it is from. */
export interface FactorHere extends Belief {
  readonly pots: number;
  /** Pots of the kitchen's other things, which speak where no pot of this one does. */
  readonly otherPots: number;
}

/** The pot with its lid and vigour, its oven or crock: what steams alike. */
export const steamThing = (vesselId: string, heat: Heat): string =>
  `${vesselId}|${heatOf(heat).steamsAs(heat)}`;
/** The ring with the pot on it. */
export const ringThing = ({ ringId, vesselId }: Pick<Plan, "ringId" | "vesselId">): string =>
  `${ringId}|${vesselId}`;

/** Of a thing that taught nothing yet: what the kitchen is like, and what may be its own. */
export const newThing = ({ mean, sd }: Belief, sigma: number): Belief => ({
  mean: sigma * mean,
  sd: sigma * Math.hypot(sd, Math.sqrt(1 - KITCHEN_SHARE)),
});

/** What factors hold of a thing of such a spread; by the kitchen's others where it taught nothing itself. */
export function factorOf(
  factors: NonNullable<LearnedFactors[keyof LearnedFactors]>,
  thing: string,
  sigma: number,
): FactorHere | null {
  const own = factors.things[thing];
  const { kitchen } = factors;
  if (own !== undefined)
    return {
      mean: own.log,
      sd: own.sd,
      pots: own.pots,
      otherPots: Math.max(0, kitchen.pots - own.pots),
    };
  if (kitchen.pots === 0) return null;
  return {
    ...newThing({ mean: kitchen.log, sd: kitchen.sd }, sigma),
    pots: 0,
    otherPots: kitchen.pots,
  };
}

/** How fast a pot steams here on a heat, against the default; null where nothing is known of it. */
export function steamHere(
  kitchen: Pick<Kitchen, "learned">,
  vesselId: string,
  heat: Heat,
): FactorHere | null {
  // What is vented under pressure has nothing of a simmer.
  return kitchen.learned === undefined || isSealed(heat)
    ? null
    : factorOf(kitchen.learned.steam, steamThing(vesselId, heat), steamSigmaLog(heat));
}

/** How much of a ring's heat reaches the pot on it here, against the default; null where nothing is known. */
export const ringHere = (setPot: SetPot): FactorHere | null => {
  const { learned } = setPot.kitchen;
  return learned === undefined || !usesRing(setPot)
    ? null
    : factorOf(learned.ring, ringThing(setPot.plan), SPREAD.efficiency.value);
};

/** Whether any of its heat comes from its ring: not into a crock, an electric cooker, or cold into the oven. */
export function usesRing({ plan, vessel }: SetPot): boolean {
  return heatsOf(plan).some((heat) => heatOf(heat).usesRing(heat, vessel));
}

/** One pot alone may have been an odd one, and no second one says so: the variance that it leaves counts this much more. */
const ALONE = kitchenEstimate(
  "doubt of one pot alone",
  1.15,
  "×",
  "made-up kitchens with one pot in ten wild",
);

/**
 * Spread of the next pot: of what is believed of its factor, with how one pot goes against the next, which no log
 * makes smaller; and no log makes the next pot less sure than an unlearned one (docs/method.md, “What a log teaches”).
 */
export function ofNext(known: FactorHere | null, usual: number, noise: number): number {
  if (known === null) return Math.hypot(usual, noise);
  const isAlone = known.pots + known.otherPots === 1;
  return Math.hypot(Math.min(usual, known.sd * (isAlone ? Math.sqrt(ALONE.value) : 1)), noise);
}

/** Spread of how fast the next pot steams on a heat in this kitchen, one standard deviation of the logarithm. */
export const steamSigmaHere = (kitchen: Kitchen, vesselId: string, heat: Heat): number =>
  ofNext(steamHere(kitchen, vesselId, heat), steamSigmaLog(heat), POT_NOISE.value);

/** The same of a whole plan: that of its least certain heat. */
export const steamSigmaOf = ({ plan, kitchen }: SetPot): number =>
  Math.max(...heatsOf(plan).map((heat) => steamSigmaHere(kitchen, plan.vesselId, heat)));

/** Spread of what reaches a pot from its ring in this kitchen. */
export const ringSigmaOf = (setPot: SetPot): number =>
  ofNext(ringHere(setPot), SPREAD.efficiency.value, COME_UP_NOISE.value);

/** Spread of how long work takes one cook against another. */
export const WORK_SIGMA = kitchenEstimate(
  "work, cook against cook",
  0.4,
  "log",
  "cooks with a watch",
);

/** Work whose pace is the cook's own: what has hands all along, but for what is stirred until its colour. */
export const isLearnedWork = ({
  attention,
  kind,
}: {
  readonly attention: string;
  readonly kind: string;
}): boolean => attention === "hands" && kind !== "roux";

/** How long a kind of work takes here against the default; null where nothing is known of it. */
export const workHere = (kitchen: Pick<Kitchen, "learned">, kind: string): FactorHere | null =>
  kitchen.learned?.work === undefined
    ? null
    : factorOf(kitchen.learned.work, kind, WORK_SIGMA.value);

/** A kitchen as if it had taught nothing: what a log is read against. */
export function untaught(kitchen: Kitchen): Kitchen {
  const { learned: _, ...rest } = kitchen;
  return rest;
}
