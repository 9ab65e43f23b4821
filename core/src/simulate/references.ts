import { ovenC, say } from "../units/said";
import type { Method } from "../heat/method";
import type { Oven } from "../heat/oven-schema";
import type { Ring } from "../heat/ring-schema";
import { Problem } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import type { Kitchen } from "./kitchen-schema";
import type { OvenHeat, Plan, PressureHeat } from "./plan-schema";
import { heatsOf } from "./stretches";

/** True for a vessel that stands on a ring. A slow cooker's crock cracks there. */
export const standsOnHob = (vessel: Vessel): boolean => vessel.kind !== "slowCooker";

/** True where a vessel can be used for a method. */
export function suits(vessel: Vessel, method: Method): boolean {
  if (method === "slowCooker") return vessel.kind === "slowCooker";
  if (method === "pressure") return vessel.kind === "pressureCooker";
  if (method === "oven") return vessel.kind === "pot" || vessel.kind === "casserole";
  return standsOnHob(vessel) && vessel.pressure?.drive !== "electric";
}

/** True where it goes on every heat of a plan. */
export const suitsPlan = (vessel: Vessel, plan: Plan): boolean =>
  heatsOf(plan).every((heat) => suits(vessel, heat.method));

const WHERE: Record<Method, string> = {
  hob: "does not go on a ring",
  oven: "does not go into the oven",
  slowCooker: "is not a slow cooker",
  pressure: "is not a pressure cooker",
};

/** The plan's vessel. @throws Problem `unknownReference`, `notOnHob` */
export function vesselOf(plan: Plan, kitchen: Kitchen): Vessel {
  const found = kitchen.vessels.find((v) => v.id === plan.vesselId);
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "vesselId",
      plan.vesselId,
      `The plan's pot "${plan.vesselId}" is not in this kitchen.`,
    );
  const unfit = heatsOf(plan).find((heat) => !suits(found, heat.method));
  if (unfit !== undefined)
    throw new Problem(
      unfit.method === "hob" ? "notOnHob" : "wrongVessel",
      "vesselId",
      plan.vesselId,
      `The ${found.name} ${WHERE[unfit.method]}. Choose another pot.`,
    );
  return found;
}

/** The oven a plan uses. @throws Problem `unknownReference`, `range` */
export function ovenOf(heat: OvenHeat, kitchen: Kitchen): Oven {
  const found = kitchen.ovens.find((o) => o.id === heat.ovenId);
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "heat.ovenId",
      heat.ovenId,
      `The plan's oven "${heat.ovenId}" is not in this kitchen.`,
    );
  if (heat.ovenC > found.maxC)
    throw new Problem(
      "range",
      "heat.ovenC",
      heat.ovenC,
      say`The ${found.name} goes up to ${ovenC(found.maxC)}.`,
    );
  return found;
}

/** What a plan's pressure cooker does. @throws Problem `wrongVessel`, `range` */
export function gaugeKPaOf(vessel: Vessel, heat: PressureHeat): number {
  const gauge = heat.setting === "high" ? vessel.pressure?.highKPa : vessel.pressure?.lowKPa;
  if (gauge === undefined || gauge === null)
    throw new Problem(
      "range",
      "heat.setting",
      heat.setting,
      `The ${vessel.name} has no ${heat.setting} pressure.`,
    );
  return gauge;
}

/** The plan's ring. @throws Problem `unknownReference` */
export function ringOf(plan: Plan, kitchen: Kitchen): Ring {
  const found = kitchen.rings.find((r) => r.id === plan.ringId);
  if (found === undefined)
    throw new Problem(
      "unknownReference",
      "ringId",
      plan.ringId,
      `The plan's ring "${plan.ringId}" is not in this kitchen.`,
    );
  return found;
}
