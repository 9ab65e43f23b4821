import type { Batch, CookEvent } from "@kettlos/core/batch/batch-schema";
import { teaches } from "@kettlos/core/learn/from-log";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { watch } from "vue";
import { report } from "../frame/errors";
import { reckoner } from "../workers/reckoner";
import type { SaidByLog } from "../workers/reckoner.worker";
import { db, type StoredWords } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { plain } from "./plain";
import { usePotsStore } from "./pots-store";

/** A pot with its log, as far as it may teach something. */
interface Logged {
  readonly batch: Batch;
  readonly events: readonly CookEvent[];
}

const AT_ONCE = 40;

/** Goes up with how a pot is read: what was worked out before that is worked out anew. */
const READ_VERSION = 3;
/** A log is only ever added to: what it comes to is another thing once it has more in it, or ends otherwise. */
const keyOf = (events: readonly CookEvent[]) =>
  `${READ_VERSION}:${events.length}:${events.at(-1)?.id ?? ""}`;

const wordsOf = async ({ batch, events }: Logged): Promise<StoredWords> => ({
  batchId: batch.id,
  key: keyOf(events),
  ...(await reckoner().words(plain(batch), plain(events))),
});

/** What is learned of a kitchen, with the words of the pots that it is from. */
export interface LearnedRows {
  readonly words: readonly StoredWords[];
  readonly factors: LearnedFactors;
}

/** What a whole log teaches, pot by pot. */
export async function learnedFrom(
  logged: readonly Logged[],
  kitchenId: string,
): Promise<LearnedRows> {
  const words: StoredWords[] = [];
  for (const pot of logged) words.push(await wordsOf(pot));
  return { words, factors: await factorsOf(words, { id: kitchenId }) };
}

/** What the pots of a log say, as it is put together for a kitchen. */
export const saidByLog = (
  rows: readonly StoredWords[],
  { id, teaching }: Pick<Kitchen, "id" | "teaching">,
): SaidByLog => ({
  // What an older Kettlos read of a pot counts once it is read anew.
  words: rows.filter((r) => r.key.startsWith(`${READ_VERSION}:`)).map((r) => r.words),
  teaching: plain(teaching ?? null),
  kitchenId: id,
});
const factorsOf = (rows: readonly StoredWords[], kitchen: Pick<Kitchen, "id" | "teaching">) =>
  reckoner().learned(saidByLog(rows, kitchen));

/** Words of pots that are new, or whose log has changed; of pots that are gone none is kept. */
async function keepUp(logged: readonly Logged[]): Promise<void> {
  const known = new Map((await db.words.toArray()).map((w) => [w.batchId, w.key]));
  const there = new Set(logged.map(({ batch }) => batch.id));
  const gone = [...known.keys()].filter((id) => !there.has(id));
  const stale = logged.filter(({ batch, events }) => known.get(batch.id) !== keyOf(events));
  await db.words.bulkDelete(gone);
  // A few at a time: what is worked out of a long log is not lost with the page.
  for (let from = 0; from < stale.length; from += AT_ONCE) {
    const rows: StoredWords[] = [];
    for (const pot of stale.slice(from, from + AT_ONCE))
      try {
        rows.push(await wordsOf(pot));
      } catch (error) {
        // One that cannot be read keeps none of the others from teaching.
        report(error);
      }
    await db.words.bulkPut(rows);
  }
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined) return;
  const words = await db.words.toArray();
  const before = await db.learned.get(kitchen.id);
  if (words.length === 0 && before === undefined) return;
  const factors = await factorsOf(words, kitchen);
  if (JSON.stringify(before?.factors) !== JSON.stringify(factors))
    await db.learned.put({ kitchenId: kitchen.id, factors });
}

/** From here on what the log teaches is kept up with the log, and with what the cook says to it. */
export function keepLearning(): void {
  const pots = usePotsStore();
  const store = useKitchenStore();
  let turn = Promise.resolve();
  watch(
    () => {
      const told = pots.pots.filter(teaches);
      return [
        told.map((p) => `${p.batch.id} ${keyOf(p.events)}`).join("\n"),
        JSON.stringify(store.kitchen?.teaching),
        pots.isReady && store.kitchen !== null,
        told,
      ] as const;
    },
    ([key, teaching, isReady, told], before) => {
      if (!isReady || (key === before?.[0] && teaching === before[1] && before[2])) return;
      const logged = told.map(({ stored, events }) => ({ batch: stored, events }));
      turn = turn.then(() => keepUp(logged)).catch(report);
    },
    { immediate: true },
  );
}
