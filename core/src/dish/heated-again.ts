import { ingredientOf, isLoose } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";

/** What came ready out of the larder: a dish that is heated again, whatever is stirred into it. */
export const isHeatedAgain = (plan: Plan): boolean => {
  // What a pot made says what it was made of; raw things out of the freezer do not.
  const isReady = (i: PlanItem) => i.fromLotId !== undefined && i.label?.madeOf !== undefined;
  const isBeside = (i: PlanItem) => isLoose(ingredientOf(i)) || i.when.at !== "start";
  return (
    plan.end === "served" &&
    plan.items.some(isReady) &&
    plan.items.every((i) => isReady(i) || isBeside(i))
  );
};
