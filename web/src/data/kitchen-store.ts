import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { defineStore } from "pinia";
import { computed } from "vue";
import { db } from "./db";
import { saveKitchen } from "./repository";
import { useEventLog } from "./use-event-log";
import { useLive } from "./use-live";

/** The kitchen this browser cooks in, its plans and its batches with their events. */
export const useKitchenStore = defineStore("kitchen", () => {
  const kitchens = useLive(() => db.kitchens.toArray());
  const storedPlans = useLive(() => db.plans.orderBy("updatedMs").reverse().toArray());
  const batches = useLive(() => db.batches.orderBy("createdMs").reverse().toArray());
  const eventLog = useEventLog();

  const isLoaded = computed(
    () =>
      kitchens.value !== undefined &&
      storedPlans.value !== undefined &&
      batches.value !== undefined &&
      eventLog.value !== undefined,
  );
  const kitchen = computed<Kitchen | null>(() => kitchens.value?.[0] ?? null);
  const units = computed(() => kitchen.value?.units ?? "metric");
  const plans = computed(() => storedPlans.value?.map((s) => s.plan) ?? []);

  async function change(part: Partial<Kitchen>): Promise<void> {
    if (kitchen.value !== null) await saveKitchen({ ...kitchen.value, ...part });
  }

  return { isLoaded, kitchen, units, plans, batches, eventLog, change };
});
