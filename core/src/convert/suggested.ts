import type { Method } from "../heats/heat-schema";
import { isInOven, suits } from "../heats/heat";
import { usualOven } from "../heat/usual-oven";
import { USUAL_PRESSURE } from "../heat/usual-pressure";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { heatsOf } from "../simulate/stretches";
import type { Vessel } from "../vessel/vessel-schema";

const SUGGESTED = "suggested-";

/** True for a thing that is not in the kitchen, only suggested. */
export const isSuggested = (id: string): boolean => id.startsWith(SUGGESTED);

const SUGGESTED_CROCK: Vessel = {
  id: `${SUGGESTED}crock`,
  name: "Slow cooker",
  kind: "slowCooker",
  shape: "oval",
  bottomM: [0.27, 0.2],
  topM: [0.29, 0.22],
  heightM: 0.13,
  fillShare: 0.75,
  massKg: 3.6,
  body: "ceramic",
  lid: "ordinary",
};
const SUGGESTED_PRESSURE: Vessel = {
  id: `${SUGGESTED}pressure`,
  name: "Pressure cooker",
  kind: "pressureCooker",
  shape: "round",
  bottomM: [0.22, 0.22],
  topM: [0.22, 0.22],
  heightM: 0.158,
  fillShare: 0.66,
  massKg: 2.7,
  body: "steel",
  lid: "heavy",
  pressure: USUAL_PRESSURE.electric,
};

/** The kitchen with an ordinary oven, slow cooker and pressure cooker where it has none. */
export function withSuggestions(kitchen: Kitchen): Kitchen {
  const has = (method: Method) => kitchen.vessels.some((v) => suits(v, method));
  return {
    ...kitchen,
    vessels: [
      ...kitchen.vessels,
      ...(has("slowCooker") ? [] : [SUGGESTED_CROCK]),
      ...(has("pressure") ? [] : [SUGGESTED_PRESSURE]),
    ],
    ovens: kitchen.ovens.length > 0 ? kitchen.ovens : [usualOven(`${SUGGESTED}oven`, "metric")],
  };
}

/** The kitchen with what a plan uses of the suggestions taken into it. */
export function withUsed(kitchen: Kitchen, plan: Plan): Kitchen {
  const all = withSuggestions(kitchen);
  const isNew = (id: string, known: readonly { id: string }[]) =>
    isSuggested(id) && known.every((k) => k.id !== id);
  const usesVessel = isNew(plan.vesselId, kitchen.vessels);
  const usesOven = heatsOf(plan).some((h) => isInOven(h) && isNew(h.ovenId, kitchen.ovens));
  if (!usesVessel && !usesOven) return kitchen;
  return {
    ...kitchen,
    vessels: usesVessel
      ? [...kitchen.vessels, ...all.vessels.filter((v) => v.id === plan.vesselId)]
      : kitchen.vessels,
    ovens: usesOven ? all.ovens : kitchen.ovens,
  };
}
