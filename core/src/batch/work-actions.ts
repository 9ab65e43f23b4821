import type { SetPot } from "../simulate/set-pot";
import { WORKS } from "../prepare/works";
import { MINUTE_MS } from "../units/time";
import { ingredientOf } from "../simulate/item-facts";
import type { Plan } from "../simulate/plan-schema";
import { say } from "../units/said";
import { showDuration } from "../units/show";
import type { WorkTask } from "../schedule/work-tasks";
import type { Action } from "./action";
import type { Cook } from "./fold";
import { workSaid } from "../events/hands/effects";
import { workBefore, type WorkBefore } from "./work-before";
import { LEFT_MEANS, UNSOAKED_BEANS, WORK_SIGNS } from "./work-words";

/**
 * The work before a pot is lit, one piece after the other: how, by what sign it is done, how long. What runs
 * by itself is begun, and calls when its time is over. None once it is lit.
 */
export function workActions(setPot: SetPot, cook: Cook, nowMs: number): readonly Action[] {
  const { plan } = setPot;
  if (cook.litMs !== null) return [];
  const open = workBefore(setPot, cook).filter((w) => w.doneMs === null);
  const runs = (w: WorkBefore) => w.begunMs !== null;
  // What thaws or soaks is neither cut nor rinsed meanwhile.
  const waits = ({ task }: WorkBefore) =>
    open.some(
      (w) =>
        runs(w) &&
        w.task.attention === "leave" &&
        w.task.itemId === task.itemId &&
        orderOf(w.task) < orderOf(task),
    );
  const going = open.filter(runs).map((w) => goingAction(w, nowMs));
  const isOver = (a: Action) => a.atMs <= nowMs;
  return [
    ...going.filter(isOver),
    ...open.filter((w) => !runs(w) && !waits(w)).map((w) => nextAction(w, plan, nowMs)),
    ...going.filter((a) => !isOver(a)).toSorted((a, b) => a.atMs - b.atMs),
  ];
}

/** Its place among what is done to an ingredient; roasting, blanching and boiling hard are done last. */
function orderOf({ kind }: WorkTask): number {
  const at = WORKS.findIndex((work) => work === kind);
  return at < 0 ? WORKS.length : at;
}

const batchWords = ({ task, batchesDone }: WorkBefore): string =>
  task.batches > 1 ? `Batch ${batchesDone + 1} of ${task.batches}. ` : "";

const lookOf = (w: WorkBefore) =>
  say`${batchWords(w)}${w.task.how}${w.task.how === "" ? "" : ". "}${WORK_SIGNS[w.task.kind] ?? ""} ${w.task.why}`;

/** What it is once this batch, or all of it, is done. */
const doneOf = (w: WorkBefore): Pick<Action, "writes" | "done"> => {
  const isLast = w.batchesDone + 1 >= w.task.batches;
  return isLast
    ? { writes: [workSaid(w.task, "done")], done: "It is done" }
    : { writes: [workSaid(w.task, "batch")], done: `Batch ${w.batchesDone + 1} is done` };
};

/** Still to begin: what runs by itself is begun with a tap, what hands do is done with one. */
function nextAction(w: WorkBefore, plan: Plan, nowMs: number): Action {
  const { task } = w;
  const min = showDuration(Math.max(1, Math.round(task.min / task.batches)));
  const isLeft = task.attention === "leave";
  const item = plan.items.find((i) => i.id === task.itemId);
  const isDryBean = item !== undefined && ingredientOf(item).dryBean === true;
  const means = isDryBean && task.kind === "soak" ? UNSOAKED_BEANS : LEFT_MEANS[task.kind];
  return {
    id: `work:${task.id}`,
    kind: "work",
    atMs: nowMs,
    title: task.title,
    lookFor: lookOf(w),
    about: `about ${min}`,
    ...(isLeft ? { writes: [workSaid(task, "begun")], done: "It is begun" } : doneOf(w)),
    ...(isLeft ? {} : { timer: workSaid(task, "begun") }),
    ...(means === undefined ? {} : { leave: { writes: [workSaid(task, "left")], means } }),
  };
}

/** Begun: by its time it is over. */
function goingAction(w: WorkBefore, nowMs: number): Action {
  const { task, begunMs } = w;
  const eachMin = task.min / task.batches;
  return {
    id: `going:${task.id}`,
    kind: "workGoes",
    atMs: (begunMs ?? nowMs) + eachMin * (w.batchesDone + 1) * MINUTE_MS,
    title: task.title,
    lookFor: lookOf(w),
    ...doneOf(w),
  };
}
