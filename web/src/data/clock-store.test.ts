import { mount } from "@vue/test-utils";
import { emptyClock, MealSchema } from "@kettlos/core/simulate/clock-schema";
import { beforeEach, expect, test, vi } from "vitest";
import { planOf, sample } from "../../test/pot";
import AheadNote from "../controls/AheadNote.vue";
import { forgetEverything, importAll } from "./backup";
import { useClockStore } from "./clock-store";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";

beforeEach(async () => {
  await forgetEverything();
  await importAll(sample, "replace");
});

test("at the stove a pot that is cooked ahead says for what, and that it is chilled", async () => {
  const store = useClockStore();
  await vi.waitFor(() => expect(store.isLoaded).toBe(true), { timeout: 60_000 });
  const at = new Date(Date.now() + 86_400_000).toISOString();
  const meal = MealSchema.parse({
    id: "supper",
    name: "Supper",
    at,
    planIds: ["plan-braise", "plan-chili"],
    ahead: [{ planId: "plan-braise" }],
  });
  await store.change({ ...emptyClock(), meals: [meal] }, "supper");
  await vi.waitFor(() => expect(store.wanted.meals).toHaveLength(1));
  const shown = (planId: string) =>
    mount(AheadNote, { props: { planId }, global: { stubs: { RouterLink: true } } }).text();
  expect(shown("plan-braise")).toMatch(
    /^Cooked ahead for Supper\..*chilled at once.*74 °C.* once/s,
  );
  expect(shown("plan-chili")).toBe("");
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
