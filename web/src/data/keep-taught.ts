import type { WhatIsShown } from "@kettlos/core/learn/taught-shown";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import { db } from "./db";

/** What a log has taught: as a simulation draws on it, as it is first shown, and all of it told, as JSON. */
export interface TaughtByLog {
  readonly factors: LearnedFactors;
  readonly shown: WhatIsShown;
  readonly text: string;
}

/** Keeps it. Part of a transaction on its three tables. */
export async function keepTaught(
  kitchenId: string,
  { factors, shown, text }: TaughtByLog,
  basis: string,
): Promise<void> {
  await db.learned.put({ kitchenId, factors, basis });
  await db.taught.put({ kitchenId, text });
  await db.taughtShown.put({ kitchenId, shown });
}
