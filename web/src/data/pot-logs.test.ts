import type { CookEvent } from "@kettlos/core/events/event-schema";
import { beforeEach, expect, test, vi } from "vitest";
import { NOW, sample } from "../../test/pot";
import { db } from "./db";
import { lastEvent, logLengths, readLog, removeLogs } from "./pot-logs";
import { appendEvent, undoLast } from "./repository";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";

const [first] = sample.batches;
if (first === undefined) throw new Error("the sample has cooked nothing");
const { id } = first;
const own = sample.events.filter((e) => e.batchId === id);

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await forgetEverything();
  await importAll(sample, "replace");
});

test("a finished pot's log lies in one row, and what is added stands behind it in the order of writing", async () => {
  expect(await db.events.where("batchId").equals(id).count()).toBe(0);
  expect(await readLog(id)).toEqual(own);
  expect(await lastEvent(id)).toEqual(own.at(-1));
  await appendEvent(id, { kind: "noted", text: "set like glass", atMs: NOW - 1e9 });
  expect((await readLog(id)).map((e) => e.id).slice(0, -1)).toEqual(own.map((e) => e.id));
  expect(await lastEvent(id)).toMatchObject({ text: "set like glass" });
  expect(await logLengths([id, "on-fire", "none"])).toEqual([
    own.length + 1,
    sample.events.filter((e) => e.batchId === "on-fire").length,
    0,
  ]);
});

test("what lies in the row can be taken back: it is said behind it", async () => {
  await undoLast(id);
  const undone = (await readLog(id)).at(-1);
  const last = own.findLast((e: CookEvent) => e.kind !== "undo");
  expect(undone).toMatchObject({ kind: "undo", eventId: last?.id });
});

test("removed, nothing of it is left in either", async () => {
  await appendEvent(id, { kind: "liked", how: "good" });
  await removeLogs([id]);
  expect(await readLog(id)).toEqual([]);
  expect(await logLengths([id])).toEqual([0]);
});
