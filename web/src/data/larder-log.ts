import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { lastLarderEvent, lotsOf } from "@kettlos/core/larder/larder";
import type { LarderEvent, LarderEventBody } from "@kettlos/core/larder/larder-schema";
import { checks, type Checks } from "./checks";
import { db } from "./db";
import { writing, type Waits } from "./writing";
import { newId } from "./new-id";

/** Writes larder events in one go; they are on disk when the promise resolves. */
export const appendLarder = (...bodies: readonly LarderEventBody[]): Promise<void> =>
  append(() => bodies);

/**
 * Puts a lot on its shelf. It is made as it is written, by the codes on all lids that lie on disk then: what a screen
 * has read may be behind, and no code is given twice.
 */
export const storeLot = (
  stored: (usedCodes: ReadonlySet<string>) => LarderEventBody,
  waits?: Waits,
): Promise<void> => append(async () => [stored(await codesTaken())], waits);

async function append(
  bodies: () => readonly LarderEventBody[] | Promise<readonly LarderEventBody[]>,
  waits?: Waits,
): Promise<void> {
  const tappedMs = Date.now();
  const write = async () => {
    const checked = await checks();
    await db.transaction("rw", db.larder, async () => await put(await bodies(), tappedMs, checked));
  };
  await writing("an entry of the larder", write, waits);
}

async function codesTaken(): Promise<ReadonlySet<string>> {
  const stored = await db.larder.orderBy("seq").toArray();
  return new Set([...lotsOf(stored.map((s) => s.event)).values()].map((lot) => lot.code));
}

/** Part of a transaction on the larder. */
async function put(
  bodies: readonly LarderEventBody[],
  tappedMs: number,
  { wholeLarderEvent }: Checks,
): Promise<void> {
  // A clock set back does not put what happens now before what has happened already.
  const last = await db.larder.orderBy("seq").last();
  const atMs = Math.max(tappedMs, last?.event.atMs ?? 0);
  await db.larder.bulkAdd(
    bodies.map((body) => {
      const id = newId();
      const whole = { ...body, id, atMs, schemaVersion: SCHEMA_VERSION };
      return { id, event: wholeLarderEvent(whole) };
    }),
  );
}

/**
 * Takes back the last larder event in force, of one pot or of all.
 * @returns what was taken back; null where nothing was left
 */
export function undoLarder(batchId?: string): Promise<LarderEvent | null> {
  const tappedMs = Date.now();
  /** Found when it was tapped: where the disk is full then, no other one is taken back later. */
  let last: LarderEvent | null | undefined;
  return writing("an entry of the larder", async () => {
    const checked = await checks();
    return db.transaction("rw", db.larder, async () => {
      if (last === undefined) {
        const stored = await db.larder.orderBy("seq").toArray();
        last = lastLarderEvent(
          stored.map((s) => s.event),
          batchId,
        );
      }
      if (last !== null) await put([{ kind: "undo", eventId: last.id }], tappedMs, checked);
      return last;
    });
  });
}
