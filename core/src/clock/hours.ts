import type { Hand, Span, Window } from "../simulate/hands-schema";
import { merged, without, type Stretch } from "./stretch";
import type { WallClock } from "./wall-clock";

/** The dates that touch a stretch, with the night before. */
function datesOf({ from, to }: Stretch, wall: WallClock): readonly string[] {
  const dates: string[] = [];
  const last = wall.dateOf(to);
  for (let date = wall.later(wall.dateOf(from), -1); date <= last; date = wall.later(date, 1))
    dates.push(date);
  return dates;
}

const onDate = (date: string, { from, to }: Span, wall: WallClock): Stretch => ({
  from: wall.at(date, from),
  to: wall.at(to > from ? date : wall.later(date, 1), to),
});

const isOn = (w: Window, date: string, wall: WallClock): boolean =>
  w.date === undefined
    ? w.weekdays.length === 0 || w.weekdays.includes(wall.weekdayOf(date))
    : w.date === date;

/** Windows on all the days of a stretch, in order. */
export const windowsIn = (windows: readonly Window[], all: Stretch, wall: WallClock) =>
  merged(
    datesOf(all, wall).flatMap((date) =>
      windows.filter((w) => isOn(w, date, wall)).map((w) => onDate(date, w, wall)),
    ),
  );

/** Before noon it is the small hours: the next day's. */
const NOON = "12:00";

/** The sleep of the night that begins on a date; null where this one is up all night. */
export function nightOf(
  { sleep, nights }: Pick<Hand, "sleep" | "nights">,
  date: string,
  wall: WallClock,
): Stretch | null {
  if (sleep === null) return null;
  const meant = (nights ?? []).filter((n) => isOn(n, date, wall));
  const { from, to } = meant.find((n) => n.date !== undefined) ?? meant[0] ?? sleep;
  if (from === to) return null;
  return onDate(from < NOON ? wall.later(date, 1) : date, { from, to }, wall);
}

/** One pair of hands on the clock. */
export interface HandHours {
  readonly id: string;
  readonly name: string;
  /** Here and awake. */
  readonly free: readonly Stretch[];
  readonly asleep: readonly Stretch[];
  readonly away: readonly Stretch[];
}

/** A hand's hours between two moments. */
export function hoursOf(hand: Hand, all: Stretch, wall: WallClock): HandHours {
  const there = hand.there.length === 0 ? [all] : windowsIn(hand.there, all, wall);
  const out = windowsIn(hand.away, all, wall);
  const here = without(without([all], without([all], there)), out);
  const asleep = merged(datesOf(all, wall).flatMap((date) => nightOf(hand, date, wall) ?? []));
  return {
    id: hand.id,
    name: hand.name,
    free: without(here, asleep),
    asleep: without(here, without([all], asleep)),
    away: without([all], here),
  };
}

/** When at least one is here and awake. */
export const someoneUp = (hands: readonly HandHours[]): readonly Stretch[] =>
  merged(hands.flatMap((h) => h.free));
