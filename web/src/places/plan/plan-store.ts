import { answersFor, type Answers } from "@kettlos/core/because/answers";
import { relinked } from "@kettlos/core/dish/linked";
import type { Plan, PlanItem, WaterStatement } from "@kettlos/core/simulate/plan-schema";
import { startSolids } from "@kettlos/core/simulate/water-ways";
import { vesselOf } from "@kettlos/core/simulate/references";
import type { Outcome } from "@kettlos/core/units/problem";
import { liquidAtDepthL } from "@kettlos/core/vessel/solids";
import { useThrottleFn } from "@vueuse/core";
import { defineStore } from "pinia";
import { computed, ref, shallowRef, watch } from "vue";
import { clockHour } from "../../data/clock-hour";
import { useKitchenStore } from "../../data/kitchen-store";
import { savePlan } from "../../data/repository";
import { yieldOf } from "../../data/stock-yields";

const SAVE_EVERY_MS = 250;
const SMALLEST_WATER_L = 0.1;

/** The plan on the screen, what it answers, and its saving. */
export const usePlanStore = defineStore("plan", () => {
  const kitchenStore = useKitchenStore();
  const plan = shallowRef<Plan | null>(null);
  const outcome = shallowRef<Outcome<Answers> | null>(null);
  /** The last answers that could be had, so that the drawing stands while a field is wrong. */
  const answers = shallowRef<Answers | null>(null);
  const before = shallowRef<Plan | null>(null);
  /** While the water line is pulled. */
  const isPulled = ref(false);

  // A change is written at once, a run of changes every so often and at its end.
  const save = useThrottleFn(() => flush(), SAVE_EVERY_MS, true, true);
  let isDirty = false;

  async function flush(): Promise<void> {
    if (!isDirty || plan.value === null) return;
    isDirty = false;
    await savePlan(plan.value);
  }

  function workOut(keepSpread: boolean): void {
    const { kitchen } = kitchenStore;
    if (plan.value === null || kitchen === null) return;
    const spread = keepSpread ? answers.value?.spread : undefined;
    outcome.value = answersFor(plan.value, kitchen, clockHour, spread);
    answers.value = outcome.value.ok ? outcome.value.value : null;
  }

  function open(next: Plan): void {
    // What was just changed in the plan before is written first.
    void flush();
    plan.value = withStocksAsTheyAre(next);
    isDirty = plan.value !== next;
    before.value = null;
    isPulled.value = false;
    workOut(false);
  }

  /** A stock may have been changed since: its salt and allergens are taken over anew. */
  function withStocksAsTheyAre(next: Plan): Plan {
    const { kitchen, plans } = kitchenStore;
    if (kitchen === null) return next;
    return relinked(next, (id) => {
      const from = plans.find((p) => p.id === id);
      const outcome = from === undefined ? null : yieldOf(from, kitchen);
      return outcome?.ok === true ? outcome.value : null;
    });
  }

  /** Changes the plan; it is worked out at once and saved soon after. */
  function change(part: Partial<Plan>): void {
    if (plan.value === null) return;
    before.value = plan.value;
    plan.value = { ...plan.value, ...part };
    isDirty = true;
    workOut(false);
    void save();
  }

  function undo(): void {
    if (before.value === null) return;
    const current = plan.value;
    plan.value = before.value;
    before.value = current;
    isDirty = true;
    workOut(false);
    void save();
  }

  const setWater = (water: WaterStatement) => change({ water });

  /** The water line pulled to a depth, m. While it is pulled the ranges keep their relative width. */
  function pullWaterTo(depthM: number): void {
    const { kitchen } = kitchenStore;
    if (plan.value === null || kitchen === null) return;
    const solids = startSolids(plan.value);
    const vessel = vesselOf(plan.value, kitchen);
    const wantedL = Math.max(SMALLEST_WATER_L, liquidAtDepthL(vessel, solids, depthM));
    const volumeL = Math.round(wantedL * 20) / 20;
    const { water } = plan.value;
    if (water.by === "amount" && water.volumeL === volumeL) return;
    // One pull is one change, whatever it passed on its way.
    if (!isPulled.value) before.value = plan.value;
    plan.value = { ...plan.value, water: { by: "amount", volumeL } };
    isPulled.value = true;
    workOut(true);
  }

  function letGoOfWater(): void {
    isPulled.value = false;
    isDirty = true;
    workOut(false);
    void save();
  }

  function changeItem(id: string, part: Partial<PlanItem>): void {
    if (plan.value === null) return;
    change({
      items: plan.value.items.map((i) => (i.id === id ? { ...i, ...part } : i)),
    });
  }

  const addItem = (item: PlanItem) => change({ items: [...(plan.value?.items ?? []), item] });
  const removeItem = (id: string) =>
    change({ items: (plan.value?.items ?? []).filter((i) => i.id !== id) });

  watch(
    () => kitchenStore.kitchen,
    () => workOut(false),
  );
  const problem = computed(() =>
    outcome.value === null || outcome.value.ok
      ? (answers.value?.trace.problem ?? null)
      : outcome.value.problem,
  );

  return {
    plan,
    answers,
    problem,
    before,
    isPulled,
    open,
    change,
    undo,
    setWater,
    pullWaterTo,
    letGoOfWater,
    changeItem,
    addItem,
    removeItem,
    flush,
  };
});
