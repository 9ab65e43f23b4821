import { logsByBatch } from "@kettlos/core/batch/of-log";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { teaches } from "@kettlos/core/learn/from-log";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { watch } from "vue";
import { report } from "../frame/errors";
import { reckoner } from "../workers/reckoner";
import { db, type StoredShelved, type StoredWords } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { forgetBasis, offTheShelf } from "./log-begun";
import { basisOf, logKey, shelfKey, shelvedBy } from "./log-keys";
import { keepTaught, type TaughtByLog } from "./keep-taught";
import { ofLog, storedWords } from "./of-log";
import { onDisk } from "./on-disk";
import { plain } from "./plain";
import { potState, type PotState } from "./pot-state";
import { closeLogs, logLengths, logTables } from "./pot-logs";
import { usePotsStore } from "./pots-store";
import { onShelf, onShelfUnread } from "./shelving";
import { useLive } from "./use-live";
import { wholePots } from "./use-pot";

const AT_ONCE = 40;

/** What is worked out of one pot: what it teaches, where it does, and how it stands in the logbook, where it is finished. */
interface Read {
  readonly words: StoredWords | null;
  readonly shelved: StoredShelved | null;
}

async function read(pot: PotState): Promise<Read> {
  const { stored, events, cook } = pot;
  const batchId = stored.id;
  const worked = await reckoner().words(plain(stored), plain(events));
  const words = teaches({ batch: stored, cook }) ? worked.words : null;
  return {
    words: words === null ? null : { batchId, key: logKey(events), words },
    shelved: onShelf(pot, { words, gap: worked.gap }),
  };
}

/** Everything that is worked out of a log. */
export interface LearnedRows extends TaughtByLog {
  readonly words: readonly StoredWords[];
  readonly shelved: readonly StoredShelved[];
}

/** What the log of a file comes to, pot by pot. */
export async function learnedFrom({
  batches,
  events,
  kitchen,
}: Pick<KettlosFile, "batches" | "events" | "kitchen">): Promise<LearnedRows> {
  const logs = logsByBatch(events);
  const found: Read[] = [];
  for (const batch of batches)
    found.push(await read(potState({ batch, events: logs.get(batch.id) ?? [] })));
  const words = found.flatMap((r) => r.words ?? []);
  const shelved = found.flatMap((r) => r.shelved ?? []);
  return { words, shelved, ...(await taughtBy([words], kitchen)) };
}

const taughtBy = (
  words: Parameters<typeof ofLog>[0],
  kitchen: Pick<Kitchen, "id" | "teaching">,
): Promise<TaughtByLog> => ofLog(words, kitchen, (learner) => reckoner().learned(learner));

/** Pots of which something is not worked out yet, or whose log has grown since. */
async function unread(pots: readonly PotState[]): Promise<readonly PotState[]> {
  const ids = pots.map((p) => p.batch.id);
  const [words, keys] = await Promise.all([
    db.words.bulkGet(ids),
    db.shelved.where("batchId").anyOf(ids).primaryKeys(),
  ]);
  const shelved = new Set(keys);
  return pots.filter(({ batch, cook, events }, i) =>
    cook.finishedMs === null
      ? words[i]?.key !== logKey(events)
      : !shelved.has(shelfKey(batch.id, events)),
  );
}

/** Keeps what was worked out of pots, but of those whose log has grown meanwhile. */
async function keep(pots: readonly PotState[], found: readonly Read[]): Promise<void> {
  const tables = [db.words, db.shelved, db.learned, ...logTables(), db.batches];
  await db.transaction("rw", tables, async () => {
    const counts = await logLengths(pots.map((p) => p.batch.id));
    const there = await db.batches.bulkGet(pots.map((p) => p.batch.id));
    const fresh = found.filter(
      (_, i) => there[i] !== undefined && counts[i] === pots[i]?.events.length,
    );
    await db.words.bulkDelete(
      pots.filter((_, i) => found[i]?.words === null).map((p) => p.batch.id),
    );
    await db.words.bulkPut(fresh.flatMap((r) => r.words ?? []));
    await offTheShelf(fresh.flatMap((r) => r.shelved?.batchId ?? []));
    await db.shelved.bulkPut(fresh.flatMap((r) => r.shelved ?? []));
    const onShelves = new Set(fresh.flatMap((r) => r.shelved?.batchId ?? []));
    const closing = pots.filter((p) => onShelves.has(p.batch.id));
    await closeLogs(new Map(closing.map((p) => [p.batch.id, p.events])));
    await forgetBasis();
  });
}

