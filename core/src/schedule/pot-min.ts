import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { simulate } from "../simulate/simulate";
import { coldWaterKg, waterL } from "../simulate/water-ways";
import { outcomeOf } from "../units/problem";
import { afterMinOf } from "./start-by";
import { workMinutes, workTasks } from "./work-tasks";

/** From beginning to prepare a pot to having it strained or on the table, min; without its heat where it cannot be cooked. */
export function potMinOf(plan: Plan, kitchen: Kitchen): number {
  const pot = outcomeOf(
    () =>
      simulate(plan, kitchen, { waterKg: coldWaterKg(waterL(plan, kitchen), kitchen) }).totalMin,
  );
  const { beforeMin, afterMin } = workMinutes(workTasks(plan, kitchen));
  const heatMin = pot.ok ? pot.value : 0;
  return plan.prepareMin + beforeMin + heatMin + afterMin + afterMinOf(plan.end);
}
