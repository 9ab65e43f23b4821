import { workTasks, type WorkTask } from "../schedule/work-tasks";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Cook } from "./fold";

const MARK = "work:";

/** What the log says once a piece of work is done. */
export const workDone = (taskId: string): string => `${MARK}${taskId}`;

/** The ingredient and the kind of a piece of work that the log says is done; null where it says something else. */
export function workOfMark(
  what: string,
): { readonly itemId: string; readonly kind: string } | null {
  if (!what.startsWith(MARK)) return null;
  const at = what.lastIndexOf(":");
  return { itemId: what.slice(MARK.length, at), kind: what.slice(at + 1) };
}

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
