import { MINUTE_MS } from "../units/time";
import { goesInAfter } from "../dish/eaten";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import type { Cook } from "./fold";

/** Where an ingredient of the plan is. */
export type Whereabouts = "counter" | "pot" | "leftOut";

/**
 * True where the cook taps in one by one what goes in at the start; else lighting says that all of it
 * is in.
 */
export const isTappedIn = (plan: Plan, cook: Cook): boolean =>
  plan.items.some((i) => i.when.at === "start" && cook.addedItems.has(i.id));

/** Where an ingredient is, by what the cook did and never by the clock. */
export function whereIs(item: PlanItem, plan: Plan, cook: Cook): Whereabouts {
  if (cook.addedItems.has(item.id)) return "pot";
  if (cook.leftOut.has(item.id)) return "leftOut";
  if (item.when.at === "start" && cook.litMs !== null && !isTappedIn(plan, cook)) return "pot";
  return "counter";
}

/** What still lies on the counter and should go into the pot before it is strained or served. */
export const onCounter = (plan: Plan, cook: Cook): readonly PlanItem[] =>
  plan.items.filter((i) => !goesInAfter(i) && whereIs(i, plan, cook) === "counter");

/** How loudly something on the counter calls. */
export type Call = "ahead" | "soon" | "due" | "late" | "forgotten";

const SOON_MIN = 10;
const LATE_MIN = 5;
const FORGOTTEN_MIN = 15;

/** By degrees: soon from 10 min before it is due, late 5 min after, forgotten 15 min after. */
export function callOf(dueMs: number, nowMs: number): Call {
  const overMin = (nowMs - dueMs) / MINUTE_MS;
  if (overMin >= FORGOTTEN_MIN) return "forgotten";
  if (overMin >= LATE_MIN) return "late";
  if (overMin >= 0) return "due";
  return overMin >= -SOON_MIN ? "soon" : "ahead";
}
