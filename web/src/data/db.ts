import type { Batch, CookEvent } from "@kettlos/core/batch/batch-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import Dexie, { type EntityTable, type Table } from "dexie";

/** A plan as stored: with when it was last touched, so that the newest opens first. */
interface StoredPlan {
  id: string;
  updatedMs: number;
  plan: Plan;
}

/** An event as stored; `seq` is the order of writing, which undo goes by. */
interface StoredEvent {
  seq: number;
  id: string;
  batchId: string;
  event: CookEvent;
}

/** One setting of this browser. */
interface Setting {
  key: string;
  value: string;
}

/** Everything Kettlos keeps, in this browser only. */
class KettlosDatabase extends Dexie {
  kitchens!: Table<Kitchen, string>;
  plans!: Table<StoredPlan, string>;
  batches!: Table<Batch, string>;
  events!: EntityTable<StoredEvent, "seq">;
  settings!: Table<Setting, string>;

  constructor() {
    super("kettlos");
    this.version(1).stores({
      kitchens: "id",
      plans: "id, updatedMs",
      batches: "id, createdMs",
      events: "++seq, &id, batchId",
      settings: "key",
    });
  }
}

export const db = new KettlosDatabase();
