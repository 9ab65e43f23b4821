import "fake-indexeddb/auto";
import { beforeEach, expect, test } from "vitest";
import { bramholtPlans } from "../sample/plans";
import { sample } from "../../test/pot";
import { readLog } from "./pot-logs";
import { importAll } from "./take-in";
import { bin, binBatch, binned, bringBack } from "./bin";
import { db } from "./db";

beforeEach(async () => {
  await db.open();
  await db.bin.clear();
  await db.plans.clear();
});

test("a pot taken off comes back with its log, in order", async () => {
  await importAll(sample, "replace");
  const [batch] = await db.batches.toArray();
  if (batch === undefined) throw new Error("no pot");
  const ids = async () => (await readLog(batch.id)).map((e) => e.id);
  const before = await ids();
  await binBatch(batch.id);
  expect(await db.batches.get(batch.id)).toBeUndefined();
  expect(await ids()).toEqual([]);
  const [one] = await binned();
  if (one !== undefined) await bringBack(one);
  expect(await db.batches.get(batch.id)).toEqual(batch);
  expect(await ids()).toEqual(before);
});

test("what was removed lies in the bin for thirty days, and comes back whole", async () => {
  const [plan] = Object.values(bramholtPlans());
  if (plan === undefined) throw new Error("no sample plan");
  await bin(plan.name, { kind: "plan", plan });
  const old = {
    id: "old",
    removedMs: Date.now() - 31 * 86_400_000,
    name: "Old",
    what: { kind: "plan" as const, plan },
  };
  await db.bin.put(old);
  const lying = await binned();
  expect(lying.map((b) => b.name)).toEqual([plan.name]);
  const [one] = lying;
  if (one !== undefined) await bringBack(one);
  expect((await db.plans.get(plan.id))?.plan).toEqual(plan);
  expect(await binned()).toEqual([]);
  // The next thing laid in sweeps out what has lain too long.
  await bin(plan.name, { kind: "plan", plan });
  expect(await db.bin.get("old")).toBeUndefined();
});
