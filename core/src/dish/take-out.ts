import { traitsOf } from "../ingredient/traits";
import { countWords } from "../ingredient/word-forms";
import { itemWork, nameOf } from "../simulate/item-facts";
import { outOf } from "../simulate/out-of";
import type { Plan } from "../simulate/plan-schema";

/** Something nobody should bite on: counted in, counted out. */
export interface TakeOut {
  readonly itemId: string;
  /** With its count: "2 bay leaves". */
  readonly what: string;
}

/** Leaves, stems, spice ball, string and skewers of what is served; a sieve keeps them back in a stock. */
export function takeOuts(plan: Plan): readonly TakeOut[] {
  if (plan.end === "strained") return [];
  return plan.items.flatMap((item): TakeOut[] => {
    const found: TakeOut[] = [];
    const takeOut = item.isOwn === true ? item.takeOut : traitsOf(item.ingredientId).takeOut;
    if (takeOut !== undefined && outOf(item, plan) === undefined) {
      const count = Math.max(1, Math.round(item.counted?.count ?? 1));
      found.push({ itemId: item.id, what: countWords(count, takeOut) });
    }
    if (itemWork(item, "tie") !== undefined)
      found.push({
        itemId: `${item.id}:string`,
        what: `1 string on the ${nameOf(item).toLowerCase()}`,
      });
    return found;
  });
}
