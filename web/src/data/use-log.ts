import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import { logsByBatch } from "@kettlos/core/batch/of-log";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import { computed, shallowRef, watch, type ShallowRef } from "vue";
import { report } from "../frame/errors";
import { db, type StoredEvent, type StoredShelved } from "./db";
import { shelvedBy } from "./log-keys";
import { LOG_BEGUN } from "./log-begun";
import { pause } from "./pause";
import { logTables, readLogs } from "./pot-logs";
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
  /** Whether all are there that drew on the larder, or named a lot of it. */
  readonly isDrawnKnown: boolean;
}

/** So many of the latest are read before anything is shown. */
const FIRST_ROWS = 40;
/** And so many at a time after that, when there is nothing else to do. */
const AT_ONCE = 400;
/** However busy the page is, the next of them are read after so long, ms. */
const LATEST_MS = 300;
const MOST_PUT_OFF_MS = 1000;
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
  let isAwaiting = false;
  let begun: string | undefined;
  let lastSeq = 0;

  const present = () =>
    Promise.all([
      db.batches.toCollection().primaryKeys(),
      db.shelved.toCollection().primaryKeys(),
      db.settings.get(LOG_BEGUN),
    ]);

  /** Keys of those of these rows whose pots drew on the larder, or named a lot of it. */
  async function drawing(keys: readonly string[]): Promise<readonly string[]> {
    const [named, drawn] = await Promise.all([
      db.shelved.orderBy("pot.namedLots").primaryKeys(),
      db.shelved.orderBy("pot.drawnKg").primaryKeys(),
    ]);
    const all = new Set([...named, ...drawn]);
    return keys.filter((key) => all.has(key));
  }

  /** Reads what has come among the open pots and onto the shelves, and lets go of what is gone. */
  async function look(): Promise<void> {
    const { value: before } = log;
    const tables = [db.batches, db.shelved, db.settings, ...logTables()];
    const { open, wanted, awaited } = await db.transaction("r", tables, async () => {
      const [ids, keys, setting] = await present();
      const there = new Set(ids);
      const wanted = new Map<string, string>();
      /** They were put there in another way than now: they are seen once that is done anew. */
      const awaited = new Set<string>();
      for (const key of keys) {
        const { id, isNow } = shelvedBy(key);
        if (!there.has(id)) continue;
        if (isNow) wanted.set(id, key);
        else awaited.add(id);
      }
      const isAnew = before === undefined || setting?.value !== begun;
      const known = isAnew ? new Map<string, OpenPot>() : before.open;
      const isShelved = (id: string) => wanted.has(id) || awaited.has(id);
      const unknown = ids.filter((id) => !isShelved(id) && !known.has(id));
      const [batches, logs, fresh, last] = await Promise.all([
        db.batches.bulkGet(unknown),
        readLogs(unknown),
        isAnew ? [] : db.events.where(":id").above(lastSeq).toArray(),
        db.events.orderBy(":id").last(),
      ]);
      const still = [...grown(known, fresh)].filter(([id]) => there.has(id) && !isShelved(id));
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
      // A few that are new come together with what they left; of many those that drew, the others once these stand.
      // Nobody waits for that before the first rows.
      if (before !== undefined)
        await readNow(isAnew || left.length > AT_ONCE ? await drawing(left) : left);
      begun = setting?.value;
      lastSeq = last?.seq ?? 0;
      for (const id of wanted.keys()) awaited.delete(id);
      return { open: new Map(pots), wanted, awaited };
    });
    const shelvedCount = wanted.size + awaited.size;
    // Those that are awaited come by themselves, and this is gone through again.
    isAwaiting = awaited.size > 0;
    const isWhole = left.length === 0 && !isAwaiting;
    const isDrawnKnown = (before !== undefined || isWhole) && !isAwaiting;
    log.value = { open, shelved: onShelves(), shelvedCount, isWhole, isDrawnKnown };
    if (left.length === 0) return;
    if (before === undefined) inTurn(readDrawn);
    void idle().then(() => inTurn(readOn));
  }

  /** Reads these of what is left. */
  async function readNow(keys: readonly string[]): Promise<void> {
    for (const row of await db.shelved.bulkGet([...keys]))
      if (row !== undefined) rows.set(row.batchId, row);
    const read = new Set(keys);
    left = left.filter((key) => !read.has(key));
  }

  /** Reads those that drew on the larder, a part at a time, and shows them together. */
  async function readDrawn(): Promise<void> {
    const keys = await drawing(left);
    for (let from = 0; from < keys.length; from += AT_ONCE) {
      await readNow(keys.slice(from, from + AT_ONCE));
      await pause();
    }
    if (log.value !== undefined)
      log.value = { ...log.value, shelved: onShelves(), isDrawnKnown: !isAwaiting };
  }

  /** Reads on, a part at a time, so that what is said meanwhile is seen between two. */
  async function readOn(): Promise<void> {
    await readRows(left.splice(0, AT_ONCE));
    if (left.length > 0) void idle().then(() => inTurn(readOn));
    else if (log.value?.isWhole === false && !isAwaiting)
      log.value = { ...log.value, shelved: onShelves(), isWhole: true, isDrawnKnown: true };
  }

  /** Of neighbouring keys: they come in one reading, with what else lies between them. */
  async function readRows(keys: readonly string[]): Promise<void> {
    const sorted = keys.toSorted();
    const [first, last] = [sorted[0], sorted.at(-1)];
    if (first === undefined || last === undefined) return;
    const asked = new Set(keys);
    for (const row of await db.shelved.where(":id").between(first, last, true, true).toArray())
      if (asked.has(row.key)) rows.set(row.batchId, row);
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

  let [lookedMs, tookMs] = [0, 0];
  /** While many pots are put on their shelves one after the other, a tenth of the time goes into looking; it is put off for so long at most, ms. */
  async function rested(): Promise<void> {
    const leftMs = Math.min(MOST_PUT_OFF_MS, lookedMs + 9 * tookMs - performance.now());
    if (leftMs > 0) await new Promise((resolve) => setTimeout(resolve, leftMs));
  }

  let turn = Promise.resolve();
  const inTurn = (read: () => Promise<void>) => {
    turn = turn.then(read).catch(report);
  };
  /** Changes with every pot that comes or goes, here or on the shelves. */
  const changed = useLive(() =>
    db.transaction("r", [db.batches, db.shelved, db.settings], async () => [
      await db.batches.count(),
      await db.shelved.count(),
      (await db.settings.get(LOG_BEGUN))?.value,
    ]),
  );
  let isWaiting = false;
  watch(changed, async () => {
    if (isWaiting) return;
    isWaiting = true;
    // Not in turn: what is said of an open pot meanwhile does not wait for it.
    await rested();
    isWaiting = false;
    inTurn(async () => {
      const from = performance.now();
      await look();
      [lookedMs, tookMs] = [performance.now(), performance.now() - from];
    });
  });
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

/** Pots with these added to their logs; those that nothing is added to stay the same ones, and so do all where none is. */
export function grown(
  open: ReadonlyMap<string, OpenPot>,
  events: readonly StoredEvent[],
): ReadonlyMap<string, OpenPot> {
  const fresh = [...logsByBatch(events.map((e) => e.event))].filter(([id]) => open.has(id));
  if (fresh.length === 0) return open;
  const all = new Map(open);
  for (const [id, more] of fresh) {
    const pot = open.get(id);
    if (pot !== undefined) all.set(id, { ...pot, events: [...pot.events, ...more] });
  }
  return all;
}
