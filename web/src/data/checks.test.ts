import { beforeEach, expect, test, vi } from "vitest";
import { notices } from "../frame/notices";
import { until } from "../../test/until";
import { NOW, sample } from "../../test/pot";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { db } from "./db";
import { appendEvent, undoLast } from "./repository";

beforeEach(async () => {
  await forgetEverything();
  await importAll(sample, "replace");
});

const count = () => db.events.where("batchId").equals("on-fire").count();

test("what cannot be checked for want of the network waits, is said, and is written when tried again", async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  const before = await count();
  vi.doMock("./wholes", () => {
    throw new Error("Failed to fetch dynamically imported module");
  });
  await expect(appendEvent("on-fire", { kind: "offHeat" })).rejects.toThrow("has not come");
  expect(await count()).toBe(before);
  vi.doUnmock("./wholes");
  const notice = [...notices.values()].find((n) => n.title.startsWith("Not written: an entry of"));
  expect(notice?.text).toContain("the network is away");
  void notice?.ways[0]?.run();
  await until(async () => expect(await count()).toBe(before + 1));
  vi.useRealTimers();
});

test("two taps to take back, one right after the other, take back two entries", async () => {
  await appendEvent("on-fire", { kind: "offHeat" });
  await appendEvent("on-fire", { kind: "noted", text: "Smells right" });
  const before = await count();
  await Promise.all([undoLast("on-fire"), undoLast("on-fire")]);
  const undone = (await db.events.where("batchId").equals("on-fire").sortBy("seq"))
    .slice(before)
    .map(({ event }) => event.kind === "undo" && event.eventId);
  expect(new Set(undone).size).toBe(2);
});
