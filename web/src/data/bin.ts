import { KEPT_MS, type Binned } from "./binned";
import { db } from "./db";
import { beginLogAnew } from "./log-begun";
import { newId } from "./new-id";
import { changeKitchen, removeBatch, savePlan } from "./repository";
import { writing } from "./writing";

/** Lays something removed into the bin; what has lain there too long goes. */
export async function bin(name: string, what: Binned["what"]): Promise<void> {
  const removedMs = Date.now();
  await writing(`${name} in the bin`, () =>
    db.transaction("rw", db.bin, async () => {
      await db.bin
        .where("removedMs")
        .below(removedMs - KEPT_MS)
        .delete();
      await db.bin.put({ id: newId(), removedMs, name, what });
    }),
  );
}

/** What lies in the bin, what was removed last first. */
export const binned = async (): Promise<readonly Binned[]> => {
  const all = await db.bin.orderBy("removedMs").reverse().toArray();
  return all.filter((b) => b.removedMs > Date.now() - KEPT_MS);
};

/** Takes a pot off for good, with its log into the bin. */
export async function binBatch(batchId: string): Promise<void> {
  const batch = await db.batches.get(batchId);
  if (batch === undefined) return;
  const stored = await db.events.where("batchId").equals(batchId).sortBy("seq");
  await bin(batch.plan.name, { kind: "batch", batch, events: stored.map((s) => s.event) });
  await removeBatch(batchId);
}

/** Brings something back to where it was; what stands there by now stays. */
export async function bringBack({ id, what }: Binned): Promise<void> {
  if (what.kind === "plan") await savePlan(what.plan);
  else if (what.kind === "batch")
    await db.transaction("rw", db.batches, db.events, db.settings, async () => {
      await beginLogAnew();
      await db.batches.put(what.batch);
      await db.events.bulkAdd(
        what.events.map((event) => ({ id: event.id, batchId: what.batch.id, event })),
      );
    });
  else {
    const kitchen = await db.kitchens.toCollection().first();
    const list = (kitchen?.[what.list] ?? []) as readonly { id: string }[];
    if (!list.some((t) => t.id === what.thing.id))
      await changeKitchen({ [what.list]: [...list, what.thing] });
  }
  await db.bin.delete(id);
}
