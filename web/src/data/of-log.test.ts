import type { PotWords } from "@kettlos/core/learn/taught";
import { beforeEach, expect, test, vi } from "vitest";
import { db } from "./db";
import { logKey } from "./log-keys";
import { ofLog, storedWords } from "./of-log";

const heard = vi.hoisted(() => ({ ids: [] as string[], calls: 0 }));
vi.mock("../workers/reckoner", () => ({
  reckoner: () => ({
    hear(words: readonly PotWords[], isAnew: boolean) {
      heard.calls += 1;
      if (isAnew) heard.ids = [];
      heard.ids.push(...words.map((w) => w.potId));
      return Promise.resolve();
    },
  }),
}));

const kitchen = { id: "here", teaching: { leftOut: ["a"], resets: [], frozen: [] } };
const idOf = (n: number) => `pot ${String(n).padStart(4, "0")}`;
const row = (potId: string, key = logKey([])) => ({
  ...{ batchId: potId, key },
  words: { potId } as PotWords,
});
const ids = (count: number) => Array.from({ length: count }, (_, n) => idOf(n));
beforeEach(async () => {
  await db.words.clear();
  heard.calls = 0;
});

test.each([0, 1, 399, 400, 401, 1000])("of %i pots each is heard once, in pages", async (count) => {
  await db.words.bulkPut(ids(count).map((id) => row(id)));
  const learner = await ofLog(storedWords(), kitchen, (by) => by);
  expect(heard.ids).toEqual(ids(count));
  // Its beginning, and no page of more than four hundred.
  expect(heard.calls).toBe(1 + Math.ceil(count / 400));
  expect(learner).toEqual({ kitchenId: "here", teaching: kitchen.teaching });
});

test("what an older Kettlos read of a pot is not heard", async () => {
  await db.words.bulkPut([row("new"), row("old", "3:1:x")]);
  await ofLog(storedWords(), kitchen, () => null);
  expect(heard.ids).toEqual(["new"]);
});

test("two that ask at once hear one log each; one that fails keeps no other from asking", async () => {
  const page = (...of: string[]) => [of.map((id) => row(id))];
  const [one, failed, other] = await Promise.allSettled([
    ofLog([...page("a"), ...page("b")], kitchen, () => heard.ids.join()),
    ofLog(page("c"), kitchen, () => Promise.reject(new Error("does not go"))),
    ofLog(page("d"), kitchen, () => heard.ids.join()),
  ]);
  expect(one).toMatchObject({ value: "a,b" });
  expect(failed.status).toBe("rejected");
  expect(other).toMatchObject({ value: "d" });
});

test("a question that is not wanted any more is read for no further", async () => {
  await db.words.bulkPut(ids(1000).map((id) => row(id)));
  let pages = 0;
  await ofLog(
    storedWords(() => pages++ < 1),
    kitchen,
    () => null,
  );
  expect(heard.ids).toHaveLength(400);
});
