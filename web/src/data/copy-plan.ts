import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { newId } from "./new-id";
import { plain } from "./plain";

/**
 * The same plan to cook again: a copy with an id of its own and no wanted time. What it took out of the
 * larder is eaten: the next time it is found anew.
 */
export const copyOf = (plan: Plan): Plan => ({
  ...plain(plan),
  id: newId(),
  readyAt: null,
  items: plain(plan.items).map((item) => {
    if (item.fromLotId === undefined) return item;
    const { fromLotId: _lot, label: _label, ...rest } = item;
    return { ...rest, frozen: false };
  }),
});
