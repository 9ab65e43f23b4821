import type { WhatTaught } from "@kettlos/core/learn/taught";
import { shownOf } from "@kettlos/core/learn/taught-shown";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import { db } from "./db";

/** Keeps what a log has taught, and what is shown of it first apart. Part of a transaction on the three tables. */
export async function keepTaught(
  kitchenId: string,
  { factors, told }: { readonly factors: LearnedFactors; readonly told: WhatTaught },
  basis: string,
): Promise<void> {
  await db.learned.put({ kitchenId, factors, basis });
  await db.taught.put({ kitchenId, told });
  await db.taughtShown.put({ kitchenId, shown: shownOf(told) });
}
