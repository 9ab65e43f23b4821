import type { Batch } from "@kettlos/core/batch/batch-schema";
import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { defineStore } from "pinia";
import { computed, shallowRef, watch } from "vue";
import type { KitchenList } from "./binned";
import { db } from "./db";
import { changeKitchen } from "./repository";
import { useEventLog } from "./use-event-log";
import { useLive } from "./use-live";
import { sayRemoved } from "../frame/notices";

/** The kitchen this browser cooks in, its plans and its batches with their events. */
export const useKitchenStore = defineStore("kitchen", () => {
  const kitchens = useLive(() => db.kitchens.toArray());
  const storedPlans = useLive(() => db.plans.orderBy("updatedMs").reverse().toArray());
  const storedBatches = useLive(() => db.batches.orderBy("createdMs").reverse().toArray());
  const learned = useLive(() => db.learned.toArray());
  const { log: eventLog, lastSeq } = useEventLog();
  /** Batches of which every event that was there is read: none is taken for one that was never lit. */
  const batches = shallowRef<readonly Batch[]>();
  const waiting = shallowRef<{ readonly list: readonly Batch[]; readonly seq: number } | null>(
    null,
  );
  watch(storedBatches, async (list) => {
    if (list === undefined) return;
    const last = await db.events.orderBy("seq").last();
    // A newer list asked meanwhile.
    if (list === storedBatches.value) waiting.value = { list, seq: last?.seq ?? 0 };
  });
  watch([waiting, lastSeq, eventLog], () => {
    if (waiting.value === null || eventLog.value === undefined) return;
    if (lastSeq.value < waiting.value.seq) return;
    batches.value = waiting.value.list;
    waiting.value = null;
  });

  const isLoaded = computed(
    () =>
      kitchens.value !== undefined &&
      learned.value !== undefined &&
      storedPlans.value !== undefined &&
      batches.value !== undefined &&
      eventLog.value !== undefined,
  );
  const stored = computed<Kitchen | null>(() => kitchens.value?.[0] ?? null);
  /** With what its log has taught. */
  const kitchen = computed<Kitchen | null>(() => {
    const { value: own } = stored;
    const known = learned.value?.find((l) => l.kitchenId === own?.id);
    return own === null || known === undefined ? own : { ...own, learned: known.factors };
  });
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
    batches,
    eventLog,
    change,
    remove,
  };
});
