import { db } from "../src/data/db";
import { offTheShelf } from "../src/data/log-begun";
import { shelfKey } from "../src/data/log-keys";
import { sample, shelvedPotOf } from "./pot";

/** The pots of the sample that are in its logbook. */
export const PAST = sample.batches.filter((b) => b.id !== "on-fire").map((b) => b.id);

/** Puts pots on their shelves, as is done once they are worked out. */
export async function shelve(...ids: readonly string[]): Promise<void> {
  await offTheShelf(ids);
  await db.shelved.bulkPut(
    ids.map((id) => {
      const pot = shelvedPotOf(id);
      const events = sample.events.filter((e) => e.batchId === id);
      return { key: shelfKey(id, events), batchId: id, finishedMs: pot.finishedMs, pot };
    }),
  );
}
