import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { clockOf } from "@kettlos/core/units/moments";
import type { Batch, Practice } from "@kettlos/core/batch/batch-schema";
import type { CookEvent, EventBody } from "@kettlos/core/events/event-schema";
import { jumpBetween } from "@kettlos/core/batch/one-clock";
import { potNowMs } from "@kettlos/core/batch/pot-clock";
import { lastTap } from "@kettlos/core/batch/fold";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { untaught } from "@kettlos/core/simulate/learned";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { Problem } from "@kettlos/core/units/problem";
import { checks, type Checks } from "./checks";
import { db } from "./db";
import { offTheShelf } from "./log-begun";
import { newId } from "./new-id";
import { onDisk } from "./on-disk";
import { addToLog, lastEvent, logTables, readLog } from "./pot-logs";
import { writing, type Waits } from "./writing";

/** An event as a screen makes it; id, version and batch are filled in here. */
export type NewEvent = EventBody extends infer E
  ? E extends EventBody
    ? Omit<E, "atMs"> & { atMs?: number }
    : never
  : never;

export async function saveKitchen(kitchen: Kitchen): Promise<void> {
  await writing("what was changed in the kitchen", async () => {
    const { wholeKitchen } = await checks();
    const whole = wholeKitchen(untaught(kitchen));
    await onDisk(db.kitchens, () => db.kitchens.put(whole));
  });
}

/** Changes parts of the kitchen as it stands on disk, so that what another tab changed beside them stays. */
export async function changeKitchen(part: Partial<Kitchen>): Promise<void> {
  await writing("what was changed in the kitchen", async () => {
    const { wholeKitchen } = await checks();
    await db.transaction("rw", db.kitchens, async () => {
      const stored = await db.kitchens.toCollection().first();
      if (stored !== undefined)
        await db.kitchens.put(wholeKitchen(untaught({ ...stored, ...part })));
    });
  });
}

/** Writes a plan as it is, new or not. */
export async function savePlan(plan: Plan): Promise<Plan> {
  return writing(`the plan ${plan.name}`, async () => {
    const { wholePlan } = await checks();
    const whole = wholePlan(plan);
    await putPlan(whole);
    return whole;
  });
}
const putPlan = (plan: Plan) =>
  onDisk(db.plans, () => db.plans.put({ id: plan.id, updatedMs: Date.now(), plan }));

/** What became of a change: the plan as it is now, or gone where it was removed elsewhere. */
export type SavedChange =
  | { readonly isGone: false; readonly plan: Plan; readonly conflicts: readonly string[] }
  | { readonly isGone: true };

/**
 * Writes a change of a plan that was read as `base`: what was changed elsewhere since is kept beside it,
 * and what was removed elsewhere is not brought back.
 */
export function savePlanChange(base: Plan, mine: Plan): Promise<SavedChange> {
  return writing(`the plan ${mine.name}`, async () => {
    const { wholePlan, mergePlans } = await checks();
    return db.transaction("rw", db.plans, async (): Promise<SavedChange> => {
      const stored = await db.plans.get(mine.id);
      if (stored === undefined) return { isGone: true };
      const { plan, conflicts } = mergePlans(base, mine, stored.plan);
      const whole = wholePlan(plan, mine.name);
      await putPlan(whole);
      return { isGone: false, plan: whole, conflicts };
    });
  });
}

/** A plan as it stands on disk now; undefined where there is none of that id. */
export const planById = async (id: string): Promise<Plan | undefined> =>
  (await db.plans.get(id))?.plan;

export async function removePlan(id: string): Promise<void> {
  await onDisk(db.plans, () => db.plans.delete(id));
}

