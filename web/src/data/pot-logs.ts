import { logsByBatch } from "@kettlos/core/batch/of-log";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { db } from "./db";

/**
 * The logs of pots. While a pot is under way each event is a row of its own; once it is on its shelf all of them lie
 * in one row as text, and what is added after that is rows again. In the order of writing, what is in the one row
 * comes first.
 */

/** What a transaction on logs is to name. */
export const logTables = () => [db.logs, db.events] as const;

/** Of each of these pots, whole; one that has none has an empty one. Part of a transaction on `logTables`. */
export async function readLogs(
  batchIds: readonly string[],
): Promise<ReadonlyMap<string, readonly CookEvent[]>> {
  if (batchIds.length === 0) return new Map();
  const closed = await db.logs.bulkGet([...batchIds]);
  const rows = await db.events.where("batchId").anyOf(batchIds).sortBy("seq");
  const later = logsByBatch(rows.map((r) => r.event));
  return new Map(
    batchIds.map((id, i) => [id, [...closedEvents(closed[i]), ...(later.get(id) ?? [])]]),
  );
}

export const readLog = async (batchId: string): Promise<readonly CookEvent[]> =>
  (await readLogs([batchId])).get(batchId) ?? [];

/** How long the logs of these pots are, without reading them. */
export async function logLengths(batchIds: readonly string[]): Promise<readonly number[]> {
  const closed = await db.logs.bulkGet([...batchIds]);
  return Promise.all(
    batchIds.map(
      async (id, i) =>
        (closed[i]?.count ?? 0) + (await db.events.where("batchId").equals(id).count()),
    ),
  );
}

/** The last event that was written of a pot. */
export async function lastEvent(batchId: string): Promise<CookEvent | undefined> {
  const last = await db.events.where("batchId").equals(batchId).last();
  return last?.event ?? closedEvents(await db.logs.get(batchId)).at(-1);
}

/** Puts events behind those of a log, each as a row. */
export const addToLog = (events: readonly CookEvent[]): Promise<unknown> =>
  db.events.bulkAdd(events.map((event) => ({ id: event.id, batchId: event.batchId, event })));

/** Lays all events of pots into one row each. */
export async function closeLogs(logs: ReadonlyMap<string, readonly CookEvent[]>): Promise<void> {
  await db.logs.bulkPut(
    [...logs].map(([batchId, events]) => ({
      batchId,
      count: events.length,
      text: JSON.stringify(events),
    })),
  );
  await db.events
    .where("batchId")
    .anyOf([...logs.keys()])
    .delete();
}

/** Takes the logs of pots off for good. */
export async function removeLogs(batchIds: readonly string[]): Promise<void> {
  await db.logs.bulkDelete([...batchIds]);
  await db.events.where("batchId").anyOf(batchIds).delete();
}

const closedEvents = (row: { readonly text: string } | undefined): readonly CookEvent[] =>
  row === undefined ? [] : (JSON.parse(row.text) as readonly CookEvent[]);
