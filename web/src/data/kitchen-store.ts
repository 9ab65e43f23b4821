import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import type { LearnedFactors } from "@kettlos/core/simulate/learned-schema";
import { defineStore } from "pinia";
import { computed } from "vue";
import type { KitchenList } from "./binned";
import { db } from "./db";
import { changeKitchen } from "./repository";
import { useLog } from "./use-log";
import { useForecaster } from "./forecasting";
import { useLive } from "./use-live";
import { sayRemoved } from "../frame/notices";

/** The kitchen this browser cooks in, its plans and what was cooked. */
export const useKitchenStore = defineStore("kitchen", () => {
  const kitchens = useLive(() => db.kitchens.toArray());
  const storedPlans = useLive(() => db.plans.orderBy("updatedMs").reverse().toArray());
  const learned = useLive(() => db.learned.toArray());
  const log = useLog();
  const forecaster = useForecaster();

  const isLoaded = computed(
    () =>
      kitchens.value !== undefined &&
      learned.value !== undefined &&
      storedPlans.value !== undefined &&
      log.value !== undefined &&
      // A pot under way is there once it can be worked out.
      (log.value.open.size === 0 || forecaster.value !== null),
  );
  const stored = computed<Kitchen | null>(() => kitchens.value?.[0] ?? null);
  /** What its log has taught; the same as long as it says the same. */
  const factors = computed<LearnedFactors | undefined>((before) => {
    const now = learned.value?.find((l) => l.kitchenId === stored.value?.id)?.factors;
    return JSON.stringify(now) === JSON.stringify(before) ? before : now;
  });
  /** With what its log has taught. */
  const kitchen = computed<Kitchen | null>(() => {
    const { value: own } = stored;
    return own === null || factors.value === undefined ? own : { ...own, learned: factors.value };
  });
  /** What the learned stands on; null where nothing is learned. */
  const learnedBasis = computed(
    () => learned.value?.find((l) => l.kitchenId === stored.value?.id)?.basis ?? null,
  );
  const units = computed(() => kitchen.value?.units ?? "metric");
  const plans = computed(() => storedPlans.value?.map((s) => s.plan) ?? []);

  async function change(part: Partial<Kitchen>): Promise<void> {
    const { value: before } = stored;
    await changeKitchen(part);
    if (before === null) return;
    const { useKitchenSteps } = await import("./kitchen-steps");
    useKitchenSteps().note(before, { ...before, ...part });
  }
  /** Takes a thing out of the kitchen, with a way to bring it back. */
  async function remove(list: KitchenList, id: string): Promise<void> {
    const gone = kitchen.value?.[list].find((thing) => thing.id === id);
    if (gone === undefined) return;
    const name = "name" in gone ? gone.name : gone.who;
    const { bin } = await import("./bin");
    await bin(name, { kind: "thing", list, thing: gone });
    await change({ [list]: kitchen.value?.[list].filter((thing) => thing.id !== id) });
    sayRemoved(`${list}-${id}`, `${name} is taken out of the kitchen.`, () =>
      change({ [list]: [...(kitchen.value?.[list] ?? []).filter((t) => t.id !== id), gone] }),
    );
  }

  return {
    isLoaded,
    kitchen,
    units,
    plans,
    log,
    learnedBasis,
    change,
    remove,
  };
});
