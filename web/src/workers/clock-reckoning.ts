import {
  clockAnswer,
  troubleAnswers,
  type ClockAnswer,
  type TroubleAnswer,
} from "@kettlos/core/clock/answer";
import { calendarOf } from "@kettlos/core/clock/calendar";
import { clockworkOf, troublesOf, type Clockwork } from "@kettlos/core/clock/clockwork";
import type { Asked } from "@kettlos/core/clock/day";
import { wallClock, type Minute, type WallClock } from "@kettlos/core/clock/wall-clock";

let last: { readonly work: Clockwork; readonly wall: WallClock } | null = null;

/** Fills the clock. `before`: where each block stood, kept where it can be. */
export function fillClock(
  asked: Asked,
  before: ReadonlyMap<string, Minute> | null,
  isQuick = false,
): ClockAnswer {
  // Screens show the time of where they are; a file on the command line that of where it says.
  const wall = wallClock();
  // While something is dragged as much is kept in hand as before.
  const inHand = isQuick && last !== null ? { inHandMin: last.work.inHandMin } : {};
  const work = clockworkOf({ ...asked, ...inHand }, wall, {
    ...(before === null ? {} : { before }),
    isQuick,
  });
  if (!isQuick) last = { work, wall };
  return clockAnswer(work, wall);
}

/** What clashes on the clock that was filled last, with ways out that were tried. */
export const clockTroubles = (): readonly TroubleAnswer[] =>
  last === null ? [] : troubleAnswers(troublesOf(last.work, last.wall), last.work, last.wall);

/** The clock that was filled last, as iCalendar. */
export const clockCalendar = (sequence: number): string =>
  last === null ? "" : calendarOf(last.work, last.wall, sequence);
