import type { Answers } from "@kettlos/core/because/answers";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { resolve, type SetPot } from "@kettlos/core/simulate/set-pot";
import type { UnitSystem } from "@kettlos/core/units/show";
import { computed, inject, provide, type ComputedRef, type InjectionKey } from "vue";

/** What a piece of the Plan's screen is about. While the water line is pulled each piece has its turn. */
export interface PlanShown {
  readonly plan: Plan;
  readonly plans: readonly Plan[];
  readonly kitchen: Kitchen;
  readonly answers: Answers;
  readonly units: UnitSystem;
}
type ThePlan = { readonly [K in keyof PlanShown]: ComputedRef<PlanShown[K]> } & {
  readonly setPot: ComputedRef<SetPot>;
  /** Where only one measure has room. */
  readonly one: ComputedRef<"metric" | "us">;
};

const THE_PLAN: InjectionKey<ThePlan> = Symbol("the plan on the screen");

type Provide = (key: typeof THE_PLAN, value: ThePlan) => void;

/** For all that is mounted within the component that calls it, or through what else provides. */
export const provideThePlan = (shown: () => PlanShown, through: Provide = provide): void =>
  through(THE_PLAN, thePlanOf(shown));

/** Throws where nothing above provides a plan. */
export function useThePlan(): ThePlan {
  const found = inject(THE_PLAN, null);
  if (found === null) throw new Error("no plan is provided here");
  return found;
}

const thePlanOf = (shown: () => PlanShown): ThePlan => ({
  plan: computed(() => shown().plan),
  plans: computed(() => shown().plans),
  kitchen: computed(() => shown().kitchen),
  answers: computed(() => shown().answers),
  units: computed(() => shown().units),
  setPot: computed(() => resolve(shown().plan, shown().kitchen)),
  one: computed(() => (shown().units === "us" ? "us" : "metric")),
});
