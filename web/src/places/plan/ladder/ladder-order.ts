import type { PlanItem, When } from "@kettlos/core/simulate/plan-schema";
import { whenRank } from "../../../words/when-words";

const isSame = (a: When, b: When): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The ladder's order: by when it goes in, then as the plan lists it. */
export const laddered = (items: readonly PlanItem[], holdMin: number): readonly PlanItem[] =>
  items
    .map((item, i) => ({ item, i }))
    .sort((a, b) => whenRank(a.item.when, holdMin) - whenRank(b.item.when, holdMin) || a.i - b.i)
    .map(({ item }) => item);

/** What waits for an item cannot be moved into its own waiting. */
const mayTake = (item: PlanItem, when: When): boolean =>
  when.at !== "whenTender" || when.itemId !== item.id;

/**
 * The plan's items after one was dragged to another rung: it takes over the stage it lands in, that of
 * the rung now above it, or at the top that of the rung below.
 */
export function movedTo(
  items: readonly PlanItem[],
  holdMin: number,
  id: string,
  toIndex: number,
): readonly PlanItem[] {
  const order = [...laddered(items, holdMin)];
  const from = order.findIndex((i) => i.id === id);
  const [item] = order.splice(from, 1);
  if (from < 0 || item === undefined) return items;
  const at = Math.min(order.length, Math.max(0, toIndex));
  const above = order[at - 1];
  const below = order[at];
  const stays =
    (above !== undefined && isSame(above.when, item.when)) ||
    (below !== undefined && isSame(below.when, item.when));
  const taken = stays ? item.when : ((above ?? below)?.when ?? item.when);
  order.splice(at, 0, mayTake(item, taken) ? { ...item, when: taken } : item);
  return order;
}

/**
 * The plan's items after one was moved a rung up or down by key: within its stage it changes places, at
 * its edge it steps into the next stage.
 */
export function stepped(
  items: readonly PlanItem[],
  holdMin: number,
  id: string,
  by: -1 | 1,
): readonly PlanItem[] {
  const order = [...laddered(items, holdMin)];
  const from = order.findIndex((i) => i.id === id);
  const item = order[from];
  const other = order[from + by];
  if (item === undefined || other === undefined) return items;
  if (!isSame(item.when, other.when))
    return mayTake(item, other.when)
      ? order.map((i) => (i.id === id ? { ...i, when: other.when } : i))
      : items;
  order[from] = other;
  order[from + by] = item;
  return order;
}
