import { ingredientById } from "../ingredient/catalogue";
import { kitchenEstimate, published } from "../units/constant";
import type { Plan } from "../simulate/plan-schema";
import { isOn } from "../simulate/stretches";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL } from "../vessel/volume";

export const CROCK_MOST = published(
  "fullest a slow cooker may be",
  0.75,
  "of its capacity",
  "makers' limit; US guidance half to two thirds",
);
export const CROCK_USUAL_MOST = published("slow cooker, usual most", 2 / 3, "", "US guidance");
export const CROCK_USUAL_LEAST = published("slow cooker, usual least", 0.5, "", "US guidance");
const PRESSURE_MOST = published("fullest a pressure cooker may be", 2 / 3, "", "makers' limit");
const PRESSURE_FOAMING_MOST = published(
  "fullest a pressure cooker may be with foaming food",
  0.5,
  "",
  "makers' limit for pulses, grains and foaming dishes",
);
const ELECTRIC_LEAST = kitchenEstimate(
  "least liquid in an electric pressure cooker",
  0.06,
  "L per litre of capacity",
  "makers' booklets, where yours is not known",
);
const STOVETOP_LEAST = kitchenEstimate(
  "least liquid in a stovetop pressure cooker",
  0.25,
  "L",
  "makers' booklets, where yours is not known",
);

/** True where something in the plan foams under pressure: pulses, grains, starch. */
export const foams = (plan: Plan): boolean =>
  plan.items.some((i) =>
    ["pulse", "grain", "starch"].includes(ingredientById(i.ingredientId).group),
  );

/** Fullest the plan's vessel may be, as a share of its capacity. */
export function fullestShareOf(plan: Plan, vessel: Vessel): number {
  if (isOn(plan, "slowCooker")) return Math.min(vessel.fillShare, CROCK_MOST.value);
  if (isOn(plan, "pressure"))
    return Math.min(vessel.fillShare, (foams(plan) ? PRESSURE_FOAMING_MOST : PRESSURE_MOST).value);
  return vessel.fillShare;
}

/** Least liquid the vessel wants as pressure comes on, L; 0 where it never does. */
export function leastLiquidL(plan: Plan, vessel: Vessel): number {
  if (!isOn(plan, "pressure")) return 0;
  const own = vessel.pressure?.minLiquidL;
  if (own !== undefined && own !== null) return own;
  return vessel.pressure?.drive === "electric"
    ? ELECTRIC_LEAST.value * capacityL(vessel)
    : STOVETOP_LEAST.value;
}
