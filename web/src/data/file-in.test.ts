import { writeKettlosFile, type KettlosFile } from "@kettlos/core/formats/kettlos-json";
import fc from "fast-check";
import { beforeEach, describe, expect, test, vi } from "vitest";
import { NOW, sample } from "../../test/pot";
import { exportAll, textOf } from "../../test/whole-export";
import { db } from "./db";
import { readFile, type ReadFile } from "./file-in";
import { tidyAside } from "./incoming-lock";
import { everything, writeFile } from "./file-out";
import { copyFile, forgetEverything, removeCopy } from "./safety-copies";
import { importAll, takeIn } from "./take-in";

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await forgetEverything();
});

const blobOf = (file: KettlosFile) => new Blob([writeKettlosFile(file)]);
async function read(blob: Blob): Promise<ReadFile> {
  const reading = await readFile(blob);
  if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
  return reading.file;
}
async function written(way: Parameters<typeof writeFile>[1]) {
  const all = await everything();
  if (all === null) throw new Error("nothing to write");
  return writeFile(all, way);
}
const whole = async () => ({ ...(await exportAll()), exportedAt: "" });

describe("a file out and in", () => {
  test("compressed or not, it brings everything back as it was", async () => {
    await importAll(sample, "replace");
    const before = await whole();
    for (const isPacked of [false, true]) {
      const { blob, ending } = await written({ isPacked });
      expect(ending).toBe(isPacked ? "json.gz" : "json");
      await forgetEverything();
      const file = await read(blob);
      expect(file.report).toMatchObject({ repairedCount: 0, leftOutCount: 0 });
      expect(file.report.counts.events).toBe(sample.events.length);
      await takeIn(file.source, "replace");
      await file.drop();
      expect(await whole()).toEqual(before);
      expect(await db.incoming.count()).toBe(0);
    }
  });

  test("a long one is compressed by itself, and its progress never goes back", async () => {
    const [note] = sample.events.filter((e) => e.kind === "noted");
    if (note?.kind !== "noted") throw new Error("nothing noted");
    // Twelve megabytes of notes do not fit into one look at them.
    const events = Array.from({ length: 12_000 }, (_, i) => ({
      ...note,
      id: `long-${i}`,
      text: `${i} ${"so it was ".repeat(180)}`,
    }));
    await importAll({ ...sample, events: [...sample.events, ...events] }, "replace");
    const out: number[] = [];
    const { blob, ending } = await written({ onShare: (share) => out.push(share) });
    expect(ending).toBe("json.gz");
    expect(blob.size).toBeLessThan(2_000_000);
    expect(JSON.parse(await textOf(blob, ending)) as unknown).toMatchObject({
      format: "kettlos",
    });
    const coming: number[] = [];
    const reading = await readFile(blob, { onShare: (share) => coming.push(share) });
    expect(reading.ok && reading.file.report.counts.events).toBe(
      sample.events.length + events.length,
    );
    for (const shares of [out, coming]) {
      expect(shares).toEqual(shares.toSorted((a, b) => a - b));
      expect(shares.every((s) => s >= 0 && s <= 1)).toBe(true);
    }
    expect(out.at(-1)).toBe(1);
    expect(coming.length).toBeGreaterThan(2);
    if (reading.ok) await reading.file.drop();
  });

  test("stopped while it is written, read or taken in, all is as it was", async () => {
    await importAll(sample, "replace");
    const before = await whole();
    const stopped = AbortSignal.abort(new Error("stopped"));
    await expect(written({ signal: stopped })).rejects.toThrow("stopped");
    await expect(readFile(blobOf(sample), { signal: stopped })).rejects.toThrow("stopped");
    expect(await db.incoming.count()).toBe(0);
    const file = await read(blobOf({ ...sample, plans: [], larder: [] }));
    for (const how of ["replace", "merge"] as const)
      await expect(takeIn(file.source, how, { signal: stopped })).rejects.toThrow("stopped");
    expect(await whole()).toEqual(before);
    const half = new AbortController();
    const stop = { signal: half.signal, onShare: () => half.abort(new Error("half way")) };
    await expect(takeIn(file.source, "replace", stop)).rejects.toThrow();
    expect(await whole()).toEqual(before);
  });

  test.each([49, 50, 51, 125])(
    "of %i pots each is there once, on its shelf and with its log",
    async (count) => {
      const [past] = sample.batches.filter((b) => b.id === "past-01");
      if (past === undefined) throw new Error("the sample has no such pot");
      const own = sample.events.filter((e) => e.batchId === past.id);
      const pots = Array.from({ length: count }, (_, n) => `many-${n}`);
      const file: KettlosFile = {
        ...sample,
        batches: pots.map((id) => ({ ...past, id })),
        events: pots.flatMap((batchId) =>
          own.map((e) => ({ ...e, batchId, id: `${e.id} ${batchId}` })),
        ),
        larder: [],
      };
      await importAll(file, "replace");
      const back = await exportAll();
      expect(new Set(back?.batches.map((b) => b.id))).toEqual(new Set(pots));
      expect(back?.batches).toHaveLength(count);
      expect(back?.events).toHaveLength(count * own.length);
      expect(await db.shelved.count()).toBe(count);
      expect(await db.logs.count()).toBe(count);
      expect(await db.events.count()).toBe(0);
    },
  );

  test("cut off, or no gzip after all, it is refused with a reason, and nothing is left of it", async () => {
    const whole = await blobOf(sample).arrayBuffer();
    for (const blob of [
      new Blob([whole.slice(0, -10)]),
      new Blob([new Uint8Array([0x1f, 0x8b, 8, 0, 1, 2, 3])]),
      new Blob(["no file"]),
      new Blob([]),
    ]) {
      const reading = await readFile(blob);
      expect(reading.ok).toBe(false);
      if (!reading.ok) expect(reading.problems[0]?.message).not.toBe("");
      expect(await db.incoming.count()).toBe(0);
    }
  });

  test("what waits and is touched by somebody else is not taken in by half", async () => {
    await importAll(sample, "replace");
    const file = await read(blobOf(sample));
    await db.incoming.limit(1).delete();
    await expect(takeIn(file.source, "merge")).rejects.toThrow("read it again");
  });

  test("read in twice, nothing is doubled and nothing is worked out anew", async () => {
    const once = await read(blobOf(sample));
    await takeIn(once.source, "replace");
    await once.drop();
    await db.shelved.toCollection().modify((row, ref) => {
      const { unread: _, ...rest } = row;
      ref.value = rest;
    });
    const before = await whole();
    const file = await read(blobOf(sample));
    await takeIn(file.source, "merge");
    await file.drop();
    expect(await whole()).toEqual(before);
    expect(await db.shelved.where("unread").equals(1).count()).toBe(0);
  });

  test("an entry that stands in a file twice, or in two of its pots, is there once, and the file comes in", async () => {
    const [open] = sample.events.filter((e) => e.batchId === "on-fire");
    const [closed] = sample.events.filter((e) => e.batchId === "past-01");
    if (open === undefined || closed === undefined) throw new Error("nothing in the sample");
    const other = { ...sample.batches.find((b) => b.id === "on-fire")!, id: "on-fire-too" };
    const events = [
      ...[open, closed, ...sample.events, { ...open, batchId: "on-fire-too" }, closed],
    ];
    const file = await read(blobOf({ ...sample, batches: [...sample.batches, other], events }));
    await takeIn(file.source, "replace");
    await file.drop();
    const ids = (await exportAll())?.events.map((e) => e.id) ?? [];
    expect(ids).toHaveLength(sample.events.length);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test("however the entries of several pots lie among each other, each pot gets its own in their order", async () => {
    const ids = (events: KettlosFile["events"], batchId: string) =>
      events.flatMap((e) => (e.batchId === batchId ? e.id : []));
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.integer({ min: 0, max: 1e6 }), { minLength: 40, maxLength: 40 }),
        async (weights) => {
          // Dealt out anew among the pots, the order within each stays.
          const next = new Map(sample.batches.map((b) => [b.id, 0]));
          const events = sample.events
            .map((e, i) => ({ e, by: weights[i % weights.length] ?? 0 }))
            .toSorted((a, b) => a.by - b.by)
            .flatMap(({ e: { batchId } }) => {
              const own = sample.events.filter((e) => e.batchId === batchId);
              const at = next.get(batchId) ?? 0;
              next.set(batchId, at + 1);
              return own[at] ?? [];
            });
          await forgetEverything();
          const file = await read(blobOf({ ...sample, events }));
          await takeIn(file.source, "replace");
          await file.drop();
          const back = (await exportAll())?.events ?? [];
          for (const { id } of sample.batches)
            expect(ids(back, id)).toEqual(ids(sample.events, id));
        },
      ),
      { numRuns: 4 },
    );
  });
});

