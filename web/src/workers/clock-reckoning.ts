import {
  clockAnswer,
  troubleAnswers,
  type ClockAnswer,
  type TroubleAnswer,
} from "@kettlos/core/clock/answer";
import { calendarOf } from "@kettlos/core/clock/calendar";
import { clockworkOf, troublesInTurn, type Clockwork } from "@kettlos/core/clock/clockwork";
import type { Asked } from "@kettlos/core/clock/day";
import { wallClock, type Minute, type WallClock } from "@kettlos/core/clock/wall-clock";
import { shared } from "./shared";

let last: { readonly work: Clockwork; readonly wall: WallClock } | null = null;

/**
 * Fills the clock. `before`: where each block stood, kept where it can be; so is what was kept in hand.
 * While something is dragged it is filled coarsely (`isQuick`), and what was found last stays known.
 */
export function fillClock(
  asked: Asked,
  before: ReadonlyMap<string, Minute> | null,
  isQuick = false,
): ClockAnswer {
  // Screens show the time of where they are; a file on the command line that of where it says.
  const wall = wallClock();
  const work = clockworkOf(shared(asked, last?.work.asked), wall, {
    ...(before === null ? {} : { before }),
    isQuick,
    last: last?.work,
  });
  if (!isQuick) last = { work, wall };
  return clockAnswer(work, wall);
}

/** What clashes on the clock that was filled last, with ways out that were tried; it pauses in between. */
export function* clockTroubles(): Generator<undefined, readonly TroubleAnswer[]> {
  if (last === null) return [];
  const { work, wall } = last;
  return troubleAnswers(yield* troublesInTurn(work, wall), work, wall);
}

/** The clock that was filled last, as iCalendar. */
export const clockCalendar = (sequence: number): string =>
  last === null ? "" : calendarOf(last.work, last.wall, sequence);
