import { beforeEach, expect, test, vi } from "vitest";
import { NOW, planOf, sample } from "../../test/pot";
import { importAll } from "./take-in";
import { CLOCK_ID, saveClock } from "./clock-log";
import { useClockStore } from "./clock-store";
import { db } from "./db";
import { putOn } from "./put-on";
import { appendEvent, savePlan } from "./repository";
import { until } from "../../test/until";

beforeEach(async () => {
  vi.useFakeTimers({ now: NOW, toFake: ["Date"] });
  await importAll(sample, "replace");
});
const stored = async () => (await db.clocks.get(CLOCK_ID))?.clock;

test("a pot put on is wanted on until it is strained, and then no more", async () => {
  const store = useClockStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const isWanted = () => store.wanted.loose.some((l) => l.planId === "plan-night");
  await until(() => expect(isWanted()).toBe(true));
  const batch = await putOn(planOf("plan-night"), sample.kitchen);
  expect((await stored())?.loose).toMatchObject([{ planId: "plan-night", batchId: batch.id }]);
  await until(() => expect(store.clock.loose[0]?.batchId).toBe(batch.id));
  expect(isWanted()).toBe(true);
  await appendEvent(batch.id, { kind: "lit" });
  await appendEvent(batch.id, { kind: "offHeat" });
  expect(isWanted()).toBe(true);
  await appendEvent(batch.id, {
    kind: "strained",
    measured: { volumeL: 2, tempC: 80, passes: 1, clothPasses: 0, pressed: false },
  });
  await until(() => expect(isWanted()).toBe(false));
});

test("a plan's own time goes along with its pot, and work ticked off is in its log", async () => {
  const plan = planOf("plan-lamb");
  if (sample.clock === undefined) throw new Error("no clock");
  const at = new Date(NOW - 60_000).toISOString();
  const done = [
    { blockId: `${plan.id}/prep/lambNeck-0:rinse`, at },
    { blockId: "plan-chili/fill", at },
  ];
  await saveClock({ ...sample.clock, done });
  const batch = await putOn(plan, sample.kitchen);
  await savePlan({ ...plan, readyAt: null });
  const clock = await stored();
  expect(clock?.loose.find((l) => l.planId === plan.id)).toMatchObject({
    by: plan.readyAt,
    batchId: batch.id,
  });
  expect(clock?.done.map((d) => d.blockId)).toEqual(["plan-chili/fill"]);
  const events = await db.events.where("batchId").equals(batch.id).toArray();
  expect(events.map((e) => e.event)).toMatchObject([
    { kind: "worked", itemId: "lambNeck-0", work: "rinse", how: "done" },
  ]);
});

test("what is on a meal's table stays there and is wished of nothing else", async () => {
  await putOn(planOf("plan-chili"), sample.kitchen);
  expect((await stored())?.loose.map((l) => l.planId)).toEqual(["plan-night"]);
});