/** Begins a batch from a plan: plan and kitchen are kept as they are at this moment. */
export async function beginBatch(
  plan: Plan,
  kitchen: Kitchen,
  practice?: Practice,
): Promise<Batch> {
  const batch: Batch = {
    schemaVersion: SCHEMA_VERSION,
    id: newId(),
    createdMs: Date.now(),
    plan,
    // A made-up pot goes by no log.
    kitchen: practice === undefined ? kitchen : untaught(kitchen),
    ...(practice === undefined ? {} : { practice }),
  };
  return writing(`that ${plan.name} was put on`, async () => {
    const { wholeBatch } = await checks();
    const whole = wholeBatch(batch);
    await onDisk(db.batches, () => db.batches.add(whole));
    return whole;
  });
}

/** Writes an event; it is on disk when the promise resolves, and only then does a screen show it. */
export async function appendEvent(batchId: string, event: NewEvent, waits?: Waits): Promise<void> {
  await appendEvents(batchId, [event], waits);
}

/**
 * Writes several events in one go: all of them or none, without those that say what the log holds already.
 * @throws Problem where the pot was taken off meanwhile, or an event is none
 */
export async function appendEvents(
  batchId: string,
  events: readonly NewEvent[],
  waits?: Waits,
): Promise<void> {
  // Said twice, by a second tap, by another tab or by a list that was not drawn anew yet, it is written once.
  await appending(
    batchId,
    async ({ mayBeSaid, notSaidYet }) =>
      events.some(mayBeSaid) ? notSaidYet(events, await readLog(batchId)) : events,
    waits,
  );
}

/** The same, of events that are looked up in the transaction that they are written in. */
async function appending(
  batchId: string,
  look: (checked: Checks) => PromiseLike<readonly NewEvent[]>,
  waits?: Waits,
): Promise<void> {
  // It happened at the tap, however long the disk takes to answer.
  const tappedMs = Date.now();
  const clock = { page: PAGE_ID, monoMs: Math.round(performance.now()) };
  const write = async (checked: Checks) => {
    const events = await look(checked);
    if (events.length === 0) return;
    const batch = await db.batches.get(batchId);
    if (batch === undefined)
      throw new Problem(
        "unknownReference",
        "batchId",
        batchId,
        "This pot was taken off in another tab. What you said just now was not written.",
      );
    await offTheShelf([batchId]);
    const last = await lastEvent(batchId);
    const potMs = Math.round(potNowMs(batch, tappedMs));
    const set = batch.practice === undefined ? setBackSince(last, potMs, clock) : null;
    // What happens now is not put before what has happened already.
    const atMs = set === null ? Math.max(potMs, last?.atMs ?? 0) : potMs;
    await addToLog(
      [...(set === null ? [] : [set]), ...events].map((event) =>
        checked.wholeEvent({
          ...{ atMs, clock, ...event, id: newId(), batchId },
          schemaVersion: SCHEMA_VERSION,
        }),
      ),
    );
  };
  await writing(
    `an entry of ${clockOf(tappedMs)}`,
    async () => {
      const checked = await checks();
      // Async itself: what is awaited further in belongs to the transaction then.
      await db.transaction("rw", [db.batches, ...logTables(), db.shelved], async () => {
        await write(checked);
      });
    },
    waits,
  );
}

/** This page since it was opened: its monotonic clock counts from then. */
const PAGE_ID = newId();

/** That the clock was set back since the last entry of this page, where it was. */
function setBackSince(
  last: CookEvent | undefined,
  nowMs: number,
  clock: { page: string; monoMs: number },
): NewEvent | null {
  if (last?.clock === undefined || last.clock.page !== clock.page) return null;
  const jump = jumpBetween(
    { wallMs: last.atMs, monoMs: last.clock.monoMs },
    { wallMs: nowMs, monoMs: clock.monoMs },
  );
  return jump?.kind === "setBack"
    ? { kind: "clockSet", shiftMs: jump.byMs, isAssumed: false }
    : null;
}

/**
 * Takes back the last event in force, with what was written by the same tap. It is looked up and taken back in one go, so that two quick taps
 * take back two events. Nothing happens where nothing is left.
 */
export const undoLast = (batchId: string): Promise<void> =>
  appending(batchId, async () => {
    const taken = lastTap(await readLog(batchId));
    return taken.map(({ id }) => ({ kind: "undo", eventId: id }));
  });
