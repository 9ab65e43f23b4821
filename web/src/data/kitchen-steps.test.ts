import { createPinia, setActivePinia } from "pinia";
import { beforeEach, expect, test } from "vitest";
import { sample } from "../../test/pot";
import { db } from "./db";
import { useKitchenSteps } from "./kitchen-steps";
import { useKitchenStore } from "./kitchen-store";
import { saveKitchen } from "./repository";
import { until } from "../../test/until";

beforeEach(async () => {
  await Promise.all(db.tables.map((table) => table.clear()));
  setActivePinia(createPinia());
});
const stored = () => db.kitchens.toCollection().first();

test("what was not said before is not said again once it is undone", async () => {
  await saveKitchen(sample.kitchen);
  const store = useKitchenStore();
  await until(() => expect(store.isLoaded).toBe(true));
  const teaching = { leftOut: ["past-01"], resets: [], frozen: [] };
  await store.change({ teaching });
  expect((await stored())?.teaching).toEqual(teaching);
  const steps = useKitchenSteps();
  expect(steps.undoes).toBe("what is learned");
  await steps.undo();
  expect(await stored()).toEqual(sample.kitchen);
  await steps.redo();
  expect((await stored())?.teaching).toEqual(teaching);
});

test("what is learned is in the kitchen that is reckoned with, and never in the one that is stored", async () => {
  await saveKitchen(sample.kitchen);
  const none = { log: 0, sd: 0.5, pots: 0 };
  const factors = {
    steam: { things: { "tall|ajar|gentle": { log: -0.2, sd: 0.1, pots: 3 } }, kitchen: none },
    ring: { things: {}, kitchen: none },
  };
  await db.learned.put({ kitchenId: sample.kitchen.id, factors, basis: "" });
  await db.learned.put({
    kitchenId: "another",
    factors: { ...factors, ring: factors.steam },
    basis: "",
  });
  const store = useKitchenStore();
  await until(() => expect(store.kitchen?.learned).toEqual(factors));
  await store.change({ roomC: 19 });
  await until(() => expect(store.kitchen?.roomC).toBe(19));
  expect(store.kitchen?.learned).toEqual(factors);
  expect((await stored())?.learned).toBeUndefined();
  await useKitchenSteps().undo();
  expect(await stored()).toEqual(sample.kitchen);
});
