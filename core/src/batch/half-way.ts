import { HOUR_MS } from "../units/time";
import { kitchenEstimate } from "../units/constant";
import type { Cook } from "./fold";

/** Where a pot was left: never lit, on the heat, off it and not strained, or strained and not put away. */
export type LeftAt = "filled" | "onHeat" | "offHeat" | "inBowl";

/** A pot that somebody began and nobody went on with. */
export interface HalfWay {
  readonly at: LeftAt;
  /** When anything was last told of it by hand. */
  readonly lastMs: number;
  /** When it was to come off by then, where it was on. */
  readonly dueMs: number | null;
}

/** So long after the last word of it nobody is at it any more, h. */
const QUIET_H: Readonly<Record<LeftAt, { readonly value: number }>> = {
  // What soaks or is salted ahead stands for a day or two before it goes on.
  filled: kitchenEstimate("filled and not lit", 72, "h", "longer than any soaking"),
  onHeat: kitchenEstimate("over its time on the heat", 12, "h", "a night over its end"),
  offHeat: kitchenEstimate("off the heat and not strained", 12, "h", "a night"),
  inBowl: kitchenEstimate("strained and not logged", 48, "h", "a day longer than it takes to set"),
};

function leftAt(cook: Cook): LeftAt {
  if (cook.strainedMs !== null) return "inBowl";
  if (cook.offMs !== null) return "offHeat";
  return cook.litMs === null ? "filled" : "onHeat";
}

/**
 * Whether a pot was forgotten half-way, to be asked about; null where it is done, or may well be at it still. One
 * that an instrument is still reading is not. `endMs` is when it was to come off, null where that is not known.
 */
export function halfWayOf(
  cook: Cook,
  createdMs: number,
  endMs: number | null,
  nowMs: number,
): HalfWay | null {
  if (cook.finishedMs !== null) return null;
  const at = leftAt(cook);
  const isRead = (e: Cook["events"][number]) => "source" in e && e.source === "instrument";
  const lastOf = (events: Cook["events"]) =>
    events.reduce((last, e) => Math.max(last, e.atMs), createdMs);
  const lastMs = lastOf(cook.events.filter((e) => !isRead(e)));
  const dueMs = at === "onHeat" ? endMs : null;
  const sinceMs = Math.max(lastMs, dueMs ?? 0, lastOf(cook.events));
  return nowMs - sinceMs < QUIET_H[at].value * HOUR_MS ? null : { at, lastMs, dueMs };
}
