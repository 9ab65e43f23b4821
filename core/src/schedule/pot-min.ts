import { asPlanned } from "../simulate/as-planned";
import type { SetPot } from "../simulate/set-pot";
import { outcomeOf } from "../units/problem";
import { afterMinOf } from "./start-by";
import { workMinutes, workTasks } from "./work-tasks";

/** From beginning to prepare a pot to having it strained or on the table, min; without its heat where it cannot be cooked. */
export function potMinOf(setPot: SetPot): number {
  const { plan } = setPot;
  const pot = outcomeOf(() => asPlanned(setPot).trace.totalMin);
  const { beforeMin, afterMin } = workMinutes(workTasks(setPot));
  const heatMin = pot.ok ? pot.value : 0;
  return plan.prepareMin + beforeMin + heatMin + afterMin + afterMinOf(plan.end);
}
