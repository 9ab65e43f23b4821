/** Says that something was lifted out, or put back. */
export const liftedOut = (itemId: string): string => `out:${itemId}`;
export const putBack = (itemId: string): string => `back:${itemId}`;

const LET_GO = "passed:";
/** A round that is let go this time. */
export const letGo = (round: string): string => `${LET_GO}${round}`;
export const isLetGo = (what: string): boolean => what.startsWith(LET_GO);

const SIDE = "side:";
const NO_SIDE = "noSide:";
/** Says that a side dish is begun, or that there is none this time. */
export const sideBegun = (kind: string): string => `${SIDE}${kind}`;
export const sideLeft = (kind: string): string => `${NO_SIDE}${kind}`;
/** What the log says of a side dish; null where of something else. */
export function sideSaid(what: string): { readonly kind: string; readonly isLeft: boolean } | null {
  if (what.startsWith(SIDE)) return { kind: what.slice(SIDE.length), isLeft: false };
  return what.startsWith(NO_SIDE) ? { kind: what.slice(NO_SIDE.length), isLeft: true } : null;
}

const MARK = "work:";

/** What the log says once a piece of work is done. */
export const workDone = (taskId: string): string => `${MARK}${taskId}`;

/** That it is begun and runs by itself, or by a timer; that one of its batches is done; that it is left out. */
export const workBegun = (taskId: string): string => `begun:${taskId}`;
export const workBatch = (taskId: string): string => `batch:${taskId}`;
export const workLeft = (taskId: string): string => `left:${taskId}`;

/** What the log says of a piece of work: its ingredient and kind, and what of it; null where of something else. */
export function workSaid(
  what: string,
): { readonly itemId: string; readonly kind: string; readonly of: WorkSaid } | null {
  const [of, ...id] = what.split(":");
  const kind = id.pop();
  if (kind === undefined || id.length === 0 || of === undefined || !isWorkSaid(of)) return null;
  return { itemId: id.join(":"), kind, of };
}
const WORK_SAID = ["work", "begun", "batch", "left"] as const;
export type WorkSaid = (typeof WORK_SAID)[number];
const isWorkSaid = (word: string): word is WorkSaid => WORK_SAID.some((w) => w === word);
