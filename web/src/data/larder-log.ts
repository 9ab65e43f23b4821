import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { lastLarderEvent } from "@kettlos/core/larder/larder";
import {
  LarderEventSchema,
  type LarderEvent,
  type LarderEventBody,
} from "@kettlos/core/larder/larder-schema";
import { db } from "./db";
import { writing, type Waits } from "./writing";
import { checked } from "./checked";
import { newId } from "./new-id";

/** Writes larder events in one go; they are on disk when the promise resolves. */
export const appendLarder = (...bodies: readonly LarderEventBody[]): Promise<void> =>
  append(bodies);

/** The same from a dialog that stays open until they are. */
export const appendFromDialog = (...bodies: readonly LarderEventBody[]): Promise<void> =>
  append(bodies, "inItsDialog");

async function append(bodies: readonly LarderEventBody[], waits?: Waits): Promise<void> {
  const tappedMs = Date.now();
  const write = async () => {
    // A clock set back does not put what happens now before what has happened already.
    const last = await db.larder.orderBy("seq").last();
    const atMs = Math.max(tappedMs, last?.event.atMs ?? 0);
    await db.larder.bulkAdd(
      bodies.map((body) => {
        const id = newId();
        const whole = { ...body, id, atMs, schemaVersion: SCHEMA_VERSION };
        return { id, event: checked(LarderEventSchema, whole, "This entry") };
      }),
    );
  };
  await writing("an entry of the larder", () => db.transaction("rw", db.larder, write), waits);
}

/**
 * Takes back the last larder event in force, of one pot or of all.
 * @returns what was taken back; null where nothing was left
 */
export function undoLarder(batchId?: string): Promise<LarderEvent | null> {
  return db.transaction("rw", db.larder, async () => {
    const stored = await db.larder.orderBy("seq").toArray();
    const last = lastLarderEvent(
      stored.map((s) => s.event),
      batchId,
    );
    if (last !== null) await appendLarder({ kind: "undo", eventId: last.id });
    return last;
  });
}
