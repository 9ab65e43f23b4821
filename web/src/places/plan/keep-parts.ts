import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { savePlan } from "../../data/repository";
import { newId } from "../../data/new-id";

/**
 * A dish shared over several pots as plans of their own: the first stays this plan, the others are kept
 * beside it under its name with a number.
 * @returns all of them, this plan first
 */
export async function keepParts(plan: Plan, parts: readonly Plan[]): Promise<readonly Plan[]> {
  const name = plan.name.replace(/, pot \d+$/, "").slice(0, 70);
  const kept = parts.map((part, i) => ({
    ...part,
    id: i === 0 ? plan.id : newId(),
    name: `${name}, pot ${i + 1}`,
  }));
  for (const part of kept.slice(1)) await savePlan(part);
  return kept;
}
