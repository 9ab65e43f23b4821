import type { Kitchen } from "../../simulate/kitchen-schema";
import type { Plan } from "../../simulate/plan-schema";
import { DISH_QUESTIONS } from "./dish-questions";
import { POT_AND_SIEVE } from "./pot-and-sieve";
import { SALT_AND_BONES } from "./salt-and-bones";
import type { SchoolQuestion } from "./school";

/** Every question on which cooks differ, with what each school does. Source: the trade; none is hidden. */
export const SCHOOLS: readonly SchoolQuestion[] = [
  ...SALT_AND_BONES,
  ...POT_AND_SIEVE,
  ...DISH_QUESTIONS,
];

/**
 * The choice a plan makes of a question: what was chosen where it still holds, else what it is cooked as
 * now, else the default; "" where it is cooked as none of them.
 */
export function choiceOf(q: SchoolQuestion, plan: Plan): string {
  const chosen = plan.schools[q.id];
  const found = q.schools.find((s) => s.id === chosen);
  if (found !== undefined && (found.isNow === undefined || found.isNow(plan))) return found.id;
  const now = q.schools.find((s) => s.isNow?.(plan) === true);
  if (now !== undefined) return now.id;
  // A plan that is cooked as none of them says, and a default that can tell it is not, leave it open.
  const usual = q.schools.find((s) => s.id === q.byDefault);
  return usual?.isNow === undefined ? q.byDefault : "";
}

/** The questions that a plan raises. */
export const questionsFor = (plan: Plan): readonly SchoolQuestion[] =>
  SCHOOLS.filter((q) => q.applies(plan));

/** The plan cooked as a school does it, with the choice kept. */
export function choose(plan: Plan, questionId: string, schoolId: string, kitchen: Kitchen): Plan {
  const chosen = SCHOOLS.find((q) => q.id === questionId)?.schools.find((s) => s.id === schoolId);
  if (chosen === undefined) return plan;
  const next = chosen.apply?.(plan, kitchen) ?? plan;
  return { ...next, schools: { ...plan.schools, [questionId]: schoolId } };
}
