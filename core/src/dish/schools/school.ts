import type { Said } from "../../units/said";
import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";

/** One side of a question on which cooks differ. */
export interface School {
  readonly id: string;
  readonly label: Said;
  /** What it does, in a line. */
  readonly effect: Said;
  /** The plan as this school cooks it; without it the choice is kept and shown, nothing is reckoned. */
  readonly apply?: (plan: Plan, kitchen: Kitchen) => Plan;
  /** True where the plan is cooked so now. */
  readonly isNow?: (plan: Plan) => boolean;
}

/** A question on which cooks differ. The default is the first choice marked so. */
export interface SchoolQuestion {
  readonly id: string;
  readonly question: string;
  readonly byDefault: string;
  readonly applies: (plan: Plan) => boolean;
  readonly schools: readonly School[];
}

export const school = (
  id: string,
  label: Said,
  effect: Said,
  more: Partial<School> = {},
): School => ({
  id,
  label,
  effect,
  ...more,
});
export const question = (
  id: string,
  text: string,
  byDefault: string,
  applies: SchoolQuestion["applies"],
  schools: readonly School[],
): SchoolQuestion => ({ id, question: text, byDefault, applies, schools });
