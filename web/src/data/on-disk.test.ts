import { emptyClock } from "@kettlos/core/simulate/clock";
import type { Transaction } from "dexie";
import { afterEach, beforeEach, expect, test } from "vitest";
import { bramholtSample } from "../sample/bramholt";
import { forgetEverything } from "./safety-copies";
import { saveClock } from "./clock-log";
import { db } from "./db";
import { beginBatch, removePlan, saveKitchen, savePlan } from "./repository";

const { kitchen, plans } = bramholtSample(Date.parse("2026-03-18T20:14:00+01:00"));
const [plan] = plans;
if (plan === undefined) throw new Error("the sample has no plan");

/** Which writes were in a transaction of their own: only those are shown no sooner than they are stored. */
const own: boolean[] = [];
const note = (transaction: Transaction) =>
  void own.push((transaction as Transaction & { explicit?: boolean }).explicit === true);
const created = (_key: unknown, _thing: unknown, transaction: Transaction) => {
  note(transaction);
};
const tables = [db.kitchens, db.plans, db.batches, db.clocks];
beforeEach(async () => {
  await forgetEverything();
  own.length = 0;
  for (const table of tables) {
    table.hook("creating", created as never);
    table.hook("deleting", created as never);
  }
});
afterEach(() => {
  for (const table of tables) {
    table.hook("creating").unsubscribe(created as never);
    table.hook("deleting").unsubscribe(created as never);
  }
});

test("nothing that is kept is shown before it is on the disk", async () => {
  await db.kitchens.put(kitchen);
  expect(own).toEqual([false]);
  await db.kitchens.clear();
  own.length = 0;
  await saveKitchen(kitchen);
  await savePlan(plan);
  await beginBatch(plan, kitchen);
  await saveClock(emptyClock());
  await removePlan(plan.id);
  expect(own).toEqual([true, true, true, true, true]);
});
