import type { CookEvent } from "@kettlos/core/batch/batch-schema";
import { shallowRef, watch, type ShallowRef } from "vue";
import { db, type StoredEvent } from "./db";
import { useLive } from "./use-live";

/** Events by batch, in the order of writing. A batch's list is a new one only when it has changed. */
export type EventLog = ReadonlyMap<string, readonly CookEvent[]>;

/**
 * Every stored event, from this tab and others. The log only grows, so that each time only what is new
 * is read; where the count does not fit (something was removed, or read in), all of it is read again.
 */
export function useEventLog(): {
  readonly log: Readonly<ShallowRef<EventLog | undefined>>;
  /** The newest entry that is in it. */
  readonly lastSeq: Readonly<ShallowRef<number>>;
} {
  const log = shallowRef<EventLog>();
  const newest = shallowRef(0);
  let lastSeq = 0;
  let known = 0;
  const change = useLive(async () => {
    const [count, fresh] = await db.transaction("r", db.events, () =>
      Promise.all([db.events.count(), db.events.where(":id").above(lastSeq).toArray()]),
    );
    if (known + fresh.length === count) return { isAll: false, events: fresh };
    return { isAll: true, events: await db.events.orderBy("seq").toArray() };
  });
  watch(change, (now) => {
    if (now === undefined) return;
    // An answer asked for before the last one was taken in may hold events already known.
    const events = now.isAll ? now.events : now.events.filter((e) => e.seq > lastSeq);
    log.value = grown(now.isAll ? new Map() : (log.value ?? new Map()), events);
    known = now.isAll ? events.length : known + events.length;
    lastSeq = events.at(-1)?.seq ?? (now.isAll ? 0 : lastSeq);
    newest.value = lastSeq;
  });
  return { log, lastSeq: newest };
}

/** The log with these added; lists that are not added to stay the same ones. */
export function grown(log: EventLog, events: readonly StoredEvent[]): EventLog {
  if (events.length === 0) return log;
  const byBatch = new Map<string, CookEvent[]>();
  for (const { batchId, event } of events) {
    const list = byBatch.get(batchId);
    if (list === undefined) byBatch.set(batchId, [...(log.get(batchId) ?? []), event]);
    else list.push(event);
  }
  return new Map([...log, ...byBatch]);
}
