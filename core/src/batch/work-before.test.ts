import { expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { planOfKind } from "../dish/kinds";
import { workTasks } from "../schedule/work-tasks";
import type { CookEvent } from "./batch-schema";
import { fold } from "./fold";
import { workBefore } from "./work-before";
import { workBatch, workBegun, workDone, workLeft, workSaid } from "./said-marks";

const kitchen = testKitchen();
const plan = planOfKind("braise", kitchen, "x");
const did = (what: string, atMs: number): CookEvent =>
  ({ kind: "did", what, atMs, id: what, batchId: "b", schemaVersion: 3 }) as CookEvent;

test("all the work of a plan is there, in its order, and done is what the log says", () => {
  const tasks = workTasks(plan, kitchen);
  const [first] = tasks;
  if (first === undefined) throw new Error("no work");
  const none = workBefore(plan, kitchen, fold([]));
  expect(none.map((w) => w.task.id)).toEqual(tasks.map((t) => t.id));
  expect(none.every((w) => w.doneMs === null)).toBe(true);
  const one = workBefore(plan, kitchen, fold([did(workDone(first.id), 7000), did("stir", 8000)]));
  expect(one.map((w) => w.doneMs)).toEqual([7000, ...tasks.slice(1).map(() => null)]);
});
test("a mark names its ingredient and kind, and what of it, whatever is in their ids", () => {
  expect(workSaid(workDone("goat:2-0:brown"))).toEqual({
    itemId: "goat:2-0",
    kind: "brown",
    of: "work",
  });
  expect([workBegun, workBatch, workLeft].map((mark) => workSaid(mark("a:cut"))?.of)).toEqual([
    "begun",
    "batch",
    "left",
  ]);
  expect(workSaid("out:goat-0")).toBeNull();
  expect(workSaid("stir")).toBeNull();
  expect(workSaid("work:cut")).toBeNull();
});
