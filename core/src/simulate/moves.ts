import type { Plan, PlanItem } from "./plan-schema";

/** Something that goes in or comes out while it cooks. */
export interface Move {
  readonly item: PlanItem;
  readonly does: "in" | "out";
  /** Minutes into the hold; null where it waits for something to be tender. */
  readonly dueMin: number | null;
  /** Whose tenderness it waits for, and the cook value that is. */
  readonly waitsFor?: { readonly itemId: string; readonly cookMin: number };
}

/** Minutes before the end that an ingredient asks for; 0 where it counts otherwise. */
export const beforeEndMin = (item: PlanItem | undefined): number =>
  item?.when.at === "beforeEnd" ? item.when.min : 0;

/** Goes in while it cooks, not at the start and not off the heat. */
export const isStaged = ({ when }: PlanItem): boolean =>
  when.at === "after" ||
  when.at === "whenTender" ||
  when.at === "beforeEnd" ||
  when.at === "stretch";

/**
 * Everything that moves during a hold of plannedMin; what has a minute first, by it. What waits for
 * something that is never judged waits until the end.
 */
export function movesOf(
  plan: Plan,
  plannedMin: number,
  bestAtMin: (itemId: string) => number,
): readonly Move[] {
  const waits = (item: PlanItem, does: Move["does"], itemId: string): Move => ({
    ...{ item, does, dueMin: null },
    waitsFor: { itemId, cookMin: bestAtMin(itemId) },
  });
  const moves: Move[] = [];
  for (const item of plan.items) {
    const { when, out } = item;
    if (when.at === "after") moves.push({ item, does: "in", dueMin: when.min });
    if (when.at === "beforeEnd")
      moves.push({ item, does: "in", dueMin: Math.max(0, plannedMin - when.min) });
    if (when.at === "whenTender") moves.push(waits(item, "in", when.itemId));
    if (out?.when.at === "beforeEnd")
      moves.push({ item, does: "out", dueMin: Math.max(0, plannedMin - out.when.min) });
    if (out?.when.at === "tender") moves.push(waits(item, "out", item.id));
  }
  return moves.sort((a, b) => (a.dueMin ?? Infinity) - (b.dueMin ?? Infinity));
}

/** Goes in or out by minutes before the end. */
export const countsBack = ({ when, out }: PlanItem): boolean =>
  when.at === "beforeEnd" || out?.when.at === "beforeEnd";
