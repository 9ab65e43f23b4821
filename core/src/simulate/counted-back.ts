import type { Plan } from "./plan-schema";
import type { Trace } from "./trace";

/**
 * The same plan with everything that goes in while it cooks counted back from the end, as it came out
 * in its simulation: so another heat, or the real clock, can move it. What goes in with a stretch of the
 * heat stays with it.
 */
export function countedBack(plan: Plan, trace: Trace): Plan {
  if (!plan.items.some((i) => i.when.at === "after" || i.when.at === "whenTender")) return plan;
  const endMin = trace.toSimmerMin + trace.holdMin;
  const inMin = new Map<string, number>();
  for (const mark of trace.marks)
    if (mark.kind === "itemIn" && mark.itemId !== undefined) inMin.set(mark.itemId, mark.tMin);
  // What rules the dish stays the same, however its things are timed.
  const ruled =
    plan.end === "served" && trace.mainItemId !== null ? { ruledBy: trace.mainItemId } : {};
  return {
    ...plan,
    ...ruled,
    items: plan.items.map((item) => {
      if (item.when.at !== "after" && item.when.at !== "whenTender") return item;
      const min = Math.round(endMin - (inMin.get(item.id) ?? endMin));
      return { ...item, when: { at: "beforeEnd" as const, min: Math.min(2880, Math.max(1, min)) } };
    }),
  };
}
