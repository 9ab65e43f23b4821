import { isBefore, workTasks, type WorkTask } from "../schedule/work-tasks";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";
import { workBatch, workBegun, workDone } from "./said-marks";

/** A piece of work before the pot goes on, and how far it is. */
export interface WorkBefore {
  readonly task: WorkTask;
  /** When it was done; null where it is still to do. */
  readonly doneMs: number | null;
  /** When it was begun, where that was said. */
  readonly begunMs: number | null;
  readonly batchesDone: number;
}

/** All the work that the plan asks for before its pot is on, in the order it is done. */
export const workBefore = (plan: Plan, kitchen: Kitchen, cook: Cook): readonly WorkBefore[] =>
  workTasks(plan, kitchen)
    .filter(isBefore)
    .map((task) => ({
      task,
      doneMs: cook.did.get(workDone(task.id))?.at(-1) ?? null,
      begunMs: cook.did.get(workBegun(task.id))?.at(-1) ?? null,
      batchesDone: Math.min(task.batches - 1, cook.did.get(workBatch(task.id))?.length ?? 0),
    }));
