import { drawsOf, spokenFor } from "@kettlos/core/larder/draws";
import { heldKg, isUsable, larderOf, lotsOf } from "@kettlos/core/larder/larder";
import { litresOf } from "@kettlos/core/larder/lot-amounts";
import { defineStore } from "pinia";
import { computed } from "vue";
import { db } from "./db";
import { useKitchenStore } from "./kitchen-store";
import { usePotsStore } from "./pots-store";
import { useLive } from "./use-live";

/** What is on the shelves now: the larder's own log, less what the pots draw. */
export const useLarderStore = defineStore("larder", () => {
  const kitchenStore = useKitchenStore();
  const pots = usePotsStore();
  const stored = useLive(() => db.larder.orderBy("seq").toArray());
  const isLoaded = computed(() => stored.value !== undefined && kitchenStore.isLoaded);
  const events = computed(() => stored.value?.map((s) => s.event) ?? []);
  const lots = computed(() => lotsOf(events.value));
  const draws = computed(() => drawsOf(pots.pots, lots.value));
  const larder = computed(() =>
    larderOf(events.value, draws.value, kitchenStore.kitchen?.freezerSchool ?? "short"),
  );
  const spoken = computed(() =>
    spokenFor(kitchenStore.plans, kitchenStore.batches ?? [], lots.value),
  );
  const stockL = computed(() =>
    litresOf(
      heldKg(
        larder.value.holdings.filter((h) => h.lot.kind === "stock" && isUsable(h, pots.nowMs)),
      ),
    ),
  );
  return { isLoaded, stockL, events, lots, larder, spoken };
});
