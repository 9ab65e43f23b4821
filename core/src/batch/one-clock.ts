import type { CookEvent } from "../events/event-schema";
import { takenBack } from "./in-force";

/** A wall clock this far from the monotonic one was set, or the device slept, ms. */
const JUMP_MS = 60_000;
const BACK_MS = 30_000;

/** Two clocks read at one moment: the wall's, and one that only counts on while the page lives. */
export interface ClockSample {
  readonly wallMs: number;
  readonly monoMs: number;
}

/** What the wall clock did between two samples, against the one that counts on. */
export type ClockJump = { readonly kind: "setBack" | "ahead"; readonly byMs: number } | null;

/**
 * Whether the wall clock was set back (sure), or jumped ahead: then the device slept, or it was set, and
 * nothing here can tell which.
 */
export function jumpBetween(before: ClockSample, now: ClockSample): ClockJump {
  const byMs = Math.round(now.wallMs - before.wallMs - (now.monoMs - before.monoMs));
  if (byMs <= -BACK_MS) return { kind: "setBack", byMs };
  return byMs >= JUMP_MS ? { kind: "ahead", byMs } : null;
}

/**
 * A log whose moments all go by the clock as it stands now: what was written before a clock was set is
 * moved along by as much, so that order and durations stay as they were.
 */
export function onOneClock(log: readonly CookEvent[]): readonly CookEvent[] {
  if (!log.some((e) => e.kind === "clockSet")) return log;
  const gone = takenBack(log);
  let shiftMs = 0;
  return log
    .toReversed()
    .map((event) => {
      const moved = shiftMs === 0 ? event : movedBy(event, shiftMs);
      if (event.kind === "clockSet" && !gone.has(event.id)) shiftMs += event.shiftMs;
      return moved;
    })
    .toReversed();
}

function movedBy(event: CookEvent, shiftMs: number): CookEvent {
  const at = (ms: number) => Math.max(0, ms + shiftMs);
  const moved = { ...event, atMs: at(event.atMs) };
  if (moved.kind !== "interrupted") return moved;
  return {
    ...moved,
    fromMs: at(moved.fromMs),
    untilMs: moved.untilMs === null ? null : at(moved.untilMs),
  };
}
