import type { EventFacts } from "../src/events/event-schema";
import type { WorkSaid } from "../src/events/hands/terms";
import { workSaid } from "../src/events/hands/effects";
import { TASKS } from "../src/prepare/works";

/** What a log says of a piece of work, by its ingredient and kind: "goat:brown". */
const said =
  (how: WorkSaid) =>
  (task: string): EventFacts => {
    const colon = task.lastIndexOf(":");
    const kind = TASKS.find((k) => k === task.slice(colon + 1));
    if (kind === undefined) throw new Error(`no such work: ${task}`);
    return workSaid({ itemId: task.slice(0, colon), kind }, how);
  };
export const workDone = said("done");
export const workBegun = said("begun");
export const workBatch = said("batch");
export const workLeft = said("left");
