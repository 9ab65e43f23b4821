import { SCHEMA_VERSION } from "@kettlos/core/simulate/schema-version";
import { KitchenSchema } from "@kettlos/core/simulate/kitchen-schema";
import { BatchSchema } from "@kettlos/core/batch/batch-schema";
import { PictureSchema } from "@kettlos/core/batch/picture-schema";
import { ClockSchema } from "@kettlos/core/simulate/clock-schema";
import { CookEventSchema } from "@kettlos/core/events/event-schema";
import { PlanSchema } from "@kettlos/core/simulate/plan-schema";
import { migrateKitchen, migratePlan } from "@kettlos/core/formats/migrate";
import { reportOf } from "@kettlos/core/formats/file-report";
import Dexie from "dexie";
import { expect, test, vi } from "vitest";
import kept from "../../../core/test/samples/kettlos-v1.json" with { type: "json" };
import third from "../../../core/test/samples/kettlos-v3.json" with { type: "json" };

const TABLES_7 = {
  kitchens: "id",
  plans: "id, updatedMs",
  batches: "id, createdMs",
  events: "++seq, &id, batchId",
  settings: "key",
  larder: "++seq, &id",
  copies: "++id, atMs",
  handles: "key",
  steps: "key, doc",
  bin: "id, removedMs",
  clocks: "id",
};

/** A browser as an older version left it: to be filled, closed, and opened by this one. */
async function browserOf(version: number, tables: Readonly<Record<string, string>>) {
  const { default: Old } = await import("dexie");
  const { db, openDatabase } = await import("./db");
  db.close();
  await Old.delete("kettlos");
  const old = new Old("kettlos");
  old.version(version).stores(tables);
  return { old, db, openDatabase };
}

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

  const { db, openDatabase } = await import("./db");
  expect(await openDatabase()).toEqual({ kind: "disk" });
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
  expect(copied.ok && copied.file.events).toHaveLength(kept.events.length);
});

test("what undo goes back to and what lies in the bin is brought up with the rest", async () => {
  const { old, db, openDatabase } = await browserOf(7, TABLES_7);
  const [given] = kept.plans;
  const { then: _then, ...plan } = PlanSchema.parse(migratePlan(given));
  const kitchen = KitchenSchema.parse(migrateKitchen(kept.kitchen));
  const batch = { schemaVersion: SCHEMA_VERSION, id: "b", createdMs: 1, plan, kitchen };
  await old.table("kitchens").add(kitchen);
  await old.table("plans").add({ id: plan.id, updatedMs: 1, plan });
  await old.table("batches").add(batch);
  await old.table("steps").add({
    key: "s",
    doc: `plan:${plan.id}`,
    side: "undo",
    step: { n: 1, what: "x", value: plan },
  });
  await old.table("bin").bulkAdd([
    { id: "p", removedMs: 1, name: "x", what: { kind: "plan", plan } },
    { id: "q", removedMs: 1, name: "x", what: { kind: "batch", batch, events: [] } },
  ]);
  old.close();

  expect(await openDatabase()).toEqual({ kind: "disk" });
  const [step] = await db.steps.toArray();
  expect(PlanSchema.parse(step?.step.value).then).toEqual([]);
  expect((step?.step.value as { then?: unknown }).then).toEqual([]);
  const binned = await db.bin.toArray();
  const plans = binned.map(({ what }) =>
    what.kind === "plan" ? what.plan : what.kind === "batch" ? what.batch.plan : null,
  );
  expect(plans.map((p) => p?.then)).toEqual([[], []]);
  expect((await db.plans.toArray()).map((p) => p.plan.then)).toEqual([[]]);
  expect((await db.batches.toArray()).map((b) => b.plan.then)).toEqual([[]]);
});

