import type { Batch } from "@kettlos/core/batch/batch-schema";
import { logsByBatch } from "@kettlos/core/batch/of-log";
import type { Picture } from "@kettlos/core/batch/picture-schema";
import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { FileHead } from "@kettlos/core/formats/file-lists";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { mergeKitchens } from "@kettlos/core/formats/merge-kitchens";
import { planHere } from "@kettlos/core/formats/plan-file";
import { untaught } from "@kettlos/core/simulate/learned";
import type { Clock } from "@kettlos/core/simulate/clock-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { report } from "../frame/errors";
import { CLOCK_ID } from "./clock-log";
import { db, type StoredShelved } from "./db";
import type { Way } from "./file-out";
import { keepTaught } from "./keep-taught";
import type { LearnedRows } from "./learning";
import { beginLogAnew, forgetBasis, offTheShelf } from "./log-begun";
import { basisOf } from "./log-keys";
import { newId } from "./new-id";
import { addToLog, closeLogs, logTables, readLogs } from "./pot-logs";
import { potState } from "./pot-state";
import { keptCopy, standsAsIn } from "./safety-copies";
import { same } from "./said-changes";
import { onShelfUnread } from "./shelving";

/** How a file comes in: in place of everything, or added to it. */
export type ImportWay = "replace" | "merge";

interface FilePot {
  readonly batch: Batch;
  readonly events: readonly CookEvent[];
  readonly pictures: readonly Picture[];
}

/** A checked file, wherever it lies. It is read in the transaction that takes it in, so it waits for nothing but tables. */
export interface FileSource {
  readonly head: FileHead;
  readonly batchIds: readonly string[];
  /** @throws Problem where it is not there any more */
  begin(): Promise<void>;
  plans(): Promise<readonly Plan[]>;
  pots(ids: readonly string[]): Promise<readonly FilePot[]>;
  larder(): Promise<KettlosFile["larder"]>;
  settings(): Promise<KettlosFile["settings"]>;
}

/** A file that lies in memory, as the sample's or a link's. */
function sourceOf(file: KettlosFile): FileSource {
  const logs = logsByBatch(file.events);
  const batches = new Map(file.batches.map((b) => [b.id, b]));
  return {
    head: file,
    batchIds: [...batches.keys()],
    begin: () => Promise.resolve(),
    plans: () => Promise.resolve(file.plans),
    larder: () => Promise.resolve(file.larder),
    settings: () => Promise.resolve(file.settings),
    pots: (ids) =>
      Promise.resolve(
        ids.flatMap((id) => {
          const batch = batches.get(id);
          const pictures = file.pictures.filter((p) => p.batchId === id);
          return batch === undefined ? [] : [{ batch, events: logs.get(id) ?? [], pictures }];
        }),
      ),
  };
}

const POTS_AT_ONCE = 25;
/**
 * And so many are written at once: from that many on the database tells all who look of a whole table, and not of each
 * row, which of thousands takes long as it is done.
 */
const WRITTEN_AT_ONCE = 50;
/** So much of the way is the safety copy. */
const COPYING_SHARE = 0.4;
/** A part of a way. */
const shared = ({ signal, onShare }: Way, of: (share: number) => number): Way => ({
  ...(signal === undefined ? {} : { signal }),
  onShare: (share) => onShare?.(of(share)),
});

/** Takes a checked file that lies in memory in. @throws as `takeIn` */
export const importAll = (
  file: KettlosFile,
  how: ImportWay,
  learned?: LearnedRows,
): Promise<void> => takeIn(sourceOf(file), how, {}, learned);

/**
 * Takes a checked file in, all or nothing, after a safety copy of what it replaces. Merging keeps this
 * kitchen and adds what it has not; plans with the same id take the file's version. Of a file of pots only the
 * pots are added.
 * @param learned what its log teaches, where that is worked out already; else it is once it is in
 * @throws Problem `range` where both together are more than a kitchen holds, `unreadable` where the file is not
 *   there any more; the signal's reason where it is stopped
 */
export async function takeIn(
  source: FileSource,
  how: ImportWay,
  way: Way = {},
  learned?: LearnedRows,
): Promise<void> {
  const tables = [
    ...[db.kitchens, db.plans, db.batches, ...logTables(), db.pictures],
    ...[db.larder, db.settings, db.clocks],
  ];
  const workedOut = [db.words, db.shelved, db.learned, db.taught, db.taughtShown];
  const inAll = [...tables, ...workedOut, db.copies, db.copyBytes, db.steps, db.incoming];
  for (let isDone = false; !isDone;) {
    const copy =
      how === "replace"
        ? await keptCopy(
            "replaced",
            shared(way, (share) => COPYING_SHARE * share),
          )
        : null;
    const from = copy === null ? 0 : COPYING_SHARE;
    isDone = await db.transaction("rw", inAll, async () => {
      await source.begin();
      // What was written while it was copied would be nowhere: it is copied anew.
      if (copy !== null && !(await standsAsIn(copy))) return false;
      if (how === "replace") {
        await copy?.keep();
        // Steps of other documents lead nowhere from these.
        await db.steps.clear();
        await Promise.all([...tables, ...workedOut].map((table) => table.clear()));
      }
      await putIn(
        source,
        shared(way, (share) => from + (1 - from) * share),
        learned,
      );
      return true;
    });
  }
}

