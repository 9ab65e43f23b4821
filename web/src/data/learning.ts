import { logsByBatch } from "@kettlos/core/batch/of-log";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { teaches } from "@kettlos/core/learn/from-log";
import type { WhatTaught } from "@kettlos/core/learn/taught";
import { shelvedOf, type WorkedOut } from "@kettlos/core/logbook/shelved";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { watch } from "vue";
import { report } from "../frame/errors";
import { reckoner } from "../workers/reckoner";
import type { SaidByLog } from "../workers/reckoner.worker";
import { db, type StoredShelved, type StoredWords } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { forgetBasis, offTheShelf } from "./log-begun";
import { basisOf, isReadNow, logKey, shelfKey } from "./log-keys";
import { plain } from "./plain";
import { potState, type PotState } from "./pot-state";
import { usePotsStore } from "./pots-store";

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

function onShelf(pot: PotState, worked: WorkedOut): StoredShelved | null {
  const shelved = shelvedOf(pot, worked);
  if (shelved === null) return null;
  const { id: batchId, finishedMs } = shelved;
  return plain({ key: shelfKey(batchId, pot.events), batchId, finishedMs, pot: shelved });
}

/** Everything that is worked out of a log. */
export interface LearnedRows {
  readonly words: readonly StoredWords[];
  readonly shelved: readonly StoredShelved[];
  readonly factors: LearnedFactors;
  readonly told: WhatTaught;
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
  return { words, shelved, ...(await taughtBy(words, kitchen)) };
}

/** What the pots of a log say, as it is put together for a kitchen. */
export const saidByLog = (
  rows: readonly StoredWords[],
  { id, teaching }: Pick<Kitchen, "id" | "teaching">,
): SaidByLog => ({
  // What an older Kettlos read of a pot counts once it is read anew.
  words: rows.filter((r) => isReadNow(r.key)).map((r) => r.words),
  teaching: plain(teaching ?? null),
  kitchenId: id,
});
const taughtBy = (rows: readonly StoredWords[], kitchen: Pick<Kitchen, "id" | "teaching">) =>
  reckoner().learned(saidByLog(rows, kitchen));

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
  const tables = [db.words, db.shelved, db.learned, db.events, db.batches];
  await db.transaction("rw", tables, async () => {
    const counts = await Promise.all(
      pots.map((p) => db.events.where("batchId").equals(p.batch.id).count()),
    );
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

/** Works out what is not worked out yet of pots that are not on a shelf, and puts together what they teach. */
async function keepUp(open: readonly PotState[]): Promise<void> {
  await silence(open);
  const stale = await unread(open.filter((p) => p.cook.finishedMs !== null || teaches(p)));
  // A few at a time: what is worked out of a long log is not lost with the page.
  for (let from = 0; from < stale.length; from += AT_ONCE) {
    const [readPots, found]: [PotState[], Read[]] = [[], []];
    for (const pot of stale.slice(from, from + AT_ONCE))
      try {
        found.push(await read(pot));
        readPots.push(pot);
      } catch (error) {
        // One that cannot be worked out keeps none of the others from teaching, and stands in the logbook all the same.
        report(error);
        found.push({ words: null, shelved: onShelf(pot, { words: null, gap: null }) });
        readPots.push(pot);
      }
    await keep(readPots, found);
  }
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined) return;
  const before = await db.learned.get(kitchen.id);
  const basis = basisOf(kitchen.teaching);
  if (before?.basis === basis) return;
  const words = await db.words.toArray();
  if (words.length === 0 && before === undefined) return;
  const { factors, told } = await taughtBy(words, kitchen);
  await db.transaction("rw", db.learned, db.taught, async () => {
    // Words that have come meanwhile, from another tab perhaps, are not in it: it is done again.
    if ((await db.learned.get(kitchen.id))?.basis !== before?.basis) return;
    await db.learned.put({ kitchenId: kitchen.id, factors, basis });
    await db.taught.put({ kitchenId: kitchen.id, told });
  });
}

/** From here on what the log comes to is kept up with the log, and with what the cook says to it. */
export function keepLearning(): void {
  const pots = usePotsStore();
  const store = useKitchenStore();
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
