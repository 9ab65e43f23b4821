import { MINUTE_MS } from "../units/time";
import type { Cook } from "./fold";
import { isByCook } from "./by-cook";

/** A pot nobody has touched for so long may have been forgotten, min: twice the longest look. */
export const UNSEEN_MIN = 120;

/** When somebody was last at this pot: the last entry by hand, but for a round let go, ms. Null before the first. */
export const lastSeenMs = (cook: Cook): number | null =>
  cook.events.findLast((e) => isByCook(e) && e.kind !== "letGo")?.atMs ?? null;

/** Minutes since somebody was at a pot that is lit; 0 where nothing burns. */
export function unseenMin(cook: Cook, nowMs: number): number {
  if (cook.litMs === null || cook.offMs !== null) return 0;
  return Math.max(0, (nowMs - (lastSeenMs(cook) ?? cook.litMs)) / MINUTE_MS);
}