/** What is not strained any more, since that was taken back, teaches nothing. */
async function silence(pots: readonly PotState[]): Promise<void> {
  await db.transaction("rw", db.words, db.learned, async () => {
    const ids = pots.filter((p) => !teaches(p)).map((p) => p.batch.id);
    const spoke = await db.words.where("batchId").anyOf(ids).primaryKeys();
    if (spoke.length === 0) return;
    await db.words.bulkDelete(spoke);
    await forgetBasis();
  });
}

/** Works these out and keeps what comes of it. */
async function workOut(pots: readonly PotState[]): Promise<void> {
  const found: Read[] = [];
  for (const pot of pots)
    try {
      found.push(await read(pot));
    } catch (error) {
      // One that cannot be worked out keeps none of the others from teaching, and stands in the logbook all the same.
      report(error);
      found.push({ words: null, shelved: onShelf(pot, { words: null, gap: null }) });
    }
  await keep(pots, found);
}

/** Pots with their logs; none where one of them cannot be read: they are off their shelves then, where that is said. */
const readable = (ids: readonly string[]): Promise<readonly PotState[]> =>
  wholePots(ids).catch((error: unknown) => {
    report(error);
    return [];
  });

/** What was put on the shelves in another way than now stands there as it is now: first without what takes long. */
async function shelveAnew(): Promise<void> {
  const stale = (await db.shelved.toCollection().primaryKeys()).filter((k) => !shelvedBy(k).isNow);
  for (let from = 0; from < stale.length; from += AT_ONCE) {
    const keys = stale.slice(from, from + AT_ONCE);
    const ids = (await db.shelved.bulkGet(keys)).flatMap((row) => row?.batchId ?? []);
    const pots = await readable(ids);
    await db.transaction("rw", [db.shelved, ...logTables()], async () => {
      const lengths = await logLengths(pots.map((p) => p.batch.id));
      const same = pots.filter((p, i) => p.events.length === lengths[i]);
      await db.shelved.bulkDelete(keys);
      await db.shelved.bulkPut(same.flatMap((p) => onShelfUnread(p) ?? []));
    });
  }
}

/** Works out what is not worked out yet, and puts together what all of it teaches. */
async function keepUp(open: readonly PotState[]): Promise<void> {
  await silence(open);
  await shelveAnew();
  const stale = await unread(open.filter((p) => p.cook.finishedMs !== null || teaches(p)));
  // A few at a time: what is worked out of a long log is not lost with the page.
  for (let from = 0; from < stale.length; from += AT_ONCE)
    await workOut(stale.slice(from, from + AT_ONCE));
  for (;;) {
    const rows = await db.shelved.where("unread").equals(1).limit(AT_ONCE).toArray();
    if (rows.length === 0) break;
    await workOut(await readable(rows.map((r) => r.batchId)));
    // What is not worked out by that is no finished pot: it is off its shelf, and none is tried for ever.
    await onDisk(db.shelved, () =>
      db.shelved
        .where("key")
        .anyOf(rows.map((r) => r.key))
        .filter((r) => r.unread === 1)
        .delete(),
    );
  }
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined) return;
  const before = await db.learned.get(kitchen.id);
  const basis = basisOf(kitchen.teaching);
  if (before?.basis === basis) return;
  if (before === undefined && (await db.words.count()) === 0) return;
  const taught = await taughtBy(storedWords(), kitchen);
  await db.transaction("rw", db.learned, db.taught, db.taughtShown, async () => {
    // Words that have come meanwhile, from another tab perhaps, are not in it: it is done again.
    if ((await db.learned.get(kitchen.id))?.basis !== before?.basis) return;
    await keepTaught(kitchen.id, taught, basis);
  });
}

/** From here on what the log comes to is kept up with the log, and with what the cook says to it. */
export function keepLearning(): void {
  const pots = usePotsStore();
  const store = useKitchenStore();
  const unreadCount = useLive(() => db.shelved.where("unread").equals(1).count());
  let turn = Promise.resolve();
  /** One waits while one is under way: it reads what there is by then. */
  let isWaiting = false;
  watch(
    () =>
      pots.isReady && store.kitchen !== null
        ? [
            ...[...pots.open.values()].map((p) =>
              teaches(p) ? `${p.batch.id} ${logKey(p.events)}` : p.batch.id,
            ),
            store.learnedBasis,
            (unreadCount.value ?? 0) > 0,
            JSON.stringify(store.kitchen.teaching),
          ].join("\n")
        : null,
    (key) => {
      if (key === null || isWaiting) return;
      isWaiting = true;
      turn = turn
        .then(() => {
          isWaiting = false;
          return keepUp([...pots.open.values()]);
        })
        .catch(report);
    },
    { immediate: true },
  );
}
