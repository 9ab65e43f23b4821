import { db } from "./db";
import { everything, writeFile, type Way } from "./file-out";

/** Why a safety copy was kept. */
type CopyReason = "replaced" | "removed" | "migrated" | "restored";
const MOST_COPIES = 5;

/** Everything as it stood at a moment. */
interface KeptCopy {
  /** Of which state it is. */
  readonly stamp: string;
  /** Keeps it, to be brought back; the oldest copies give way. Part of a transaction on both tables of copies. */
  keep(): Promise<void>;
}

/** What changes with everything that is written. Part of a transaction on the documents. */
async function stampNow(): Promise<string> {
  const [kitchens, plan, ...rest] = await Promise.all([
    db.kitchens.toArray(),
    db.plans.orderBy("updatedMs").last(),
    db.events.orderBy(":id").last(),
    db.larder.orderBy(":id").last(),
    ...[db.plans, db.batches, db.logs, db.events, db.pictures].map((table) => table.count()),
    db.clocks.toArray(),
  ]);
  return JSON.stringify([kitchens, plan?.updatedMs, ...rest]);
}

/** Whether everything still stands as it does in this copy. */
export const standsAsIn = async (copy: KeptCopy): Promise<boolean> =>
  (await stampNow()) === copy.stamp;

/**
 * Everything as it is now, compressed.
 * @returns null where there is no kitchen yet
 * @throws the signal's reason where it is stopped
 */
export async function keptCopy(why: CopyReason, way: Way = {}): Promise<KeptCopy | null> {
  const stamp = await stampNow();
  const all = await everything();
  if (all === null) return null;
  const written = await writeFile(all, { ...way, isPacked: true });
  const gzip = new Uint8Array(await written.blob.arrayBuffer());
  return {
    stamp,
    keep: async () => {
      const id = await db.copies.add({ atMs: Date.now(), why });
      await db.copyBytes.put({ id, gzip });
      const ids = (await db.copies.orderBy("id").primaryKeys()).toReversed();
      await db.copies.bulkDelete(ids.slice(MOST_COPIES));
      await db.copyBytes.bulkDelete(ids.slice(MOST_COPIES));
    },
  };
}

/** What a safety copy holds, as a file to be read like any other. */
export async function copyFile(id: number): Promise<Blob> {
  const [copy, bytes] = await Promise.all([db.copies.get(id), db.copyBytes.get(id)]);
  return new Blob([bytes?.gzip ?? JSON.stringify(copy?.file ?? null)]);
}

/** Takes a copy away for good. */
export const removeCopy = (id: number): Promise<void> =>
  db.transaction("rw", db.copies, db.copyBytes, async () => {
    await db.copies.delete(id);
    await db.copyBytes.delete(id);
  });

/**
 * Forgets everything: kitchen, plans, batches, events, larder, settings. A safety copy stays.
 * @throws the signal's reason where it is stopped while that is made: then nothing is forgotten
 */
export async function forgetEverything(way: Way = {}): Promise<void> {
  const kept = new Set(["copies", "copyBytes", "handles"]);
  for (let isDone = false; !isDone;) {
    const copy = await keptCopy("removed", way);
    isDone = await db.transaction("rw", db.tables, async () => {
      if (copy !== null && !(await standsAsIn(copy))) return false;
      await copy?.keep();
      await Promise.all(
        db.tables.filter((table) => !kept.has(table.name)).map((table) => table.clear()),
      );
      return true;
    });
  }
}
