import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";

/** True where a flame or ring burns for the whole of it. */
export const burnsThroughout = (plan: Plan, kitchen: Kitchen): boolean =>
  plan.heat.method === "hob" ||
  (plan.heat.method === "pressure" &&
    kitchen.vessels.find((v) => v.id === plan.vesselId)?.pressure?.drive === "stovetop");

/** The house's hours of sleep, by the clock. */
export const NIGHT_FROM_H = 22;
export const NIGHT_TO_H = 6;

const isNight = (hour: number): boolean => hour % 24 >= NIGHT_FROM_H || hour % 24 < NIGHT_TO_H;

/** True where a ring lit at litHour that burns for burnMin burns at any moment of the night. */
export function burnsAtNight(litHour: number | null, burnMin: number): boolean {
  if (litHour === null) return false;
  for (let h = litHour; h <= litHour + burnMin / 60; h += 0.25) if (isNight(h)) return true;
  return false;
}
