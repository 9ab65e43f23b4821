import { KitchenSchema, SCHEMA_VERSION } from "@kettlos/core/simulate/kitchen-schema";
import { BatchSchema, CookEventSchema } from "@kettlos/core/batch/batch-schema";
import { PlanSchema } from "@kettlos/core/simulate/plan-schema";
import { reportOf } from "@kettlos/core/formats/file-report";
import Dexie from "dexie";
import { expect, test } from "vitest";
import kept from "../../../core/test/samples/kettlos-v1.json" with { type: "json" };

test("a browser of version 1 is brought up when it opens, and nothing is lost", async () => {
  const old = new Dexie("kettlos");
  old.version(1).stores({
    kitchens: "id",
    plans: "id, updatedMs",
    batches: "id, createdMs",
    events: "++seq, &id, batchId",
    settings: "key",
  });
  await old.table("kitchens").add(kept.kitchen);
  await old
    .table("plans")
    .bulkAdd(kept.plans.map((plan, i) => ({ id: plan.id, updatedMs: i, plan })));
  await old.table("batches").bulkAdd(kept.batches);
  await old
    .table("events")
    .bulkAdd(kept.events.map((event) => ({ id: event.id, batchId: event.batchId, event })));
  old.close();

  const { db } = await import("./db");
  const [kitchens, plans, batches, events] = await Promise.all([
    db.kitchens.toArray(),
    db.plans.toArray(),
    db.batches.toArray(),
    db.events.toArray(),
  ]);
  // What has been added since is there too, in the kitchen and in the one that a batch keeps.
  expect(kitchens[0]).toMatchObject({ containers: [], ownCode: null, coolingCode: "us" });
  expect(batches.every((b) => b.kitchen.containers.length === 0)).toBe(true);
  expect(await db.larder.count()).toBe(0);
  expect(kitchens.map((k) => KitchenSchema.parse(k).ovens)).toEqual([[]]);
  expect(plans.map((p) => PlanSchema.parse(p.plan).id).sort()).toEqual(
    kept.plans.map((p) => p.id).sort(),
  );
  expect(batches.map((b) => BatchSchema.parse(b).id).sort()).toEqual(
    kept.batches.map((b) => b.id).sort(),
  );
  expect(events.map((e) => CookEventSchema.parse(e.event).schemaVersion)).toEqual(
    kept.events.map(() => SCHEMA_VERSION),
  );
  // As it was before, it is kept, and reads like any other file.
  const [copy] = await db.copies.toArray();
  expect(copy).toMatchObject({ why: "migrated", file: { schemaVersion: 1 } });
  const copied = reportOf(JSON.stringify(copy?.file));
  expect(copied.ok && copied.report.file.events).toHaveLength(kept.events.length);
});
