import { MINUTE_MS } from "../units/time";
import { TZDate } from "@date-fns/tz";
import { toDate } from "date-fns";
import { clockOf, isoDayOf, timeValueOf, weekdayClockOf, weekdayDayOf } from "../units/moments";

/** Whole minutes since the epoch: what every moment of a schedule is counted in. */
export type Minute = number;

export const minuteOf = (ms: number): Minute => Math.ceil(ms / MINUTE_MS);
export const msOf = (minute: Minute): number => minute * MINUTE_MS;

/** The clock on the kitchen's wall: right through the nights on which it is set forward or back. */
export interface WallClock {
  readonly timeZone: string;
  /** The date at a moment, "2026-03-28". */
  dateOf(minute: Minute): string;
  /** 0 is Sunday. */
  weekdayOf(date: string): number;
  /** The moment of a time of day. One that the clock jumps over is so much later. */
  at(date: string, time: string): Minute;
  dayAt(minute: Minute): Date;
  /** As ISO with the zone's offset. */
  isoOf(minute: Minute): string;
  /** "18:30", as it is kept. */
  timeOf(minute: Minute): string;
  /** "18:30" or "6:30 PM", as it is said here. */
  sayTime(minute: Minute): string;
  /** "Sat 18:30". */
  sayAt(minute: Minute): string;
  /** "Saturday 7 March". */
  sayDay(minute: Minute): string;
  /** So many days on. */
  later(date: string, days: number): string;
}

const partsOf = (text: string, by: string): number[] => text.split(by).map(Number);

/** A date as such, wherever it is: the calendar has no zone. */
function dateIn(date: string, later = 0): Date {
  const [year = 1970, month = 1, day = 1] = partsOf(date, "-");
  return toDate(Date.UTC(year, month - 1, day + later));
}

/** Clocks asked for before: the moments they know hold for good. */
const clocks = new Map<string, WallClock>();

/**
 * The clock of a time zone of the IANA list, "Europe/Berlin".
 * @param timeZone this machine's where none is given
 */
export function wallClock(
  timeZone: string = Intl.DateTimeFormat().resolvedOptions().timeZone,
): WallClock {
  const before = clocks.get(timeZone);
  if (before !== undefined) return before;
  const dayOf = (date: string, hours: number, minutes: number): TZDate => {
    const [year = 1970, month = 1, day = 1] = partsOf(date, "-");
    return new TZDate(year, month - 1, day, hours, minutes, timeZone);
  };
  const known = new Map<string, Minute>();
  const clock: WallClock = {
    timeZone,
    dateOf: (minute) => isoDayOf(msOf(minute), timeZone),
    dayAt: (minute) => new TZDate(msOf(minute), timeZone),
    isoOf: (minute) => new TZDate(msOf(minute), timeZone).toISOString().replace(".000", ""),
    timeOf: (minute) => timeValueOf(msOf(minute), timeZone),
    sayTime: (minute) => clockOf(msOf(minute), timeZone),
    sayAt: (minute) => weekdayClockOf(msOf(minute), timeZone),
    sayDay: (minute) => weekdayDayOf(msOf(minute), timeZone),
    weekdayOf: (date) => dateIn(date).getUTCDay(),
    at(date, time) {
      const key = `${date} ${time}`;
      const found = known.get(key);
      if (found !== undefined) return found;
      const [hours = 0, minutes = 0] = partsOf(time, ":");
      const minute = minuteOf(dayOf(date, hours, minutes).getTime());
      known.set(key, minute);
      return minute;
    },
    later: (date, days) => dateIn(date, days).toISOString().slice(0, 10),
  };
  clocks.set(timeZone, clock);
  return clock;
}
