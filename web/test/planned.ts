import { answersFor, type Answers } from "@kettlos/core/because/answers";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { resolve } from "@kettlos/core/simulate/set-pot";
import { provideThePlan, type PlanShown } from "../src/places/plan/the-plan";
import { sample } from "./pot";

/** What a plan answers in the sample kitchen; throws where it cannot be worked out. */
export function answersOf(plan: Plan, kitchen = sample.kitchen): Answers {
  const outcome = answersFor(resolve(plan, kitchen), () => 12);
  if (!outcome.ok) throw outcome.problem;
  return outcome.value;
}

/** For mounting a piece of the Plan's screen: the plan in the sample kitchen, in metric, or as said. */
export function planned(plan: Plan | (() => Plan), more: Partial<PlanShown> = {}): object {
  const provided: Record<symbol, unknown> = {};
  const shown = (): PlanShown => {
    const now = typeof plan === "function" ? plan() : plan;
    const { kitchen = sample.kitchen } = more;
    return {
      plan: now,
      plans: sample.plans,
      units: "metric",
      ...more,
      kitchen,
      get answers() {
        return more.answers ?? answersOf(now, kitchen);
      },
    };
  };
  provideThePlan(shown, (key, value) => (provided[key as symbol] = value));
  return provided;
}
