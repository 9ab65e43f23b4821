import { MINUTE_MS } from "@kettlos/core/units/time";
import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { Picture } from "@kettlos/core/batch/picture-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";

/** The lists of a kitchen whose things can be taken out. */
export type KitchenList =
  "vessels" | "rings" | "ovens" | "containers" | "dailyUses" | "ownIngredients" | "hands";

/** What was removed can be brought back for so long, ms. */
export const KEPT_MS = 30 * 24 * 60 * MINUTE_MS;

/** Something removed, as it was. */
export interface Binned {
  readonly id: string;
  readonly removedMs: number;
  readonly name: string;
  readonly what:
    | { readonly kind: "plan"; readonly plan: Plan }
    | {
        readonly kind: "batch";
        readonly batch: Batch;
        readonly events: readonly CookEvent[];
        /** Not of what was removed before pots had any. */
        readonly pictures?: readonly Picture[];
      }
    | { readonly kind: "picture"; readonly picture: Picture }
    | {
        readonly kind: "thing";
        readonly list: KitchenList;
        readonly thing: Kitchen[KitchenList][number];
      };
}
