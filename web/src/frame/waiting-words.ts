import type { Plan } from "@kettlos/core/simulate/plan-schema";

/** What a pot off the heat waits for: a stock for the cold, a dish for what is left of it to be put away. */
export const waitsFor = ({ end }: Pick<Plan, "end">): string =>
  end === "served"
    ? "chill and portion what is left"
    : "lift the fat and judge the set when it is cold";

const OFF_WORDS: Readonly<Record<Plan["end"], string>> = { strained: "strained", served: "served" };

/** The same after what was done with it last. */
export const offAndWaits = (plan: Pick<Plan, "end">): string =>
  `${OFF_WORDS[plan.end]}: ${waitsFor(plan)}`;
