import { BatchSchema, type Batch } from "@kettlos/core/batch/batch-schema";
import { PictureSchema, type Picture } from "@kettlos/core/batch/picture-schema";
import { CookEventSchema, type CookEvent } from "@kettlos/core/events/event-schema";
import {
  migrateBatch,
  migrateClock,
  migrateEvent,
  migrateKitchen,
  migrateLarderEvent,
  migratePicture,
  migratePlan,
} from "@kettlos/core/formats/migrate";
import { LarderEventSchema } from "@kettlos/core/larder/larder-schema";
import { ClockSchema } from "@kettlos/core/simulate/clock-schema";
import { KitchenSchema } from "@kettlos/core/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "@kettlos/core/simulate/plan-schema";
import type { Table, Transaction } from "dexie";
import type { Binned } from "./binned";
import type { StoredStep } from "./stored-step";

/** A document in the present form with all its fields; as it was where it cannot be read. */
const whole =
  (
    schema: { safeParse: (value: unknown) => { data?: unknown } },
    migrate: (value: unknown) => unknown,
  ) =>
  (value: unknown): unknown => {
    const migrated = migrate(value);
    return schema.safeParse(migrated).data ?? migrated;
  };

/** Logs in one row each; null where the version before had none. */
function logsOf(transaction: Transaction): Table<{ text: string }> | null {
  try {
    return transaction.table("logs");
  } catch {
    return null;
  }
}

/** Keeps everything as it was before it is brought up, as a file of its own version. */
async function keepRaw(transaction: Transaction): Promise<void> {
  const all = (name: string) =>
    transaction.storeNames.includes(name) ? transaction.table(name).toArray() : Promise.resolve([]);
  const [kitchens, plans, batches, events, larder, settings, clocks, pictures] = (await Promise.all(
    ["kitchens", "plans", "batches", "events", "larder", "settings", "clocks", "pictures"].map(all),
  )) as Record<string, unknown>[][];
  const [kitchen] = kitchens ?? [];
  if (kitchen === undefined || !transaction.storeNames.includes("copies")) return;
  const file = {
    format: "kettlos",
    schemaVersion: kitchen["schemaVersion"],
    kitchen,
    plans: plans?.map((p) => p["plan"]),
    batches,
    events: [
      ...((await logsOf(transaction)?.toArray()) ?? []).flatMap(
        (row) => JSON.parse(row.text) as unknown[],
      ),
      ...(events ?? []).map((e) => e["event"]),
    ],
    larder: larder?.map((e) => e["event"]),
    settings,
    ...(pictures === undefined || pictures.length === 0 ? {} : { pictures }),
    ...(clocks?.[0] === undefined ? {} : { clock: clocks[0]["clock"] }),
  };
  await transaction.table("copies").add({ atMs: Date.now(), why: "migrated", file });
}

const wholePlan = whole(PlanSchema, migratePlan);
const wholeEvent = whole(CookEventSchema, migrateEvent);
const wholePicture = whole(PictureSchema, migratePicture);

/** A step whose document is of the present form. */
export function stepBroughtUp(row: StoredStep): StoredStep {
  const form = row.doc.startsWith("plan:")
    ? wholePlan
    : row.doc === "kitchen"
      ? whole(KitchenSchema, migrateKitchen)
      : null;
  return form === null ? row : { ...row, step: { ...row.step, value: form(row.step.value) } };
}

/** What an undo goes back to, and what lies in the bin, is of the present form too. */
async function bringUpKept(transaction: Transaction): Promise<void> {
  await transaction
    .table<StoredStep>("steps")
    .toCollection()
    .modify((row, ref) => {
      ref.value = stepBroughtUp(row);
    });
  await transaction
    .table<Binned>("bin")
    .toCollection()
    .modify((row, ref) => {
      const { what } = row;
      if (what.kind === "plan")
        ref.value = { ...row, what: { ...what, plan: wholePlan(what.plan) as Plan } };
      else if (what.kind === "batch")
        ref.value = {
          ...row,
          what: {
            ...what,
            batch: whole(BatchSchema, migrateBatch)(what.batch) as Batch,
            events: what.events.map((e) => wholeEvent(e) as CookEvent),
            ...(what.pictures === undefined
              ? {}
              : { pictures: what.pictures.map((p) => wholePicture(p) as Picture) }),
          },
        };
      else if (what.kind === "picture")
        ref.value = { ...row, what: { ...what, picture: wholePicture(what.picture) as Picture } };
    });
}

/**
 * Brings every document up to the present form, whichever version it is of, with what has been added since: one
 * upgrade, which stands at the last version in which a document changed.
 */
export async function bringUp(transaction: Transaction): Promise<void> {
  await keepRaw(transaction);
  const change = (table: string, key: string | null, migrate: (value: unknown) => unknown) =>
    transaction
      .table(table)
      .toCollection()
      .modify((row: Record<string, unknown>, ref: { value: unknown }) => {
        if (key === null) ref.value = migrate(row);
        else row[key] = migrate(row[key]);
      });
  await change("kitchens", null, whole(KitchenSchema, migrateKitchen));
  await change("plans", "plan", whole(PlanSchema, migratePlan));
  await change("batches", null, whole(BatchSchema, migrateBatch));
  await change("events", "event", wholeEvent);
  await logsOf(transaction)
    ?.toCollection()
    .modify((row) => {
      row.text = JSON.stringify((JSON.parse(row.text) as unknown[]).map(wholeEvent));
    });
  await change("larder", "event", whole(LarderEventSchema, migrateLarderEvent));
  await change("pictures", null, wholePicture);
  await change("clocks", "clock", whole(ClockSchema, migrateClock));
  await bringUpKept(transaction);
}
