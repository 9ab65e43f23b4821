import { ln } from "../units/same-math";
import { resolve } from "../simulate/set-pot";
import { MINUTE_MS } from "../units/time";
import { saidOfWork } from "../events/hands/effects";
import { workTasks } from "../schedule/work-tasks";
import { isLearnedWork, untaught, WORK_SIGMA } from "../simulate/learned";
import { kitchenEstimate } from "../units/constant";
import { outcomeOf } from "../units/problem";
import type { Observation } from "./belief";
import type { LoggedPot } from "./from-pot";

/** How far one time with a watch is off the next; and one from tap to tap, in which a pause may lie. */
const TIMED_SD = kitchenEstimate("work against its plan", 0.2, "log", "the same work timed again");
const TAPPED_SD = kitchenEstimate("work from tap to tap", 0.35, "log", "kitchen estimate");
/** Sooner than this two taps were one, min; what took more or less than so many times its plan was none of it. */
const LEAST_MIN = 0.5;
const MOST_TIMES = 4;

/**
 * How long each piece of work took against its plan, by kind: from where its timer was set, else from the piece
 * of work before it, to where it was done. What the cook gave a time of its own has no default to be off from.
 */
export function workSeen({ batch, cook }: LoggedPot): readonly Observation[] {
  if (batch.practice !== undefined) return [];
  const { plan } = batch;
  const outcome = outcomeOf(() => workTasks(resolve(plan, untaught(batch.kitchen))));
  if (!outcome.ok) return [];
  /** Every tap on any piece of work, with how many pieces it spoke of. */
  const taps = new Map<number, number>();
  for (const task of outcome.value)
    for (const atMs of Object.values(saidOfWork(cook, task)).flat())
      taps.set(atMs, (taps.get(atMs) ?? 0) + 1);
  const inOrder = [...taps.keys()].sort((a, b) => a - b);
  return outcome.value.flatMap((task): readonly Observation[] => {
    const given = plan.items
      .find((i) => i.id === task.itemId)
      ?.work.find((w) => w.kind === task.kind)?.min;
    const { done, begun } = saidOfWork(cook, task);
    const [doneMs] = done;
    if (!isLearnedWork(task) || given !== undefined || doneMs === undefined) return [];
    // One tap for several says of none how long it took.
    if ((taps.get(doneMs) ?? 0) > 1) return [];
    const begunMs = begun.findLast((ms) => ms < doneMs);
    const fromMs = begunMs ?? inOrder.findLast((ms) => ms < doneMs);
    if (fromMs === undefined) return [];
    const tookMin = (doneMs - fromMs) / MINUTE_MS;
    const log = ln(tookMin / task.min);
    if (tookMin < LEAST_MIN || Math.abs(log) > ln(MOST_TIMES)) return [];
    return [
      {
        potId: batch.id,
        thing: task.kind,
        log,
        sd: (begunMs === undefined ? TAPPED_SD : TIMED_SD).value,
        sigma: WORK_SIGMA.value,
      },
    ];
  });
}
