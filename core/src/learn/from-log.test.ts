import { expect, test } from "vitest";
import { testKitchen } from "../../test/kitchen";
import { cooked, loggedPlan } from "../../test/logged-pot";
import { mergeKitchens } from "../formats/merge-kitchens";
import { NO_TEACHING } from "../simulate/no-teaching";
import { teachersIn, withLog } from "./from-log";
import { whatTaught, wordsOf } from "./taught";

const kitchen = testKitchen();
const pots = [0.7, 0.72].map((steam, i) => cooked({ steam, batch: { id: `p${i}` } }));
const batches = pots.map((p) => p.batch);
const events = pots.flatMap(({ batch, cook }) =>
  cook.events.map((e) => ({ ...e, batchId: batch.id })),
);

test("a log teaches its kitchen; none leaves it as it is", () => {
  const taught = withLog(kitchen, batches, events);
  expect(taught.learned?.steam.kitchen.pots).toBe(2);
  expect(withLog(kitchen, [], [])).toBe(kitchen);
  const teaching = { ...NO_TEACHING, leftOut: ["p0"] };
  expect(withLog({ ...kitchen, teaching }, batches, events).learned?.steam.kitchen.pots).toBe(1);
});

test("a pot of another kitchen teaches nothing here, and that is said", () => {
  const words = pots.map(wordsOf);
  const other = { ...kitchen, id: "theirs" };
  expect(withLog(other, batches, events).learned?.steam.kitchen.pots).toBe(0);
  const { values, notUsed } = whatTaught(words, { kitchenId: "theirs" });
  expect(values).toEqual([]);
  expect(notUsed.map((n) => n.why)).toContain("it was cooked in another kitchen");
  expect(whatTaught(words, { kitchenId: kitchen.id })).toEqual(whatTaught(words));
});

test("only what came through its sieve teaches, and nothing made up", () => {
  const unstrained = events.filter((e) => e.batchId !== "p1" || e.kind !== "strained");
  expect(teachersIn(batches, unstrained).map((t) => t.batch.id)).toEqual(["p0"]);
  const practice = { seed: 1, speed: 1, realMs: 0, potMs: 0 };
  const madeUp = batches.map((b) => ({ ...b, practice }));
  expect(teachersIn(madeUp, events)).toEqual([]);
  expect(loggedPlan.id).toBe(batches[0]?.plan.id);
});

test("what was left out in either of two kitchens is left out of both together", () => {
  const mine = { ...kitchen, teaching: { ...NO_TEACHING, leftOut: ["a", "b"] } };
  const theirs = { ...kitchen, id: "theirs", teaching: { ...NO_TEACHING, leftOut: ["b", "c"] } };
  expect(mergeKitchens(mine, theirs).kitchen.teaching?.leftOut).toEqual(["a", "b", "c"]);
  expect(mergeKitchens(kitchen, theirs).kitchen.teaching?.leftOut).toEqual(["b", "c"]);
  expect(mergeKitchens(kitchen, kitchen).kitchen.teaching).toBeUndefined();
});
