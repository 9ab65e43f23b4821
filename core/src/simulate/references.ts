import type { Ring } from "../heat/ring-schema";
import { Problem } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import type { Kitchen } from "./kitchen-schema";
import type { Plan } from "./plan-schema";

/** True for a vessel that stands on a ring. A slow cooker's crock cracks there. */
export const standsOnHob = (vessel: Vessel): boolean => vessel.kind !== "slowCooker";

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
  if (!standsOnHob(found))
    throw new Problem(
      "notOnHob",
      "vesselId",
      plan.vesselId,
      `The ${found.name} does not go on a ring. Choose another pot.`,
    );
  return found;
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
