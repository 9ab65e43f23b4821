import type { Plan, PlanItem } from "./plan-schema";
import type { Trace } from "./trace";

/**
 * The same plan with nothing following on its first heat, so that another heat can take its place. What
 * goes in with a later stretch does so as long before the end as it did in its simulation; what was lifted
 * out for one only to go back stays in, and what comes out for good does so at the end.
 */
export function onOneHeat(plan: Plan, { stretches }: Pick<Trace, "stretches">): Plan {
  if (plan.then.length === 0) return plan;
  const endMin = stretches.at(-1)?.toMin ?? 0;
  const left = new Map(stretches.map((s) => [s.stretchId, endMin - s.fromMin]));
  return { ...plan, then: [], items: plan.items.map((i) => staying(counted(i, left))) };
}

function counted(item: PlanItem, left: ReadonlyMap<string, number>): PlanItem {
  if (item.when.at !== "stretch") return item;
  const min = left.get(item.when.stretchId) ?? 0;
  return { ...item, when: { at: "beforeEnd", min: Math.min(2880, Math.max(1, Math.round(min))) } };
}

function staying(item: PlanItem): PlanItem {
  const { out, ...rest } = item;
  if (out?.when.at !== "stretch") return item;
  return out.isBack ? rest : { ...rest, out: { when: { at: "beforeEnd", min: 1 }, isBack: false } };
}
