import { isSameKind, isSlow } from "@kettlos/core/heats/heat";
import type { HeatAnswer } from "@kettlos/core/because/converted";
import type { Target } from "@kettlos/core/convert/like";
import type { CrockSetting } from "@kettlos/core/heat/slow-cooker";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { defineStore } from "pinia";
import { ref, shallowRef, watch } from "vue";
import { useKitchenStore } from "../../data/kitchen-store";
import { savePlanWithUsed } from "../../data/save-converted";
import { useSteps } from "../../data/use-steps";
import { planChange } from "../../data/plan-change";
import { useConversion } from "../../workers/use-conversion";

/** One dish on four heats: the dish as written, what was changed of the others, and what it comes to. */
export const useCrossoverStore = defineStore("crossover", () => {
  const kitchenStore = useKitchenStore();
  const { columns, problem, isBusy, ask, clear } = useConversion();
  /** The dish as written; a working copy until it is made the plan. */
  const dish = shallowRef<Plan | null>(null);
  const steps = useSteps<Plan>();
  /** The plan the dish was opened from, to know when it was changed elsewhere. */
  let source = "";
  const changed = shallowRef<readonly Target[]>([]);
  /** Which of the slow cooker's settings stands in its column. */
  const crockSetting = ref<CrockSetting>("low");

  function work(): void {
    const { kitchen } = kitchenStore;
    if (dish.value !== null && kitchen !== null)
      void ask(dish.value, kitchen, changed.value, [crockSetting.value]);
  }

  /**
   * Opens a plan. The working copy of the same unchanged plan stays as it is; where the plan was
   * changed meanwhile it is shown as it now is, and undo brings back what was worked on here.
   */
  function open(plan: Plan): void {
    const text = JSON.stringify(plan);
    if (text === source && dish.value !== null) return;
    const isWorkedOn = dish.value?.id === plan.id && JSON.stringify(dish.value) !== source;
    const workedOn = isWorkedOn ? dish.value : null;
    source = text;
    if (workedOn !== null) steps.note(workedOn, "what was worked on here");
    else void steps.turnTo(`crossover:${plan.id}`);
    dish.value = plan;
    changed.value = [];
    clear();
    if (isSlow(plan.heat)) crockSetting.value = plan.heat.setting;
    work();
  }

  /** The dish is written anew, in whatever heat it now is; the others follow. */
  function write(plan: Plan): void {
    if (dish.value !== null)
      steps.note(dish.value, planChange(dish.value, plan, kitchenStore.units));
    dish.value = plan;
    work();
  }

  function step(to: "back" | "forth"): void {
    const other = dish.value === null ? null : steps[to](dish.value);
    if (other === null) return;
    dish.value = other;
    work();
  }

  /** Changes how one heat is set; the written one's change is the dish's own. */
  function setTarget(answer: HeatAnswer, target: Target): void {
    if (isSlow(target.heat)) crockSetting.value = target.heat.setting;
    if (answer.ok && answer.column.isWritten && dish.value !== null) {
      write({ ...dish.value, ...target });
      return;
    }
    changed.value = [...changed.value.filter((t) => !isSameKind(t.heat, target.heat)), target];
    work();
  }

  /** Makes a heat's dish the plan, and takes a suggested vessel into the kitchen. */
  async function accept(plan: Plan): Promise<void> {
    if (kitchenStore.kitchen !== null) await savePlanWithUsed(plan, kitchenStore.kitchen);
  }

  watch([() => kitchenStore.kitchen, crockSetting], work);

  return {
    dish,
    columns,
    problem,
    isBusy,
    crockSetting,
    open,
    write,
    undo: () => step("back"),
    redo: () => step("forth"),
    undoes: steps.undoes,
    redoes: steps.redoes,
    setTarget,
    accept,
  };
});
