import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";

/** Whether what is solid in a pot is eaten: of a dish always, of a stock where that was said or it is kept apart. */
export const areSolidsEaten = (plan: Plan, cook: Cook): boolean =>
  plan.end === "served" || cook.solids === "eaten" || cook.apartKg > 0;
