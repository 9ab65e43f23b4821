import { createPinia, setActivePinia } from "pinia";
import { expect, test, vi } from "vitest";
import { shallowRef } from "vue";
import { sample } from "../../test/pot";
import { until } from "../../test/until";
import type * as all from "./forecaster";
import { useKitchenStore } from "./kitchen-store";
import { usePotsStore } from "./pots-store";
import { beginBatch, saveKitchen } from "./repository";

/** What works pots out, while it is still on its way. */
const forecaster = vi.hoisted(() => ({ value: null as unknown }));
vi.mock("./forecasting", () => {
  const ref = shallowRef<typeof all | null>(null);
  forecaster.value = ref;
  return { useForecaster: () => ref };
});

test("no screen stands without a pot that is on: it waits until it can be worked out", async () => {
  setActivePinia(createPinia());
  const [store, pots] = [useKitchenStore(), usePotsStore()];
  await saveKitchen(sample.kitchen);
  // With nothing on there is nothing to wait for.
  await until(() => expect(store.isLoaded).toBe(true));
  const [plan] = sample.plans;
  if (plan === undefined) throw new Error("no plan");
  const batch = await beginBatch(plan, sample.kitchen);
  await until(() => expect(store.log?.open.size).toBe(1));
  expect([store.isLoaded, pots.isReady, pots.open.size]).toEqual([false, false, 0]);

  const ref = forecaster.value as { value: typeof all | null };
  ref.value = await import("./forecaster");
  await until(() => expect(pots.isReady).toBe(true));
  expect(store.isLoaded).toBe(true);
  expect(pots.fire.map((p) => p.batch.id)).toEqual([batch.id]);
});
