import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";

/** True where a flame or ring burns for the whole of it. */
export const burnsThroughout = (plan: Plan, kitchen: Kitchen): boolean =>
  plan.heat.method === "hob" ||
  (plan.heat.method === "pressure" &&
    kitchen.vessels.find((v) => v.id === plan.vesselId)?.pressure?.drive === "stovetop");
