import type { DishOf } from "../dish/dish-of";
import type { Caution } from "../safety/caution";
import { factsOf, type Facts } from "../safety/facts";
import { cautionsFor } from "../safety/rules";
import { afterMinOf, startBy, type StartBy } from "../schedule/start-by";
import { plannedOnce } from "../simulate/as-planned";
import type { Plan } from "../simulate/plan-schema";
import type { SetPot } from "../simulate/set-pot";
import { FIGURES, spreadOf } from "../simulate/spread";
import type { Trace } from "../simulate/trace";
import { outcomeOf, type Outcome } from "../units/problem";

/** Turns a moment, ms, or null for now, into the clock's hour, 0–24; null where there is no now. */
export type HourOf = (ms: number | null) => number | null;

/** When to begin so that it is ready when it shall be; null where no time is set. */
export const startOf = (
  plan: Plan,
  { work }: DishOf,
  heatOnMin: { readonly expected: number; readonly high: number },
): StartBy | null =>
  plan.readyAt === null
    ? null
    : startBy(
        Date.parse(plan.readyAt),
        heatOnMin,
        plan.prepareMin + work.beforeMin,
        work.afterMin + afterMinOf(plan.end),
      );

/** Every caution on it, judged as lit when it is to be lit, or now. */
export const cautionsAt = (
  facts: Facts,
  start: StartBy | null,
  hourOf: HourOf,
): readonly Caution[] =>
  cautionsFor({
    ...facts,
    litHour: hourOf(start?.lightSurelyMs ?? null),
    isLitTimeSet: start !== null,
  });

/**
 * Every caution on a plan, and its simulation: what `answersFor` says of them, but its ranges are worked out only where
 * they say when it is to be lit.
 * @param hourOf null where nobody asks for the hour any more, as it burns already
 */
export function cautionsOf(
  setPot: SetPot,
  hourOf: HourOf | null,
): Outcome<{ readonly trace: Trace; readonly cautions: readonly Caution[] }> {
  const { plan } = setPot;
  return outcomeOf(() => {
    const { trace, waterKg, waterL } = plannedOnce(setPot);
    const facts = factsOf(setPot, trace, waterL);
    if (hourOf === null) return { trace, cautions: cautionsFor(facts) };
    if (plan.readyAt === null) return { trace, cautions: cautionsAt(facts, null, hourOf) };
    const expected = FIGURES.totalMin(trace);
    const { highFactor } = spreadOf(setPot, waterKg, trace).figures.totalMin;
    const start = startOf(plan, facts.dish, { expected, high: expected * highFactor });
    return { trace, cautions: cautionsAt(facts, start, hourOf) };
  });
}
