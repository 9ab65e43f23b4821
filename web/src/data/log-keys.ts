import type { CookEvent } from "@kettlos/core/events/event-schema";
import type { Teaching } from "@kettlos/core/simulate/teaching-schema";

/** Goes up with how a pot is read: what was worked out before that is worked out anew. */
const READ_VERSION = 11;

/** A log is only ever added to: what it comes to is another thing once it has more in it, or ends otherwise. */
export const logKey = (events: readonly CookEvent[]): string =>
  `${READ_VERSION}:${events.length}:${events.at(-1)?.id ?? ""}`;

/** Whether something was worked out the way it is worked out now. */
export const isReadNow = (key: string): boolean => key.startsWith(`${READ_VERSION}:`);

const APART = "\n";
/** A pot on its shelf, by its id and its log. */
export const shelfKey = (batchId: string, events: readonly CookEvent[]): string =>
  `${batchId}${APART}${logKey(events)}`;
/** The same before it is worked out: another row, as there is more to it then. */
export const unreadKey = (batchId: string, events: readonly CookEvent[]): string =>
  `${shelfKey(batchId, events)}:unread`;

/** Whose it is, and whether it was worked out the way it is worked out now. */
export function shelvedBy(key: string): { readonly id: string; readonly isNow: boolean } {
  const at = key.lastIndexOf(APART);
  return { id: key.slice(0, at), isNow: isReadNow(key.slice(at + 1)) };
}

/** Goes up with how the words of a log are put together, or kept. */
const TAUGHT_VERSION = 2;

/** What learning from the words of a log goes by, besides them. */
export const basisOf = (teaching: Teaching | null | undefined): string =>
  `${READ_VERSION}.${TAUGHT_VERSION}:${JSON.stringify(teaching ?? null)}`;