test("what a page that is gone had aside is tidied away; nothing is forgotten where its copy is stopped", async () => {
  await importAll(sample, "replace");
  const before = await whole();
  await db.incoming.add({ list: "plans", values: [] });
  await tidyAside();
  expect(await db.incoming.count()).toBe(0);
  const signal = AbortSignal.abort(new Error("stopped"));
  await expect(forgetEverything({ signal })).rejects.toThrow("stopped");
  expect(await whole()).toEqual(before);
});

test("what is written while a safety copy is made is in the copy", async () => {
  await importAll(sample, "replace");
  const [plan] = sample.plans;
  if (plan === undefined) throw new Error("no plan");
  let writing: Promise<unknown> | null = null;
  const file = await read(blobOf({ ...sample, plans: [] }));
  await takeIn(file.source, "replace", {
    // Straight to the table: what checks a plan first might take longer than the copy does.
    onShare: () =>
      (writing ??= db.plans.put({
        id: "meanwhile",
        updatedMs: NOW,
        plan: { ...plan, id: "meanwhile" },
      })),
  });
  await file.drop();
  await writing;
  const copy = (await db.copies.toArray()).at(-1);
  if (copy === undefined) throw new Error("no copy");
  const kept = await read(await copyFile(copy.id));
  expect(kept.report.counts.plans).toBe(sample.plans.length + 1);
  await kept.drop();
});

test("a safety copy is as all was, and reads like any other file; removed, its bytes go too", async () => {
  await importAll(sample, "replace");
  const before = await whole();
  await importAll({ ...sample, plans: [], batches: [], events: [], larder: [] }, "replace");
  const [copy] = await db.copies.orderBy("id").reverse().toArray();
  if (copy === undefined) throw new Error("no copy");
  const file = await read(await copyFile(copy.id));
  await takeIn(file.source, "replace");
  await file.drop();
  expect(await whole()).toEqual(before);
  await removeCopy(copy.id);
  expect(await db.copyBytes.get(copy.id)).toBeUndefined();
});
