/** Says that something was lifted out, or put back. */
export const liftedOut = (itemId: string): string => `out:${itemId}`;
export const putBack = (itemId: string): string => `back:${itemId}`;

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
