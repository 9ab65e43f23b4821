import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { mergeKitchens } from "@kettlos/core/formats/merge-kitchens";
import { untaught } from "@kettlos/core/simulate/learned";
import { planHere } from "@kettlos/core/formats/plan-file";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { Clock } from "@kettlos/core/simulate/clock-schema";
import { CLOCK_ID } from "./clock-log";
import { db } from "./db";
import type { LearnedRows } from "./learning";
import { beginLogAnew, forgetBasis, offTheShelf } from "./log-begun";
import { basisOf } from "./log-keys";
import { newId } from "./new-id";

/** Settings of this browser that go along in a file; what was kept for this browser alone does not. */
const HERE_ONLY = ["link:", "backup:", "log:"];

/** Everything as one Kettlos file. @returns null where there is no kitchen yet */
export async function exportAll(): Promise<KettlosFile | null> {
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined) return null;
  const [plans, batches, events, pictures, larder, settings, clocks] = await Promise.all([
    db.plans.orderBy("updatedMs").toArray(),
    db.batches.orderBy("createdMs").toArray(),
    db.events.orderBy("seq").toArray(),
    db.pictures.toArray(),
    db.larder.orderBy("seq").toArray(),
    db.settings.toArray(),
    db.clocks.toArray(),
  ]);
  const clock = clocks[0]?.clock;
  return {
    format: "kettlos",
    schemaVersion: SCHEMA_VERSION,
    exportedAt: new Date().toISOString(),
    kitchen,
    plans: plans.map((p) => p.plan),
    batches,
    events: events.map((e) => e.event),
    pictures,
    larder: larder.map((e) => e.event),
    ...(clock === undefined ? {} : { clock }),
    settings: settings.filter((s) => !HERE_ONLY.some((prefix) => s.key.startsWith(prefix))),
  };
}

/** How a file comes in: in place of everything, or added to it. */
export type ImportWay = "replace" | "merge";

/** Why a safety copy was kept. */
type CopyReason = "replaced" | "removed" | "migrated" | "restored";
const MOST_COPIES = 5;

/** Keeps everything as it is now, to be brought back; the oldest copies give way. */
async function keepCopy(why: CopyReason): Promise<void> {
  const file = await exportAll();
  if (file === null) return;
  await db.copies.add({ atMs: Date.now(), why, file });
  const ids = (await db.copies.orderBy("id").primaryKeys()).toReversed();
  await db.copies.bulkDelete(ids.slice(MOST_COPIES));
}

/**
 * Takes a checked file in, all or nothing, after a safety copy of what it replaces. Merging keeps this
 * kitchen and adds what it has not; plans with the same id take the file's version. Of a file of pots only the
 * pots are added.
 * @param learned what its log teaches, where that is worked out already; else it is once it is in
 * @throws Problem `range` where both together are more than a kitchen holds
 */
export async function importAll(
  file: KettlosFile,
  way: ImportWay,
  learned?: LearnedRows,
): Promise<void> {
  const stamp = Date.now();
  const tables = [
    ...[db.kitchens, db.plans, db.batches, db.events, db.pictures],
    ...[db.larder, db.settings, db.clocks],
  ];
  const workedOut = [db.words, db.shelved, db.learned, db.taught];
  await db.transaction("rw", [...tables, ...workedOut, db.copies, db.steps], async () => {
    if (way === "replace") {
      await keepCopy("replaced");
      // Steps of other documents lead nowhere from these.
      await db.steps.clear();
      await Promise.all([...tables, ...workedOut].map((table) => table.clear()));
    }
    await beginLogAnew();
    await offTheShelf([
      ...new Set([...file.batches.map((b) => b.id), ...file.events.map((e) => e.batchId)]),
    ]);
    await forgetBasis();
    const here = await db.kitchens.toCollection().first();
    const merged =
      here === undefined
        ? { kitchen: file.kitchen, renamed: <P>(plan: P) => plan }
        : file.part === undefined
          ? mergeKitchens(here, file.kitchen)
          : {
              kitchen: here,
              renamed: (plan: Plan) => planHere(plan, file.kitchen, here, newId()).plan,
            };
    await db.kitchens.put(untaught(merged.kitchen));
    if (learned !== undefined) {
      await db.words.bulkPut([...learned.words]);
      await db.shelved.bulkPut([...learned.shelved]);
      const basis = basisOf(merged.kitchen.teaching);
      const kitchenId = merged.kitchen.id;
      await db.learned.put({ kitchenId, factors: learned.factors, basis });
      await db.taught.put({ kitchenId, told: learned.told });
    }
    await db.plans.bulkPut(
      file.plans.map(merged.renamed).map((plan, i) => ({
        id: plan.id,
        updatedMs: stamp - file.plans.length + i,
        plan,
      })),
    );
    await db.batches.bulkPut(file.batches);
    await db.pictures.bulkPut(file.pictures);
    await takeClock(file.clock);
    const known = await idsIn(db.events, file.events);
    await db.events.bulkAdd(
      file.events
        .filter((e) => !known.has(e.id))
        .map((event) => ({ id: event.id, batchId: event.batchId, event })),
    );
    const shelved = await idsIn(db.larder, file.larder);
    await db.larder.bulkAdd(
      file.larder.filter((e) => !shelved.has(e.id)).map((event) => ({ id: event.id, event })),
    );
    // What this browser was told already stands.
    const told = new Set((await db.settings.toCollection().primaryKeys()).map(String));
    await db.settings.bulkPut(file.settings.filter((s) => !told.has(s.key)));
  });
}

/** Meals and pots of a file beside those that are here; what is here stands. */
async function takeClock(theirs: KettlosFile["clock"]): Promise<void> {
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

/** What a safety copy holds, as the text of a file, to be read like any other. */
export async function copyText(id: number): Promise<string> {
  const copy = await db.copies.get(id);
  return JSON.stringify(copy?.file ?? null);
}

/** Which of these a log holds already. */
async function idsIn(
  log: Pick<typeof db.events | typeof db.larder, "where">,
  events: readonly { id: string }[],
): Promise<ReadonlySet<string>> {
  const found = await log
    .where("id")
    .anyOf(events.map((e) => e.id))
    .toArray();
  return new Set(found.map((e) => e.id));
}

/** Forgets everything: kitchen, plans, batches, events, larder, settings. A safety copy stays. */
export async function forgetEverything(): Promise<void> {
  const tables = db.tables.filter((table) => table.name !== "copies" && table.name !== "handles");
  await db.transaction("rw", db.tables, async () => {
    await keepCopy("removed");
    await Promise.all(tables.map((table) => table.clear()));
  });
}
