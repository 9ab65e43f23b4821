import { HOLD_MIN } from "../units/limits";
import { outOf } from "./out-of";
import type { Plan } from "./plan-schema";
import type { Trace } from "./trace";

/** Minutes before the end, as a plan can say them. */
const sayable = (min: number): number =>
  Math.min(HOLD_MIN.most, Math.max(HOLD_MIN.least, Math.round(min)));

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
      const min = sayable(endMin - (inMin.get(item.id) ?? endMin));
      return { ...item, when: { at: "beforeEnd" as const, min } };
    }),
  };
}

/**
 * The same plan with what goes in or comes out for good as a stretch begins counted back from the end, as
 * it came out in its simulation: so the plan can do without that stretch.
 */
export function countedFromEnd(plan: Plan, stretchId: string, { stretches }: Trace): Plan {
  const endMin = stretches.at(-1)?.toMin ?? 0;
  const fromMin = stretches.find((s) => s.stretchId === stretchId)?.fromMin ?? endMin;
  const before = (min: number) => ({ at: "beforeEnd" as const, min });
  return {
    ...plan,
    items: plan.items.map((item) => {
      const { when } = item;
      // A stock is strained at its end all the same.
      const out = plan.end === "served" ? outOf(item, plan) : item.out;
      const goesIn = when.at === "stretch" && when.stretchId === stretchId;
      const comesOut =
        out?.isBack === false && out.when.at === "stretch" && out.when.stretchId === stretchId;
      if (!goesIn && !comesOut) return item;
      return {
        ...item,
        ...(goesIn ? { when: before(sayable(endMin - fromMin)) } : {}),
        ...(comesOut ? { out: { when: before(1), isBack: false } } : {}),
      };
    }),
  };
}
