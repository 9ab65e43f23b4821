import { workTasks, type WorkTask } from "../schedule/work-tasks";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";
import { workDone } from "./said-marks";

/** A piece of work before the pot goes on, and when it was done; null where it is still to do. */
export interface WorkBefore {
  readonly task: WorkTask;
  readonly doneMs: number | null;
}

/** All the work that the plan asks for before its pot is on, in the order it is done. */
export const workBefore = (plan: Plan, kitchen: Kitchen, cook: Cook): readonly WorkBefore[] =>
  workTasks(plan, kitchen).map((task) => ({
    task,
    doneMs: cook.did.get(workDone(task.id))?.at(-1) ?? null,
  }));
