import type { Picture } from "@kettlos/core/batch/picture-schema";
import { KEPT_MS, type Binned } from "./binned";
import { db } from "./db";
import { beginLogAnew, forgetBasis, offTheShelf } from "./log-begun";
import { newId } from "./new-id";
import { onDisk } from "./on-disk";
import { addToLog, logTables, readLog, removeLogs } from "./pot-logs";
import { keepPicture, picturesOf } from "./pictures";
import { changeKitchen, savePlan } from "./repository";
import { writing } from "./writing";

/** Lays something removed into the bin, and says as what; what has lain there too long goes. */
export async function bin(name: string, what: Binned["what"]): Promise<Binned> {
  const removedMs = Date.now();
  const laid: Binned = { id: newId(), removedMs, name, what };
  await writing(`${name} in the bin`, () =>
    db.transaction("rw", db.bin, async () => {
      await db.bin
        .where("removedMs")
        .below(removedMs - KEPT_MS)
        .delete();
      await db.bin.put(laid);
    }),
  );
  return laid;
}

/** What lies in the bin, what was removed last first. */
export const binned = async (): Promise<readonly Binned[]> => {
  const all = await db.bin.orderBy("removedMs").reverse().toArray();
  return all.filter((b) => b.removedMs > Date.now() - KEPT_MS);
};

/** Takes a pot off for good, with its log, its pictures and what was worked out of it. */
export async function removeBatch(id: string): Promise<void> {
  const tables = [db.batches, ...logTables(), db.pictures, db.words, db.shelved, db.learned];
  await db.transaction("rw", tables, async () => {
    await removeLogs([id]);
    await db.pictures.where("batchId").equals(id).delete();
    await db.batches.delete(id);
    await offTheShelf([id]);
    await db.words.delete(id);
    await forgetBasis();
  });
}

/** Lays a pot into the bin, with all that is of it. */
export async function binBatch(batchId: string): Promise<void> {
  const batch = await db.batches.get(batchId);
  if (batch === undefined) return;
  const events = await readLog(batchId);
  const pictures = await picturesOf(batchId);
  await bin(batch.plan.name, {
    kind: "batch",
    batch,
    events,
    pictures,
  });
  await removeBatch(batchId);
}

/** Takes a picture off its pot. */
export async function binPicture(picture: Picture, potName: string): Promise<Binned> {
  const laid = await bin(`Picture of ${potName}`, { kind: "picture", picture });
  await onDisk(db.pictures, () => db.pictures.delete(picture.id));
  return laid;
}

/**
 * Brings something back to where it was; what stands there by now stays.
 * @throws Problem where it cannot: it stays in the bin
 */
export async function bringBack({ id, what }: Binned): Promise<void> {
  if (what.kind === "plan") await savePlan(what.plan);
  else if (what.kind === "batch")
    await db.transaction("rw", db.batches, db.events, db.pictures, db.settings, async () => {
      await beginLogAnew();
      await db.batches.put(what.batch);
      await db.pictures.bulkPut([...(what.pictures ?? [])]);
      await addToLog(what.events);
    });
  else if (what.kind === "picture") await keepPicture(what.picture);
  else {
    const kitchen = await db.kitchens.toCollection().first();
    const list = (kitchen?.[what.list] ?? []) as readonly { id: string }[];
    if (!list.some((t) => t.id === what.thing.id))
      await changeKitchen({ [what.list]: [...list, what.thing] });
  }
  await onDisk(db.bin, () => db.bin.delete(id));
}
