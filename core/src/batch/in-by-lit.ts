import type { CookEvent } from "../events/event-schema";
import { takenBack } from "./in-force";

/**
 * A log, in the order of writing, in which what was said to be in before the pot was said to be lit was in by then,
 * also where it had been on for a while before anybody said so.
 */
export function inByLit(log: readonly CookEvent[]): readonly CookEvent[] {
  const gone = takenBack(log);
  const at = log.findIndex((e) => e.kind === "lit" && !gone.has(e.id));
  const litMs = log[at]?.atMs ?? Infinity;
  return log.map((e, i) =>
    e.kind === "added" && i < at && e.atMs > litMs ? { ...e, atMs: litMs } : e,
  );
}
