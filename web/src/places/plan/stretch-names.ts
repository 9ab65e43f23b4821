import { turnTitle } from "@kettlos/core/batch/stretch-actions";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { stretchesOf } from "@kettlos/core/simulate/stretches";

/** The later stretches of a plan's heat by what is done to begin them. */
export const stretchNames = (plan: Plan): readonly { value: string; label: string }[] =>
  plan.then.map(({ id, heat }, i) => ({
    value: id,
    label: turnTitle(heat, stretchesOf(plan)[i]?.heat ?? plan.heat).toLowerCase(),
  }));
