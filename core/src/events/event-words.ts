import type { Plan } from "../simulate/plan-schema";
import { nameOf } from "../simulate/item-facts";
import type { Said } from "../units/said";

/** How the log tells each kind of event. */
export type EventWords<E extends { readonly kind: string }> = {
  readonly [K in E["kind"]]: (event: Extract<E, { kind: K }>, plan: Plan) => Said;
};

/** An ingredient as the log names it, also where the plan has it no more. */
export function nameIn(plan: Plan, itemId: string): string {
  const item = plan.items.find((i) => i.id === itemId);
  return item === undefined ? "Something" : nameOf(item);
}
