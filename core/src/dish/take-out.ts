import { traitsOf } from "../ingredient/traits";
import { itemWork, nameOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";

/** Something nobody should bite on: counted in, counted out. */
export interface TakeOut {
  readonly itemId: string;
  readonly what: string;
  readonly count: number;
}

/** Plural as a cook says it. */
const many = (what: string, count: number): string =>
  count === 1 ? what : what.endsWith("leaf") ? what.replace(/leaf$/, "leaves") : `${what}s`;

/** Leaves, stems, spice ball, string and skewers of what is served; a sieve keeps them back in a stock. */
export function takeOuts(plan: Plan): readonly TakeOut[] {
  if (plan.end === "strained") return [];
  return plan.items.flatMap((item): TakeOut[] => {
    const found: TakeOut[] = [];
    const { takeOut } = traitsOf(item.ingredientId);
    if (takeOut !== undefined && item.out === undefined) {
      const count = Math.max(1, Math.round(item.counted?.count ?? 1));
      found.push({ itemId: item.id, what: many(takeOut, count), count });
    }
    if (itemWork(item, "tie") !== undefined)
      found.push({
        itemId: `${item.id}:string`,
        what: `string on the ${nameOf(item).toLowerCase()}`,
        count: 1,
      });
    return found;
  });
}
