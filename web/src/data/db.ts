import {
  BatchSchema,
  CookEventSchema,
  type Batch,
  type CookEvent,
} from "@kettlos/core/batch/batch-schema";
import type { LarderEvent } from "@kettlos/core/larder/larder-schema";
import {
  migrateBatch,
  migrateEvent,
  migrateKitchen,
  migratePlan,
} from "@kettlos/core/formats/migrate";
import { KitchenSchema, type Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { PlanSchema, type Plan } from "@kettlos/core/simulate/plan-schema";
import Dexie, { type EntityTable, type Table, type Transaction } from "dexie";

/** A plan as stored: with when it was last touched, so that the newest opens first. */
interface StoredPlan {
  id: string;
  updatedMs: number;
  plan: Plan;
}

/** An event as stored; `seq` is the order of writing, which undo goes by. */
export interface StoredEvent {
  seq: number;
  id: string;
  batchId: string;
  event: CookEvent;
}

/** A larder event as stored, in the order of writing. */
interface StoredLarderEvent {
  seq: number;
  id: string;
  event: LarderEvent;
}

/** One setting of this browser. */
interface Setting {
  key: string;
  value: string;
}

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

/** Everything Kettlos keeps, in this browser only. */
class KettlosDatabase extends Dexie {
  kitchens!: Table<Kitchen, string>;
  plans!: Table<StoredPlan, string>;
  batches!: Table<Batch, string>;
  events!: EntityTable<StoredEvent, "seq">;
  larder!: EntityTable<StoredLarderEvent, "seq">;
  settings!: Table<Setting, string>;

  constructor() {
    // Written through to the disk before it counts as stored: a power cut loses nothing that was shown.
    super("kettlos", { chromeTransactionDurability: "strict" });
    this.version(1).stores({
      kitchens: "id",
      plans: "id, updatedMs",
      batches: "id, createdMs",
      events: "++seq, &id, batchId",
      settings: "key",
    });
    // Each upgrade brings every document up to the present form, whichever version it is of, with what
    // has been added since.
    const bringUp = async (transaction: Transaction) => {
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
      await change("events", "event", whole(CookEventSchema, migrateEvent));
    };
    this.version(2).upgrade(bringUp);
    this.version(3).upgrade(bringUp);
    this.version(4).stores({ larder: "++seq, &id" }).upgrade(bringUp);
  }
}

export const db = new KettlosDatabase();
