import type { SetPot } from "../simulate/set-pot";
import { isBefore, workTasks, type WorkTask } from "../schedule/work-tasks";
import type { Cook } from "./fold";
import { saidOfWork } from "../events/hands/effects";

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
export const workBefore = (setPot: SetPot, cook: Cook): readonly WorkBefore[] =>
  workTasks(setPot)
    .filter(isBefore)
    .map((task) => {
      const { done, begun, batch } = saidOfWork(cook, task);
      return {
        task,
        doneMs: done.at(-1) ?? null,
        begunMs: begun.at(-1) ?? null,
        batchesDone: Math.min(task.batches - 1, batch.length),
      };
    });
