import { fold } from "@kettlos/core/batch/fold";
import { logsByBatch } from "@kettlos/core/batch/of-log";
import {
  readKettlosFile,
  writeKettlosFile,
  type KettlosFile,
} from "@kettlos/core/formats/kettlos-json";
import { potsFile } from "@kettlos/core/formats/pots-file";
import { beforeEach, describe, expect, test } from "vitest";
import { bramholtSample } from "../sample/bramholt";
import { db } from "./db";
import { exportAll } from "../../test/whole-export";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { removeBatch } from "./bin";
import { readLog } from "./pot-logs";
import { appendEvent, beginBatch, savePlan, undoLast } from "./repository";

const NOW = Date.parse("2026-03-18T20:14:00+01:00");
const sample = bramholtSample(NOW);

beforeEach(async () => {
  await forgetEverything();
});

describe("export and import", () => {
  test("everything out and back is the same, through text", async () => {
    await importAll(sample, "replace");
    const out = await exportAll();
    const logs = (file: KettlosFile | null) => [...logsByBatch(file?.events ?? [])].sort();
    expect(logs(out)).toEqual(logs(sample));
    const reading = readKettlosFile(writeKettlosFile(out ?? sample));
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    await forgetEverything();
    expect(await exportAll()).toBeNull();
    await importAll(reading.file, "replace");
    expect({ ...(await exportAll()), exportedAt: 0 }).toEqual({ ...out, exportedAt: 0 });
  });

  test("replacing leaves nothing of what was there", async () => {
    await importAll(sample, "replace");
    const other = { ...sample, plans: sample.plans.slice(0, 1), batches: [], events: [] };
    await importAll(other, "replace");
    expect(await db.plans.count()).toBe(1);
    expect(await db.batches.count()).toBe(0);
    expect(await db.events.count()).toBe(0);
  });

  test("merging adds what is new, keeps this kitchen, and doubles nothing", async () => {
    await importAll(sample, "replace");
    const pot = { ...sample.kitchen.vessels[0]!, id: "another", name: "Another" };
    const other = { ...sample, kitchen: { ...sample.kitchen, name: "Elsewhere", vessels: [pot] } };
    await importAll(other, "merge");
    await importAll(other, "merge");
    const kitchen = await db.kitchens.toCollection().first();
    expect(kitchen?.name).toBe("Bramholt Hut");
    expect(kitchen?.vessels.map((v) => v.id)).toContain("another");
    expect(kitchen?.vessels).toHaveLength(sample.kitchen.vessels.length + 1);
    expect((await exportAll())?.events).toHaveLength(sample.events.length);
    expect(await db.batches.count()).toBe(sample.batches.length);
  });

  test("of a file of pots only the pots are added: no pot of another kitchen stands on the shelf", async () => {
    await importAll(sample, "replace");
    const [batch] = sample.batches;
    if (batch === undefined) throw new Error("no pot in the sample");
    const stranger = { ...sample.kitchen.vessels[0]!, id: "strange", name: "Strange pot" };
    const kitchen = { ...sample.kitchen, id: "theirs", vessels: [stranger] };
    const theirs = { ...batch, id: "theirs-1", kitchen };
    const file = potsFile(
      [{ batch: theirs, events: [], pictures: [] }],
      kitchen,
      "2026-03-18T08:00:00Z",
    );
    await importAll(file, "merge");
    expect(await db.kitchens.toArray()).toEqual([sample.kitchen]);
    expect(await db.plans.count()).toBe(sample.plans.length);
    expect((await db.batches.get("theirs-1"))?.kitchen.vessels).toEqual([stranger]);
  });
});

describe("batches and events", () => {
  test("events are kept in the order they were written, whatever their times", async () => {
    const plan = sample.plans[0]!;
    await savePlan(plan);
    const batch = await beginBatch(plan, sample.kitchen);
    await appendEvent(batch.id, { kind: "lit", atMs: NOW });
    await appendEvent(batch.id, { kind: "noted", text: "late entry", atMs: NOW - 60_000 });
    await appendEvent(batch.id, { kind: "boils", atMs: NOW + 60_000 });
    const events = (await db.events.orderBy("seq").toArray()).map((e) => e.event);
    expect(events.map((e) => e.kind)).toEqual(["lit", "noted", "boils"]);
    expect(fold(events).notes).toHaveLength(1);
    await removeBatch(batch.id);
    expect(await db.events.count()).toBe(0);
  });

  test("what two taps, tabs or lists say of one thing at once is written once", async () => {
    const batch = await beginBatch(sample.plans[0]!, sample.kitchen);
    const itemId = batch.plan.items[0]!.id;
    const added = { kind: "added", itemId, massKg: 1 } as const;
    await appendEvent(batch.id, { kind: "lit" });
    await Promise.all([
      appendEvent(batch.id, added),
      appendEvent(batch.id, added),
      appendEvent(batch.id, { kind: "leftOut", itemId }),
    ]);
    const kinds = async () => (await readLog(batch.id)).map((e) => e.kind);
    expect(await kinds()).toEqual(["lit", "added"]);
    await undoLast(batch.id);
    await appendEvent(batch.id, added);
    expect(await kinds()).toEqual(["lit", "added", "undo", "added"]);
  });

  test("two undos at once take back two events, a third nothing", async () => {
    const batch = await beginBatch(sample.plans[0]!, sample.kitchen);
    await appendEvent(batch.id, { kind: "lit", atMs: NOW });
    await appendEvent(batch.id, { kind: "noted", text: "smells good", atMs: NOW + 1 });
    await Promise.all([undoLast(batch.id), undoLast(batch.id)]);
    await undoLast(batch.id);
    const events = (await db.events.orderBy("seq").toArray()).map((e) => e.event);
    expect(events.map((e) => e.kind)).toEqual(["lit", "noted", "undo", "undo"]);
    expect(fold(events).events).toEqual([]);
  });

  test("a batch keeps its plan as it was, though the plan changes", async () => {
    const plan = sample.plans[0]!;
    const batch = await beginBatch(plan, sample.kitchen);
    await savePlan({ ...plan, name: "Changed" });
    expect((await db.batches.get(batch.id))?.plan.name).toBe(plan.name);
  });
});
