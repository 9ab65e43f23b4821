import { withUsed } from "@kettlos/core/convert/suggested";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { saveKitchen, savePlan } from "./repository";

/** Saves a converted plan, and takes what it uses of the suggested vessels into the kitchen. */
export async function savePlanWithUsed(plan: Plan, kitchen: Kitchen): Promise<void> {
  const used = withUsed(kitchen, plan);
  if (used !== kitchen) await saveKitchen(used);
  await savePlan(plan);
}
