import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { logsByBatch } from "@kettlos/core/batch/of-log";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { computed, shallowRef, watch, type ShallowRef } from "vue";
import { report } from "../frame/errors";
import { db, type StoredEvent, type StoredShelved } from "./db";
import { shelvedId } from "./log-keys";
import { LOG_BEGUN } from "./log-begun";
import { useLive } from "./use-live";

/** A pot that is not on a shelf of the logbook yet: as it was begun, with its log in the order of writing. */
export interface OpenPot {
  readonly batch: Batch;
  readonly events: readonly CookEvent[];
}

/** What a browser has cooked. */
export interface Log {
  /** By id, the newest first. Its lists are new ones only where they have changed. */
  readonly open: ReadonlyMap<string, OpenPot>;
  /** By id: the latest of them at first, then all. Of one that is open too, as it was before its log grew. */
  readonly shelved: ReadonlyMap<string, ShelvedPot>;
  /** How many there are on the shelves, also while some are still to be read. */
  readonly shelvedCount: number;
  readonly isWhole: boolean;
}

/** So many of the latest are read before anything is shown. */
const FIRST_ROWS = 40;
/** And so many at a time after that, when there is nothing else to do. */
const AT_ONCE = 80;
/** However busy the page is, the next of them are read after so long, ms. */
const LATEST_MS = 300;
const idle = () =>
  new Promise<void>((resolve) => {
    if ("requestIdleCallback" in globalThis)
      requestIdleCallback(() => resolve(), { timeout: LATEST_MS });
    else setTimeout(resolve, 0);
  });

/**
 * Everything that was cooked, from this tab and others: pots under way whole, finished ones as they stand in the
 * logbook. All that belongs together is read in one transaction; after that only what is new is read.
 */
export function useLog(): Readonly<ShallowRef<Log | undefined>> {
  const log = shallowRef<Log>();
  /** Rows by the id of their pot. One whose pot has more in its log since stays until it is worked out anew. */
  const rows = new Map<string, StoredShelved>();
  /** Keys of rows that are still to be read. */
  let left: string[] = [];
  let begun: string | undefined;
  let lastSeq = 0;

  const present = () =>
    Promise.all([
      db.batches.toCollection().primaryKeys(),
      db.shelved.toCollection().primaryKeys(),
      db.settings.get(LOG_BEGUN),
    ]);

  /** Reads what has come among the open pots and onto the shelves, and lets go of what is gone. */
  async function look(): Promise<void> {
    const { value: before } = log;
    const tables = [db.batches, db.shelved, db.settings, db.events];
    const { open, wanted } = await db.transaction("r", tables, async () => {
      const [ids, keys, setting] = await present();
      const there = new Set(ids);
      const wanted = new Map(
        keys.flatMap((key) => {
          const id = shelvedId(key);
          return id !== null && there.has(id) ? [[id, key] as const] : [];
        }),
      );
      const isAnew = before === undefined || setting?.value !== begun;
      const known = isAnew ? new Map<string, OpenPot>() : before.open;
      const unknown = ids.filter((id) => !wanted.has(id) && !known.has(id));
      const [batches, events, fresh, last] = await Promise.all([
        db.batches.bulkGet(unknown),
        unknown.length === 0 ? [] : db.events.where("batchId").anyOf(unknown).sortBy("seq"),
        isAnew ? [] : db.events.where(":id").above(lastSeq).toArray(),
        db.events.orderBy(":id").last(),
      ]);
      const logs = logsOf(events);
      const still = [...grown(known, fresh)].filter(([id]) => there.has(id) && !wanted.has(id));
      const come = batches.flatMap((batch) =>
        batch === undefined
          ? []
          : [[batch.id, { batch, events: logs.get(batch.id) ?? [] }] as const],
      );
      const pots = [...still, ...come].sort(
        ([, a], [, b]) => b.batch.createdMs - a.batch.createdMs,
      );
      if (isAnew) rows.clear();
      const first = isAnew
        ? await db.shelved.orderBy("finishedMs").reverse().limit(FIRST_ROWS).toArray()
        : [];
      for (const id of rows.keys()) if (!there.has(id)) rows.delete(id);
      for (const row of first) if (wanted.get(row.batchId) === row.key) rows.set(row.batchId, row);
      left = [...wanted].flatMap(([id, key]) => (rows.get(id)?.key === key ? [] : [key]));
      // A few that are new come together with what they left; many come once the first stand.
      if (!isAnew && left.length <= AT_ONCE) await readRows(left.splice(0));
      begun = setting?.value;
      lastSeq = last?.seq ?? 0;
      return { open: new Map(pots), wanted };
    });
    const shelvedCount = wanted.size;
    log.value = { open, shelved: onShelves(), shelvedCount, isWhole: left.length === 0 };
    if (left.length > 0) void idle().then(() => inTurn(readOn));
  }

  /** Reads on, a part at a time, so that what is said meanwhile is seen between two. */
  async function readOn(): Promise<void> {
    await readRows(left.splice(0, AT_ONCE));
    if (left.length > 0) void idle().then(() => inTurn(readOn));
    else if (log.value?.isWhole === false)
      log.value = { ...log.value, shelved: onShelves(), isWhole: true };
  }

  async function readRows(keys: readonly string[]): Promise<void> {
    for (const row of await db.shelved.bulkGet([...keys]))
      if (row !== undefined) rows.set(row.batchId, row);
  }
  const onShelves = () => new Map([...rows.values()].map(({ pot }) => [pot.id, pot]));

  /** Reads what was added to the logs. */
  async function catchUp(): Promise<void> {
    const { value: before } = log;
    if (before === undefined) return;
    const fresh = await db.events.where(":id").above(lastSeq).toArray();
    lastSeq = fresh.at(-1)?.seq ?? lastSeq;
    const open = grown(before.open, fresh);
    if (open !== before.open) log.value = { ...before, open };
  }

  let turn = Promise.resolve();
  const inTurn = (read: () => Promise<void>) => {
    turn = turn.then(read).catch(report);
  };
  watch(
    useLive(() => db.transaction("r", [db.batches, db.shelved, db.settings], present)),
    () => inTurn(look),
  );
  const isBegun = computed(() => log.value !== undefined);
  // Its keys alone would not be seen to change: they are numbered as they are written.
  const news = useLive(
    async () => ({
      count: isBegun.value ? await db.events.where(":id").above(lastSeq).count() : 0,
    }),
    [isBegun],
  );
  watch(news, (now) => {
    if (now !== undefined && now.count > 0) inTurn(catchUp);
  });
  return log;
}

/** Logs as they are stored, by the id of their pot. */
export const logsOf = (events: readonly StoredEvent[]) => logsByBatch(events.map((e) => e.event));

/** Pots with these added to their logs; those that nothing is added to stay the same ones, and so do all where none is. */
export function grown(
  open: ReadonlyMap<string, OpenPot>,
  events: readonly StoredEvent[],
): ReadonlyMap<string, OpenPot> {
  const fresh = [...logsOf(events)].filter(([id]) => open.has(id));
  if (fresh.length === 0) return open;
  const all = new Map(open);
  for (const [id, more] of fresh) {
    const pot = open.get(id);
    if (pot !== undefined) all.set(id, { ...pot, events: [...pot.events, ...more] });
  }
  return all;
}
