import type { Batch, CookEvent, EventBody, Practice } from "@kettlos/core/batch/batch-schema";
import { atSpeed, potNowMs } from "@kettlos/core/batch/pot-clock";
import { withUsed } from "@kettlos/core/convert/targets";
import { lastUndoable } from "@kettlos/core/batch/fold";
import { SCHEMA_VERSION, type Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import type { KettlosFile } from "@kettlos/core/formats/kettlos-json";
import { db } from "./db";
import { plain } from "./plain";

/** An event as a screen makes it; id, version and batch are filled in here. */
export type NewEvent = EventBody extends infer E
  ? E extends EventBody
    ? Omit<E, "atMs"> & { atMs?: number }
    : never
  : never;

export async function saveKitchen(kitchen: Kitchen): Promise<void> {
  await db.kitchens.put(plain(kitchen));
}

export async function savePlan(plan: Plan): Promise<void> {
  await db.plans.put({ id: plan.id, updatedMs: Date.now(), plan: plain(plan) });
}

/** A plan as it stands on disk now; undefined where there is none of that id. */
export const planById = async (id: string): Promise<Plan | undefined> =>
  (await db.plans.get(id))?.plan;

/** Saves a converted plan, and takes what it uses of the suggested vessels into the kitchen. */
export async function savePlanWithUsed(plan: Plan, kitchen: Kitchen): Promise<void> {
  const used = withUsed(kitchen, plan);
  if (used !== kitchen) await saveKitchen(used);
  await savePlan(plan);
}

export async function removePlan(id: string): Promise<void> {
  await db.plans.delete(id);
}

/** Begins a batch from a plan: plan and kitchen are kept as they are at this moment. */
export async function beginBatch(
  plan: Plan,
  kitchen: Kitchen,
  practice?: Practice,
): Promise<Batch> {
  const batch: Batch = {
    schemaVersion: SCHEMA_VERSION,
    id: crypto.randomUUID(),
    createdMs: Date.now(),
    plan: plain(plan),
    kitchen: plain(kitchen),
    ...(practice === undefined ? {} : { practice: plain(practice) }),
  };
  await db.batches.add(batch);
  return batch;
}

/** Writes an event; it is on disk when the promise resolves, and only then does a screen show it. */
export async function appendEvent(batchId: string, event: NewEvent): Promise<void> {
  await appendEvents(batchId, [event]);
}

/** Writes several events in one go: all of them or none. */
export async function appendEvents(batchId: string, events: readonly NewEvent[]): Promise<void> {
  // It happened at the tap, however long the disk takes to answer.
  const tappedMs = Date.now();
  const batch = await db.batches.get(batchId);
  // A clock set back does not put what happens now before what has happened already.
  const last = await db.events.where("batchId").equals(batchId).last();
  const atMs = Math.max(Math.round(potNowMs(batch ?? {}, tappedMs)), last?.event.atMs ?? 0);
  await db.events.bulkAdd(
    events.map((event) => {
      const id = crypto.randomUUID();
      const whole = { atMs, ...plain(event), id, batchId, schemaVersion: SCHEMA_VERSION };
      return { id, batchId, event: whole as CookEvent };
    }),
  );
}

/**
 * Takes back the last event in force. It is looked up and taken back in one go, so that two quick taps
 * take back two events. Nothing happens where nothing is left.
 */
export async function undoLast(batchId: string): Promise<void> {
  await db.transaction("rw", db.events, db.batches, async () => {
    const stored = await db.events.where("batchId").equals(batchId).sortBy("seq");
    const last = lastUndoable(stored.map((s) => s.event));
    if (last !== null) await appendEvent(batchId, { kind: "undo", eventId: last.id });
  });
}

/** Lets a practice pot's clock run at another speed from now on. */
export async function setSpeed(batchId: string, speed: number): Promise<void> {
  await db.transaction("rw", db.batches, async () => {
    const batch = await db.batches.get(batchId);
    if (batch !== undefined) await db.batches.put(atSpeed(batch, speed, Date.now()));
  });
}

export async function removeBatch(id: string): Promise<void> {
  await db.transaction("rw", db.batches, db.events, async () => {
    await db.events.where("batchId").equals(id).delete();
    await db.batches.delete(id);
  });
}

/** Everything as one Kettlos file. @returns null where there is no kitchen yet */
export async function exportAll(): Promise<KettlosFile | null> {
  const kitchen = await db.kitchens.toCollection().first();
  if (kitchen === undefined) return null;
  const [plans, batches, events, larder] = await Promise.all([
    db.plans.orderBy("updatedMs").toArray(),
    db.batches.orderBy("createdMs").toArray(),
    db.events.orderBy("seq").toArray(),
    db.larder.orderBy("seq").toArray(),
  ]);
  return {
    format: "kettlos",
    schemaVersion: SCHEMA_VERSION,
    exportedAt: new Date().toISOString(),
    kitchen,
    plans: plans.map((p) => p.plan),
    batches,
    events: events.map((e) => e.event),
    larder: larder.map((e) => e.event),
  };
}

/** How a file comes in: in place of everything, or added to it. */
export type ImportWay = "replace" | "merge";

/**
 * Takes a checked file in, all or nothing. Merging keeps this kitchen and adds pots, rings, plans and
 * batches it does not know; plans with the same id take the file's version.
 */
export async function importAll(file: KettlosFile, way: ImportWay): Promise<void> {
  const stamp = Date.now();
  const tables = [db.kitchens, db.plans, db.batches, db.events, db.larder];
  await db.transaction("rw", tables, async () => {
    if (way === "replace") await Promise.all(tables.map((table) => table.clear()));
    const here = await db.kitchens.toCollection().first();
    await db.kitchens.put(here === undefined ? file.kitchen : withPotsOf(here, file.kitchen));
    await db.plans.bulkPut(
      file.plans.map((plan, i) => ({
        id: plan.id,
        updatedMs: stamp - file.plans.length + i,
        plan,
      })),
    );
    await db.batches.bulkPut(file.batches);
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
  });
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

const withPotsOf = (here: Kitchen, other: Kitchen): Kitchen => ({
  ...here,
  vessels: [
    ...here.vessels,
    ...other.vessels.filter((v) => !here.vessels.some((w) => w.id === v.id)),
  ],
  rings: [...here.rings, ...other.rings.filter((r) => !here.rings.some((s) => s.id === r.id))],
  containers: [
    ...here.containers,
    ...other.containers.filter((c) => !here.containers.some((d) => d.id === c.id)),
  ],
});

/** Forgets everything: kitchen, plans, batches, events, larder, settings. */
export async function forgetEverything(): Promise<void> {
  await db.transaction("rw", db.tables, () => Promise.all(db.tables.map((table) => table.clear())));
}