async function putIn(source: FileSource, way: Way, learned?: LearnedRows): Promise<void> {
  const { head } = source;
  await beginLogAnew();
  await forgetBasis();
  const here = await db.kitchens.toCollection().first();
  const merged =
    here === undefined
      ? { kitchen: head.kitchen, renamed: <P>(plan: P) => plan }
      : head.part === undefined
        ? mergeKitchens(here, head.kitchen)
        : {
            kitchen: here,
            renamed: (plan: Plan) => planHere(plan, head.kitchen, here, newId()).plan,
          };
  await db.kitchens.put(untaught(merged.kitchen));
  const plans = await source.plans();
  const stamp = Date.now();
  await db.plans.bulkPut(
    plans.map(merged.renamed).map((plan, i) => ({
      id: plan.id,
      updatedMs: stamp - plans.length + i,
      plan,
    })),
  );
  const { batchIds } = source;
  const waiting: PotChange[] = [];
  for (let from = 0; from < batchIds.length; from += POTS_AT_ONCE) {
    way.signal?.throwIfAborted();
    waiting.push(
      ...(await changesBy(await source.pots(batchIds.slice(from, from + POTS_AT_ONCE)))),
    );
    if (waiting.length >= WRITTEN_AT_ONCE) await putPots(waiting.splice(0));
    way.onShare?.(from / batchIds.length);
  }
  await putPots(waiting);
  way.signal?.throwIfAborted();
  await takeClock(head.clock);
  const larder = await source.larder();
  const known = await larderIds(larder.map((e) => e.id));
  await db.larder.bulkAdd(
    larder.filter((e) => !known.has(e.id)).map((event) => ({ id: event.id, event })),
  );
  // What this browser was told already stands.
  const told = new Set((await db.settings.toCollection().primaryKeys()).map(String));
  await db.settings.bulkPut((await source.settings()).filter((s) => !told.has(s.key)));
  if (learned !== undefined) await putLearned(learned, merged.kitchen);
}

/** What a pot of a file changes here. */
interface PotChange extends Pick<FilePot, "batch" | "pictures"> {
  /** What is in its log then, in all; and what of that is new. */
  readonly all: readonly CookEvent[];
  readonly fresh: readonly CookEvent[];
  /** On its shelf; null of one that is under way. */
  readonly row: StoredShelved | null;
  /** Read in twice, nothing is another thing, and nothing is worked out anew. */
  readonly isKnown: boolean;
}

/** Pots with what was done to them: what is here of one already gets what it has not. */
async function changesBy(pots: readonly FilePot[]): Promise<readonly PotChange[]> {
  const ids = pots.map((p) => p.batch.id);
  const [batches, logs] = await Promise.all([db.batches.bulkGet(ids), readLogs(ids)]);
  return pots.map(({ batch, events, pictures }, i) => {
    const mine = logs.get(batch.id) ?? [];
    const fresh = unknownOf(events, new Set(mine.map((e) => e.id)));
    const isKnown = fresh.length === 0 && same(batches[i], batch);
    const all = mine.length === 0 ? fresh : [...mine, ...fresh];
    return {
      batch,
      pictures,
      all,
      fresh,
      isKnown,
      row: isKnown ? null : shelfRow({ batch, events: all }),
    };
  });
}

async function putPots(pots: readonly PotChange[]): Promise<void> {
  const changed = pots.filter((p) => !p.isKnown);
  const closed = changed.filter((p) => p.row !== null);
  await offTheShelf(changed.map((p) => p.batch.id));
  await db.batches.bulkPut(pots.map((p) => p.batch));
  await db.pictures.bulkPut(pots.flatMap((p) => p.pictures));
  await closeLogs(new Map(closed.map((p) => [p.batch.id, p.all])));
  const added = changed.flatMap((p) => (p.row === null ? p.fresh : []));
  // Rows of all pots have ids of their own: one that another pot has is the same entry.
  const rows = await db.events
    .where("id")
    .anyOf(added.map((e) => e.id))
    .toArray();
  await addToLog(unknownOf(added, new Set(rows.map((r) => r.id))));
  await db.shelved.bulkPut(closed.flatMap((p) => p.row ?? []));
}

/** Those whose ids are not known, each once. */
function unknownOf(events: readonly CookEvent[], known: Set<string>): CookEvent[] {
  const fresh: CookEvent[] = [];
  for (const event of events) {
    if (!known.has(event.id)) fresh.push(event);
    known.add(event.id);
  }
  return fresh;
}

/** One that cannot be put on a shelf stands among those under way, where that is said. */
function shelfRow(pot: Pick<FilePot, "batch" | "events">): StoredShelved | null {
  try {
    return onShelfUnread(potState(pot));
  } catch (error) {
    report(error);
    return null;
  }
}

async function putLearned(
  learned: LearnedRows,
  { id: kitchenId, teaching }: KettlosFile["kitchen"],
): Promise<void> {
  await offTheShelf(learned.shelved.map((s) => s.batchId));
  await db.words.bulkPut([...learned.words]);
  await db.shelved.bulkPut([...learned.shelved]);
  await keepTaught(kitchenId, learned, basisOf(teaching));
}

/** Meals and pots of a file beside those that are here; what is here stands. */
async function takeClock(theirs: Clock | undefined): Promise<void> {
  if (theirs === undefined) return;
  const mine = (await db.clocks.get(CLOCK_ID))?.clock;
  const clock = mine === undefined ? theirs : withThose(mine, theirs);
  await db.clocks.put({ id: CLOCK_ID, clock });
}
const withThose = (mine: Clock, theirs: Clock): Clock => ({
  ...mine,
  meals: [...mine.meals, ...theirs.meals.filter((m) => !mine.meals.some((h) => h.id === m.id))],
  loose: [
    ...mine.loose,
    ...theirs.loose.filter((l) => !mine.loose.some((h) => h.planId === l.planId)),
  ],
});

/** Which of these the larder's log holds already. */
const larderIds = async (ids: readonly string[]): Promise<ReadonlySet<string>> =>
  new Set((await db.larder.where("id").anyOf(ids).toArray()).map((e) => e.id));
