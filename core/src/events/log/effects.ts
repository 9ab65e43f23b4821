import type { Effects, Open } from "../effect";
import type { LogEvent } from "./schema";
import type { Liking } from "./terms";

export interface Logged {
  readonly notes: readonly {
    readonly eventId: string;
    readonly atMs: number;
    readonly text: string;
  }[];
  readonly finishedMs: number | null;
  /** How it was liked once it was eaten. */
  readonly liking: Liking | null;
}

export const unlogged = (): Open<Logged> => ({ notes: [], finishedMs: null, liking: null });

/** What sets the clock or takes an entry back is read before any of these (`batch/one-clock.ts`, `in-force.ts`). */
export const LOG_EFFECTS: Effects<LogEvent, Open<Logged>> = {
  noted: (log, { id, atMs, text }) => log.notes.push({ eventId: id, atMs, text }),
  clockSet: null,
  finished: (log, { atMs }) => (log.finishedMs ??= atMs),
  liked: (log, { how }) => (log.liking = how),
  undo: null,
};
