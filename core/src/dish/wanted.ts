import { exp } from "../units/same-math";
import { DISH_SALT_G_KG, SIPPING_SALT_G_L } from "../seasoning/salt";
import { BODIES } from "../seasoning/thickness";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { saltHere, thickHere } from "../simulate/wanted-here";

type Known = Pick<Kitchen, "learned">;

/** Salt that suits most, g per L of what is strained, per kg of what is served. */
export const usualSaltPer = ({ end }: Pick<Plan, "end">): number =>
  (end === "served" ? DISH_SALT_G_KG : SIPPING_SALT_G_L).value;

/** What a thickness is told against: as thick as a stew's gravy, g of flour to a litre. */
export const GRAVY_GL: number = BODIES.find((b) => b.id === "gravy")?.from.value ?? NaN;

/** How salty the cook has wanted such pots here, to a tenth of a gram; null where none was tasted. */
export function saltLiked(plan: Plan, kitchen: Known): number | null {
  const here = saltHere(plan, kitchen);
  return here === null ? null : Math.round(usualSaltPer(plan) * exp(here.mean) * 10) / 10;
}

/** Salt that a pot is judged by, g per L or kg: what its plan says, else as it was liked here, else what suits most. */
export const saltWanted = (plan: Plan, kitchen: Known): number =>
  plan.saltWantedGKg ?? saltLiked(plan, kitchen) ?? usualSaltPer(plan);

/** How thick a dish is to be, g of flour to a litre: what its plan says, else as it was liked here; null where neither. */
export const thickWanted = (plan: Plan, kitchen: Known): number | null =>
  plan.thickWantedGL ?? thickLiked(plan, kitchen);

/** How thick the cook has wanted such pots here, g of flour to a litre; null where none was tasted. */
export function thickLiked(plan: Plan, kitchen: Known): number | null {
  const here = thickHere(plan, kitchen);
  return here === null ? null : Math.round(GRAVY_GL * exp(here.mean));
}
