import type { SetPot } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import { workTasks, type WorkTask } from "../schedule/work-tasks";
import { say } from "../units/said";
import type { Action } from "./action";
import { whereIs } from "./counter";
import type { Cook } from "./fold";
import { isWorkOver, saidOfWork, workSaid } from "../events/hands/effects";
import { LEFT_MEANS, WORK_SIGNS } from "./work-words";

/**
 * What is browned, sweated, fried or boiled down in a pan beside the pot while it is on: each begins so that
 * it is done by the time that it goes in, as `actions` have it. None before the pot is lit, and none of what
 * is in already.
 */
export function workMeanwhile(
  setPot: SetPot,
  cook: Cook,
  actions: readonly Action[],
): readonly Action[] {
  const { plan } = setPot;
  if (cook.litMs === null || cook.strainedMs !== null) return [];
  return workTasks(setPot).flatMap((task): readonly Action[] => {
    const item = plan.items.find((i) => i.id === task.itemId);
    if (task.when !== "meanwhile" || item === undefined) return [];
    if (isWorkOver(cook, task)) return [];
    if (whereIs(item, plan, cook) !== "counter") return [];
    const goesIn =
      actions.find((a) => a.itemIds?.includes(item.id) === true) ??
      (item.when.at === "offHeat" ? actions.find((a) => a.kind === "offHeat") : undefined);
    return goesIn === undefined ? [] : [actionOf(task, cook, goesIn.atMs)];
  });
}

function actionOf(task: WorkTask, cook: Cook, inMs: number): Action {
  const done = Math.min(task.batches - 1, saidOfWork(cook, task).batch.length);
  const isLast = done + 1 >= task.batches;
  const eachMin = Math.max(1, task.min / task.batches);
  const batch = task.batches > 1 ? `Batch ${done + 1} of ${task.batches}. ` : "";
  const means = LEFT_MEANS[task.kind];
  return {
    id: `beside:${task.id}`,
    kind: "meanwhile",
    atMs: inMs - eachMin * (task.batches - done) * MINUTE_MS,
    title: task.title,
    lookFor: say`${batch}Beside the pot, ${task.how}. ${WORK_SIGNS[task.kind] ?? ""} Then it goes in.`,
    min: Math.round(eachMin),
    writes: [workSaid(task, isLast ? "done" : "batch")],
    done: isLast ? "It is done" : `Batch ${done + 1} is done`,
    ...(means === undefined ? {} : { leave: { writes: [workSaid(task, "left")], means } }),
  };
}
