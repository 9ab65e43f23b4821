import type { Clock } from "../simulate/clock-schema";

/** What was cooked already and is not asked for again, but to be made hot where it was cooked ahead. */
export interface LeftToCook {
  readonly meals: Clock["meals"];
  readonly cookedAhead: readonly string[];
}

/** @param isCooked whether a pot of a plan was cooked for what is wanted then, ms since 1970 */
export function leftToCook(
  meals: Clock["meals"],
  isCooked: (planId: string, forMs: number) => boolean,
): LeftToCook {
  const cookedAhead: string[] = [];
  const left = meals.map((meal) => {
    const cooked = meal.planIds.filter((id) => isCooked(id, Date.parse(meal.at)));
    const ahead = cooked.filter((id) => isAheadIn({ meals: [meal] }, id));
    cookedAhead.push(...ahead);
    return {
      ...meal,
      planIds: meal.planIds.filter((id) => !cooked.includes(id) || ahead.includes(id)),
    };
  });
  return { meals: left, cookedAhead };
}

/** Whether a plan is cooked ahead of one of the meals that are wanted. */
export const isAheadIn = ({ meals }: Pick<Clock, "meals">, planId: string): boolean =>
  meals.some((m) => m.ahead?.some((a) => a.planId === planId) === true);
