import { showDuration } from "../units/show";
import type { ClockAnswer } from "./answer";

/** Nearer than that it has not moved. */
const LEAST_MOVE_MIN = 3;

/**
 * What stands elsewhere than it did and why, the furthest moved by name; nothing where all stands as it
 * stood. What was due already and is not begun moves along with the clock, and is not said.
 */
export function sayMoved(before: ClockAnswer | null, after: ClockAnswer): string {
  if (before === null) return "";
  const moves = [...after.at]
    .flatMap(([id, at]) => {
      const was = before.at.get(id);
      return was === undefined || was <= after.now ? [] : [{ id, by: at - was }];
    })
    .filter((m) => Math.abs(m.by) >= LEAST_MOVE_MIN)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
  const [first, ...others] = moves;
  const row = after.rows.find((r) => r.blockId === first?.id);
  if (first === undefined || row === undefined) return "";
  const more = others.length === 0 ? "" : `, and ${others.length} more`;
  const way = first.by > 0 ? "later" : "earlier";
  return `Moved: ${row.title.toLowerCase()} ${showDuration(Math.abs(first.by))} ${way}${more}; ${row.why}.`;
}