test("logs of version 3 are brought up wherever they lie: in the log, in the bin, with their pictures", async () => {
  const { old, db, openDatabase } = await browserOf(12, {
    ...TABLES_7,
    words: "batchId",
    learned: "kitchenId",
    shelved: "key, batchId, finishedMs, pot.name",
    taught: "kitchenId",
    pictures: "id, batchId",
  });
  const [batch] = third.batches;
  await old.table("kitchens").add(third.kitchen);
  await old.table("batches").add(batch);
  await old.table("events").bulkAdd(third.events.map((event) => ({ ...event, event })));
  await old.table("pictures").bulkAdd(third.pictures);
  await old.table("clocks").add({ id: "clock", clock: third.clock });
  await old.table("bin").add({
    id: "q",
    removedMs: 1,
    name: "x",
    what: { kind: "batch", batch, events: third.events, pictures: third.pictures },
  });
  old.close();

  expect(await openDatabase()).toEqual({ kind: "disk" });
  const events = (await db.events.toArray()).map((e) => CookEventSchema.parse(e.event));
  expect(events).toHaveLength(third.events.length);
  expect(events.find((e) => e.kind === "takenOut")).toMatchObject({ itemId: "neck" });
  const [binned] = await db.bin.toArray();
  expect(binned?.what.kind === "batch" && binned.what.events).toEqual(events);
  const pictures = await db.pictures.toArray();
  expect(pictures.map((p) => PictureSchema.parse(p).id)).toEqual(third.pictures.map((p) => p.id));
  expect(binned?.what.kind === "batch" && binned.what.pictures).toEqual(pictures);
  const [clock] = await db.clocks.toArray();
  expect(ClockSchema.parse(clock?.clock).pins).toHaveLength(1);
  const [copy] = await db.copies.toArray();
  const copied = reportOf(JSON.stringify(copy?.file));
  expect(copied.ok && copied.file.pictures).toHaveLength(third.pictures.length);
});

test("logs that lie in one row are brought up like those that do not, and are in the copy as they were", async () => {
  const { db } = await import("./db");
  const { bringUp } = await import("./bring-up");
  await db.open();
  const [kitchen] = await db.kitchens.toArray();
  if (kitchen === undefined)
    await db.kitchens.add(KitchenSchema.parse(migrateKitchen(kept.kitchen)));
  const old = { schemaVersion: 1, id: "o1", batchId: "b", kind: "lit", atMs: 5 };
  await db.logs.put({ batchId: "b", count: 1, text: JSON.stringify([old]) });
  await db.transaction("rw", db.tables, async (transaction) => {
    await bringUp(transaction);
  });
  const [log] = await db.logs.toArray();
  const [event] = JSON.parse(log?.text ?? "[]") as unknown[];
  expect(CookEventSchema.parse(event)).toMatchObject({ id: "o1", schemaVersion: SCHEMA_VERSION });
  const copy = (await db.copies.toArray()).at(-1);
  expect((copy?.file as { events: unknown[] }).events).toContainEqual(old);
});

test("a browser whose documents are of today gets the tables it lacks, and only what was kept otherwise is put away", async () => {
  const { old, db, openDatabase } = await browserOf(14, {
    ...TABLES_7,
    words: "batchId",
    learned: "kitchenId",
    shelved: "key, batchId, finishedMs, pot.name",
    taught: "kitchenId",
    pictures: "id, batchId",
  });
  const kitchen = KitchenSchema.parse(migrateKitchen(kept.kitchen));
  await old.table("kitchens").add(kitchen);
  await old.table("taught").add({ kitchenId: kitchen.id, text: "in another way" });
  const key = "k";
  const pot = { name: "broth", namedLots: ["lot"], drawnKg: [] };
  await old.table("shelved").add({ key, batchId: "b", finishedMs: 1, pot });
  old.close();

  expect(await openDatabase()).toEqual({ kind: "disk" });
  expect(await db.kitchens.toArray()).toEqual([kitchen]);
  expect(await db.taught.count()).toBe(0);
  expect(await db.copies.count()).toBe(0);
  expect(await db.shelved.where("pot.namedLots").equals("lot").count()).toBe(1);
  for (const table of [db.logs, db.incoming, db.copyBytes, db.taughtShown])
    expect(await table.count()).toBe(0);
});

test("what an older version left is not read past its being brought up", async () => {
  vi.resetModules();
  const { old, db, openDatabase } = await browserOf(12, TABLES_7);
  const [plan] = kept.plans;
  await old.table("plans").add({ id: plan?.id, updatedMs: 1, plan });
  old.close();

  await expect(db.open()).rejects.toThrow("not brought up");
  expect(await openDatabase()).toEqual({ kind: "disk" });
  expect((await db.plans.toArray()).map((p) => p.plan.schemaVersion)).toEqual([SCHEMA_VERSION]);
  db.close();
});
