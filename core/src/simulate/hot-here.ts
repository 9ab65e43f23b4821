import { expLess1 } from "../units/same-math";
import { findVessel } from "./set-pot";
import type { Heat } from "../heats/heat-schema";
import { isInOven, isSlow } from "../heats/heat";
import { kitchenEstimate } from "../units/constant";
import type { Kitchen } from "./kitchen-schema";
import { factorOf, ofNext, type FactorHere } from "./learned";
import { SPREAD } from "./parameters";
import type { Plan } from "./plan-schema";
import { heatsOf } from "./stretches";

/** What is learned of how hot a heat gets is a factor on its rise over the room; about so much it is, °C. */
const RISE_C = 75;
/** Spread of that factor before anything is learned, log: that of the plateau. */
export const HOT_SIGMA = kitchenEstimate(
  "how far over the room a heat gets",
  SPREAD.plateauC.value / RISE_C,
  "log",
  "±3 °C of some 75",
);
/** How far off one pot is from the next on the same heat, °C: no log tells more of the next one. */
export const HOT_NOISE_C = kitchenEstimate(
  "how hot it gets, one pot against the next",
  1,
  "°C",
  "kitchen estimate",
);

type Known = Pick<Kitchen, "learned" | "roomC" | "vessels">;

/** Whether a cooker's own warm-up was measured on a setting: it goes by that. */
export const isMeasured = (
  { vessels }: Pick<Kitchen, "vessels">,
  vesselId: string,
  heat: Heat,
): boolean =>
  isSlow(heat) &&
  findVessel({ vesselId }, { vessels })?.warmUps?.some((w) => w.setting === heat.setting) === true;

/** What gets as hot: an oven, a slow cooker on a setting; null where a boil or a gauge says how hot it is. */
export function hotThing(vesselId: string, heat: Heat): string | null {
  if (isInOven(heat)) return `${heat.ovenId}|oven`;
  return isSlow(heat) ? `${vesselId}|${heat.setting}` : null;
}

/** How far over the room it gets here against the default; null where nothing is known of it. */
export function hotHere(kitchen: Known, vesselId: string, heat: Heat): FactorHere | null {
  const { learned } = kitchen;
  const thing = hotThing(vesselId, heat);
  return learned?.hot === undefined || thing === null || isMeasured(kitchen, vesselId, heat)
    ? null
    : factorOf(learned.hot, thing, HOT_SIGMA.value);
}

/**
 * How much cooler the liquid stays here than a plateau that is thought, °C, never above 0: what was learned to be hotter is
 * counted on by no plan, for food's sake.
 */
export function coolerC(kitchen: Known, vesselId: string, heat: Heat, plateauC: number): number {
  const known = hotHere(kitchen, vesselId, heat);
  return known === null ? 0 : Math.min(0, (plateauC - kitchen.roomC) * expLess1(known.mean));
}

/** Spread of how hot the next pot of a plan gets in this kitchen, °C: that of its least certain heat. */
export const hotSigmaC = (plan: Plan, kitchen: Known): number =>
  Math.max(
    ...heatsOf(plan).map((heat) => {
      const known = hotHere(kitchen, plan.vesselId, heat);
      // What is not counted on narrows nothing.
      const narrows = known !== null && known.mean < 0 ? known : null;
      return RISE_C * ofNext(narrows, HOT_SIGMA.value, HOT_NOISE_C.value / RISE_C);
    }),
  );
