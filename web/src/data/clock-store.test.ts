import { emptyClock } from "@kettlos/core/simulate/clock";
import { mount } from "@vue/test-utils";
import { LoosePotSchema, MealSchema } from "@kettlos/core/simulate/clock-schema";
import { beforeEach, expect, test, vi } from "vitest";
import { planOf, sample } from "../../test/pot";
import { PAST, shelve } from "../../test/shelve";
import AheadNote from "../controls/AheadNote.vue";
import { forgetEverything } from "./safety-copies";
import { importAll } from "./take-in";
import { useClockStore } from "./clock-store";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { usePotsStore } from "./pots-store";
import { appendEvent, beginBatch } from "./repository";
import { until } from "../../test/until";

/** What was asked of the worker, which answers nothing here. */
const asked = vi.hoisted(() => [] as { clock: { meals: { planIds: string[] }[] } }[]);
const tokens = vi.hoisted(() => [] as number[]);
vi.stubGlobal("Worker", class {});
vi.mock("comlink", () => ({
  wrap: () => ({
    clock: (token: number, what: (typeof asked)[number]) => {
      asked.push(what);
      tokens.push(token);
      return Promise.resolve(null);
    },
    nextReadings: () => Promise.resolve([]),
  }),
}));

beforeEach(async () => {
  await forgetEverything();
  await importAll(sample, "replace");
});

test("at the stove a pot that is cooked ahead says for what, and that it is chilled", async () => {
  const store = useClockStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const at = new Date(Date.now() + 86_400_000).toISOString();
  const meal = MealSchema.parse({
    id: "supper",
    name: "Supper",
    at,
    planIds: ["plan-braise", "plan-chili"],
    ahead: [{ planId: "plan-braise" }],
  });
  await store.change({ ...emptyClock(), meals: [meal] }, "supper");
  await until(() => expect(store.wanted.meals).toHaveLength(1));
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
  await until(() => expect(store.isLoaded && kitchen.plans.length > 0).toBe(true));
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
    until(() => expect(kitchen.plans.some((p) => p.id === "plan-braise-2")).toBe(isThere));
  expect(await stored()).toEqual(["half of it", "Second pot"]);
  await shows(true);
  await store.undo();
  expect(await stored()).toEqual([braise.note, undefined]);
  await shows(false);
  await store.redo();
  expect(await stored()).toEqual(["half of it", "Second pot"]);
});

test("what a pot of the logbook was put on for is over", async () => {
  const store = useClockStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const loose = [
    { planId: "plan-lamb", batchId: "past-01" },
    { planId: "plan-trotter", batchId: "on-fire" },
  ].map((l) => LoosePotSchema.parse(l));
  await shelve(...PAST);
  await until(() => expect(usePotsStore().open.size).toBe(1));
  await store.change({ ...emptyClock(), loose }, "two stocks");
  await until(() => expect(store.wanted.loose.map((l) => l.batchId)).toEqual(["on-fire"]));
});

test("of two fillings that wait for the larder the newer alone is asked for", async () => {
  const store = useClockStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const before = tokens.length;
  await Promise.all([store.fill(emptyClock()), store.fill(emptyClock()), store.fill(emptyClock())]);
  expect(tokens).toHaveLength(before + 1);
});

test("what is strained for a meal is not cooked for it again; what was practised is", async () => {
  const store = useClockStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const meal = MealSchema.parse({
    id: "supper",
    name: "Supper",
    at: new Date(Date.now() + 3_600_000).toISOString(),
    planIds: ["plan-braise", "plan-chili"],
  });
  const measured = { servedKg: 3, massKg: 1, tempC: 90, passes: 1, clothPasses: 0, pressed: false };
  const practice = { seed: 1, speed: 60, realMs: Date.now(), potMs: Date.now() };
  for (const [planId, how] of [
    ["plan-braise", practice],
    ["plan-chili", undefined],
  ] as const) {
    const { id } = await beginBatch(planOf(planId), sample.kitchen, how);
    for (const event of [{ kind: "lit" }, { kind: "offHeat" }] as const)
      await appendEvent(id, event);
    await appendEvent(id, { kind: "strained", measured });
  }
  await store.change({ ...emptyClock(), meals: [meal] }, "supper");
  store.keepFilled();
  await until(() =>
    expect(asked.at(-1)?.clock.meals.map((m) => m.planIds)).toEqual([["plan-braise"]]),
  );
});
