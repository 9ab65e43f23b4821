import type { TaskKind } from "../../prepare/works";
import type { AccompanimentId } from "../../simulate/dish-words";
import type { Effects, Open } from "../effect";
import type { WorkEvent } from "./schema";
import type { WorkSaid } from "./terms";

/** A piece of work: what is done to which ingredient. */
export interface WorkOn {
  readonly itemId: string;
  readonly kind: TaskKind;
}

/** What the log says of one piece of work, and when each time. */
export interface WorkLog extends WorkOn {
  readonly saidMs: Readonly<Record<WorkSaid, readonly number[]>>;
}

export interface Worked {
  readonly works: readonly WorkLog[];
  readonly sides: ReadonlyMap<AccompanimentId, { readonly isLeft: boolean }>;
}

const NOTHING: WorkLog["saidMs"] = { done: [], begun: [], batch: [], left: [] };
const isOn =
  ({ itemId, kind }: WorkOn) =>
  (other: WorkOn): boolean =>
    other.itemId === itemId && other.kind === kind;

/** What is said of it, and when each time, ms. */
export const saidOfWork = ({ works }: Worked, work: WorkOn): WorkLog["saidMs"] =>
  works.find(isOn(work))?.saidMs ?? NOTHING;

/** Whether nothing is left to do of it. */
export function isWorkOver(worked: Worked, work: WorkOn): boolean {
  const { done, left } = saidOfWork(worked, work);
  return done.length + left.length > 0;
}

/** What goes into the log. */
export const workSaid = ({ itemId, kind }: WorkOn, how: WorkSaid) =>
  ({ kind: "worked", itemId, work: kind, how }) as const;

export const unworked = (): Open<Worked> => ({ works: [], sides: new Map() });

export const WORK_EFFECTS: Effects<WorkEvent, Open<Worked>> = {
  worked: (worked, { itemId, work, how, atMs }) => {
    const on = { itemId, kind: work };
    const saidMs = saidOfWork(worked, on);
    worked.works = [
      ...worked.works.filter((w) => !isOn(on)(w)),
      { ...on, saidMs: { ...saidMs, [how]: [...saidMs[how], atMs] } },
    ];
  },
  sideDish: (worked, { side, isLeft }) => worked.sides.set(side, { isLeft }),
};
