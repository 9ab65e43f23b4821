import { emptyClock } from "@kettlos/core/simulate/clock-schema";
import { beforeEach, expect, test, vi } from "vitest";
import { planOf, sample } from "../../test/pot";
import { forgetEverything, importAll } from "./backup";
import { useClockStore } from "./clock-store";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";

beforeEach(async () => {
  await forgetEverything();
  await importAll(sample, "replace");
});

test("a way out that makes a pot of two is one step: undone, the second pot is not there", async () => {
  const store = useClockStore();
  const kitchen = useKitchenStore();
  await vi.waitFor(() => expect(store.isLoaded && kitchen.plans.length > 0).toBe(true), {
    timeout: 60_000,
  });
  const braise = planOf("plan-braise");
  const plans = [
    { ...braise, note: "half of it" },
    { ...braise, id: "plan-braise-2", name: "Second pot" },
  ];
  const clock = { ...emptyClock(), meals: sample.clock?.meals ?? [] };
  const cost = { lateMin: 0, handsMin: 0, waitMin: 0, earlierMin: 0, litres: 0 };
  await store.take({ id: "two", title: "In two pots", cost, change: { plans, clock } });
  const stored = async () => [
    (await db.plans.get("plan-braise"))?.plan.note,
    (await db.plans.get("plan-braise-2"))?.plan.name,
  ];
  const shows = (isThere: boolean) =>
    vi.waitFor(() => expect(kitchen.plans.some((p) => p.id === "plan-braise-2")).toBe(isThere));
  expect(await stored()).toEqual(["half of it", "Second pot"]);
  await shows(true);
  await store.undo();
  expect(await stored()).toEqual([braise.note, undefined]);
  await shows(false);
  await store.redo();
  expect(await stored()).toEqual(["half of it", "Second pot"]);
});
