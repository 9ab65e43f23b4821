import { turnsOf } from "@kettlos/core/schedule/turns";
import type { Plan } from "@kettlos/core/simulate/plan-schema";

/** The later stretches of a plan's heat by what is done to begin them. */
export const stretchNames = (plan: Plan): readonly { value: string; label: string }[] =>
  turnsOf(plan).map(({ stretchId, title }) => ({ value: stretchId, label: title.toLowerCase() }));
