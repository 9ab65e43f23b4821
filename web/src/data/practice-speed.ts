import { atSpeed } from "@kettlos/core/batch/pot-clock";
import { db } from "./db";
import { beginLogAnew } from "./log-begun";

/** Lets a practice pot's clock run at another speed from now on. */
export async function setSpeed(batchId: string, speed: number): Promise<void> {
  await db.transaction("rw", db.batches, db.settings, async () => {
    const batch = await db.batches.get(batchId);
    if (batch === undefined) return;
    await db.batches.put(atSpeed(batch, speed, Date.now()));
    await beginLogAnew();
  });
}
