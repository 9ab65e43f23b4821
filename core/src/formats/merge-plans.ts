import type { Plan, PlanItem } from "../simulate/plan-schema";

/** One plan out of two that grew from the same, and the fields on which both changed something else. */
export interface MergedPlan {
  readonly plan: Plan;
  readonly conflicts: readonly string[];
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/**
 * Merges what was changed here with what was changed elsewhere since `base`, field by field, ingredients one
 * by one. Where both changed the same, what was changed here stands and is named.
 */
export function mergePlans(base: Plan, mine: Plan, theirs: Plan): MergedPlan {
  const conflicts: string[] = [];
  const merged: Record<string, unknown> = { ...theirs };
  for (const key of Object.keys(mine) as (keyof Plan)[]) {
    if (key === "items" || isSame(mine[key], base[key])) continue;
    if (!isSame(theirs[key], base[key]) && !isSame(theirs[key], mine[key])) conflicts.push(key);
    merged[key] = mine[key];
  }
  merged["items"] = mergeItems(base.items, mine.items, theirs.items, conflicts);
  return { plan: merged as Plan, conflicts };
}

function mergeItems(
  base: readonly PlanItem[],
  mine: readonly PlanItem[],
  theirs: readonly PlanItem[],
  conflicts: string[],
): readonly PlanItem[] {
  if (isSame(mine, base)) return theirs;
  if (isSame(theirs, base)) return mine;
  const find = (list: readonly PlanItem[], id: string) => list.find((i) => i.id === id);
  // What stands here keeps its order; what was added elsewhere comes after.
  const kept = mine.flatMap((item): PlanItem[] => {
    const before = find(base, item.id);
    const other = find(theirs, item.id);
    if (before === undefined) return [item];
    if (other === undefined) {
      // Removed elsewhere: it stays away, unless it was changed here.
      if (isSame(item, before)) return [];
      conflicts.push(item.ingredientId);
      return [item];
    }
    if (isSame(item, before)) return [other];
    if (!isSame(other, before) && !isSame(other, item)) conflicts.push(item.ingredientId);
    return [item];
  });
  const fresh = theirs.filter(
    (i) => find(base, i.id) === undefined && find(kept, i.id) === undefined,
  );
  return [...kept, ...fresh];
}
