import { drawsOf, spokenFor } from "@kettlos/core/larder/draws";
import { heldKg, isUsable, larderOf, lotsOf } from "@kettlos/core/larder/larder";
import { litresOf } from "@kettlos/core/larder/lot-amounts";
import { roomL } from "@kettlos/core/portion/headspace";
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
  /** What pots drew is known once all that drew are read. */
  const isLoaded = computed(
    () => stored.value !== undefined && kitchenStore.isLoaded && pots.isDrawnKnown,
  );
  const events = computed(() => stored.value?.map((s) => s.event) ?? []);
  const lots = computed(() => lotsOf(events.value));
  const draws = computed(() => drawsOf(pots.drawers, lots.value));
  /** Empty while not all is read of what pots took: what may be gone is not said to be there. */
  const larder = computed(() =>
    larderOf(
      isLoaded.value ? events.value : [],
      isLoaded.value ? draws.value : [],
      kitchenStore.kitchen?.freezerSchool ?? "short",
    ),
  );
  const spoken = computed(() => spokenFor(kitchenStore.plans, pots.drawers, lots.value));
  const stockL = computed(() =>
    litresOf(
      heldKg(
        larder.value.holdings.filter((h) => h.lot.kind === "stock" && isUsable(h, pots.nowMs)),
      ),
    ),
  );
  /** Taken of the freezer, with the room that freezing wants; and what is free, null where nobody measured it. */
  const freezerTakenL = computed(() =>
    roomL(litresOf(heldKg(larder.value.holdings.filter((h) => h.place === "freezer")))),
  );
  const freezerFreeL = computed(() => {
    const allL = kitchenStore.kitchen?.freezerL ?? 0;
    return allL > 0 ? Math.max(0, allL - freezerTakenL.value) : null;
  });
  return { isLoaded, stockL, freezerTakenL, freezerFreeL, events, lots, larder, spoken };
});
