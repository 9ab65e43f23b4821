import type { Clock } from "../simulate/clock-schema";
import type { Plan } from "../simulate/plan-schema";

/**
 * The clock with every plan that is wanted for a time of its own: one that says when it shall be ready and
 * stands on no meal's table is a pot for that time.
 */
export function withReadyTimes(clock: Clock, plans: readonly Plan[], nowMs: number): Clock {
  const known = new Set([
    ...clock.meals.flatMap((m) => m.planIds),
    ...clock.loose.map((l) => l.planId),
  ]);
  const more = plans.flatMap((plan) =>
    plan.readyAt === null || known.has(plan.id) || Date.parse(plan.readyAt) < nowMs
      ? []
      : [
          {
            planId: plan.id,
            by: plan.readyAt,
            notBefore: null,
            onlyOvernight: false,
            batchId: null,
          },
        ],
  );
  return more.length === 0 ? clock : { ...clock, loose: [...clock.loose, ...more] };
}
