import { canBe, drawnFrom } from "@kettlos/core/larder/draws";
import { isUsable, type Holding } from "@kettlos/core/larder/larder";
import { bySuiting, takenFor, type Suiting } from "@kettlos/core/larder/suits-dish";
import type { PlanItem } from "@kettlos/core/simulate/plan-schema";
import { computed } from "vue";
import { cleared } from "../../../data/cleared";
import { useKitchenStore } from "../../../data/kitchen-store";
import { useLarderStore } from "../../../data/larder-store";
import { usePotsStore } from "../../../data/pots-store";
import { useThePlan } from "../the-plan";

/** What of the larder an ingredient of the plan could be: what suits the dish best stands first. */
export function useOffers() {
  const { plan } = useThePlan();
  const larderStore = useLarderStore();
  const pots = usePotsStore();
  const kitchenStore = useKitchenStore();
  const taken = computed(() => takenFor(plan.value.name, pots.drawers, larderStore.lots));

  function offersFor(item: PlanItem): readonly Suiting[] {
    // Of a lot in two places, the one that is due first.
    const byLot = new Map<string, Holding>();
    for (const h of larderStore.larder.holdings) {
      if (canBe(item, h.lot) && isUsable(h, pots.nowMs) && !byLot.has(h.lot.id))
        byLot.set(h.lot.id, h);
    }
    return bySuiting([...byLot.values()], {
      plan: plan.value,
      kitchen: kitchenStore.kitchen ?? {},
      item,
      larder: larderStore.larder,
      taken: taken.value,
      nowMs: pots.nowMs,
    });
  }
  return { offersFor };
}

/** What changes of an ingredient that comes out of this lot. */
export function drawing(item: PlanItem, { lot, place }: Holding): Partial<PlanItem> {
  const { ingredientId, fromLotId, label, frozen } = drawnFrom(item, lot, place);
  return {
    ...cleared("fromPlanId", "counted"),
    ingredientId,
    frozen,
    ...(fromLotId === undefined ? {} : { fromLotId }),
    ...(label === undefined ? {} : { label }),
  };
}
