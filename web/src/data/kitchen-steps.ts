import type { Kitchen } from "@kettlos/core/simulate/kitchen-schema";
import { defineStore } from "pinia";
import { kitchenChange } from "./kitchen-change";
import { db } from "./db";
import { saveKitchen } from "./repository";
import { useSteps } from "./use-steps";

/** What was done in the kitchen and to its shopping, to undo and redo; loaded where that is first asked. */
export const useKitchenSteps = defineStore("kitchen-steps", () => {
  const steps = useSteps<Kitchen>();
  void steps.turnTo("kitchen");

  const note = (before: Kitchen, after: Kitchen): void =>
    steps.note(before, kitchenChange(before, after));

  async function step(to: "back" | "forth"): Promise<void> {
    const now = await db.kitchens.toCollection().first();
    const other = now === undefined ? null : steps[to](now);
    if (other !== null) await saveKitchen(other);
  }

  return {
    note,
    undo: () => step("back"),
    redo: () => step("forth"),
    undoes: steps.undoes,
    redoes: steps.redoes,
  };
});
