import { isSpare, suits } from "@kettlos/core/heats/heat";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { usualPlan } from "@kettlos/core/simulate/usual-plan";
import type { Vessel } from "@kettlos/core/vessel/vessel-schema";
import { capacityL } from "@kettlos/core/vessel/volume";
import { newId } from "./new-id";

/** An empty stock in the kitchen's largest pot on its strongest ring; null where either is missing. */
export function newPlan(kitchen: Kitchen): Plan | null {
  const isSpareHere = (v: Vessel) => Number(isSpare(v, "hob"));
  const vessel = kitchen.vessels
    .filter((v) => suits(v, "hob"))
    .sort((a, b) => isSpareHere(a) - isSpareHere(b) || capacityL(b) - capacityL(a))[0];
  const ring = [...kitchen.rings].sort((a, b) => b.powerW - a.powerW)[0];
  if (vessel === undefined || ring === undefined) return null;
  return usualPlan({
    id: newId(),
    name: "New stock",
    vesselId: vessel.id,
    ringId: ring.id,
    items: [],
    water: { by: "ratio", waterPerBone: 2 },
    heat: { method: "hob", vigour: "gentle", lid: "ajar", boilFirstMin: 5 },
    stop: { by: "time", holdMin: 360 },
  });
}
