import { resolve } from "../simulate/set-pot";
import { expect, test } from "vitest";
import { happened } from "../../test/events";
import { testKitchen } from "../../test/kitchen";
import { planOfKind } from "../dish/kinds";
import { workTasks } from "../schedule/work-tasks";
import { workSaid } from "../events/hands/effects";
import { fold } from "./fold";
import { workBefore } from "./work-before";

const kitchen = testKitchen();
const plan = planOfKind("braise", kitchen, "x");

test("all the work of a plan is there, in its order, and done is what the log says", () => {
  const tasks = workTasks(resolve(plan, kitchen));
  const [first] = tasks;
  if (first === undefined) throw new Error("no work");
  const none = workBefore(resolve(plan, kitchen), fold([]));
  expect(none.map((w) => w.task.id)).toEqual(tasks.map((t) => t.id));
  expect(none.every((w) => w.doneMs === null)).toBe(true);
  const one = workBefore(
    resolve(plan, kitchen),
    fold(happened({ ...workSaid(first, "done"), atMs: 7000 }, { kind: "stirred", atMs: 8000 })),
  );
  expect(one.map((w) => w.doneMs)).toEqual([7000, ...tasks.slice(1).map(() => null)]);
});
