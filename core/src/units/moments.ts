import { DAY_MS } from "./time";
import { inEnglish, type Parts } from "./english-moments";
import { LANGUAGE, regionHere, type Region } from "./region";

/**
 * Moments as they are said here, in the words of the language, by the region's clock and order. Milliseconds since the
 * epoch in; a zone of the IANA list, the runtime's where none is given.
 */
type Said = (ms: number, timeZone?: string) => string;

/** The words are these; the order and the clock are the region's. */
const ENGLISH: Record<Region["dates"], string> = { dayFirst: "en-GB", monthFirst: "en-US" };
const localeBy = (dates: Region["dates"]) => (LANGUAGE === "en" ? ENGLISH[dates] : LANGUAGE);
const TIME = { hour: "numeric", minute: "2-digit" } as const;
/** Two figures for the hour on a clock of 24, one where it is said with AM or PM. */
const HOURS: Record<Region["clock"], Intl.DateTimeFormatOptions> = {
  12: { hourCycle: "h12" },
  24: { hour: "2-digit", hourCycle: "h23" },
};

/** A way of saying moments; the formats it makes are kept, for each is dear to make. */
export function formatter(options: Parts, fixed?: Region["dates"]): Said {
  const made = new Map<string, Intl.DateTimeFormat>();
  return (ms, timeZone) => {
    const { dates, clock } =
      fixed === undefined ? regionHere() : { dates: fixed, clock: 24 as const };
    const isUtc = timeZone === "UTC";
    if ((timeZone === undefined || isUtc) && (fixed !== undefined || LANGUAGE === "en"))
      return inEnglish(ms, options, { dates, clock }, isUtc);
    const key = `${dates} ${clock} ${timeZone ?? ""}`;
    const format =
      made.get(key) ??
      new Intl.DateTimeFormat(fixed === undefined ? localeBy(dates) : ENGLISH[dates], {
        ...options,
        ...(options.hour === undefined ? {} : HOURS[clock]),
        ...(timeZone === undefined ? {} : { timeZone }),
      });
    made.set(key, format);
    // "pm" of one English and "PM" of the other: one way.
    return format.format(ms).replace(/\b[ap]m\b/u, (half) => half.toUpperCase());
  };
}

/** 14:05, 2:05 PM */
export const clockOf = formatter(TIME);
/** Wednesday */
export const weekdayOf = formatter({ weekday: "long" });
const shortWeekdayOf = formatter({ weekday: "short" });
/** Wed 14:05 */
export const weekdayClockOf: Said = (ms, zone) =>
  `${shortWeekdayOf(ms, zone)} ${clockOf(ms, zone)}`;
/** 18 Mar, Mar 18 */
export const shortDateOf = formatter({ day: "numeric", month: "short" });
/** Wed 18 Mar */
export const weekdayDateOf: Said = (ms, zone) =>
  `${shortWeekdayOf(ms, zone)} ${shortDateOf(ms, zone)}`;
/** Wed 18 Mar 14:05 */
export const weekdayDateClockOf: Said = (ms, zone) =>
  `${weekdayDateOf(ms, zone)} ${clockOf(ms, zone)}`;
/** 18 March, March 18 */
export const dayOf = formatter({ day: "numeric", month: "long" });
/** Wednesday 18 March */
export const weekdayDayOf: Said = (ms, zone) => `${weekdayOf(ms, zone)} ${dayOf(ms, zone)}`;
/** 18 Mar 2026, Mar 18, 2026 */
export const shortDateYearOf = formatter({ day: "numeric", month: "short", year: "numeric" });
/** 18 March 2026, March 18, 2026 */
export const dateOf = formatter({ day: "numeric", month: "long", year: "numeric" });
/** March 2026 */
export const monthOf = formatter({ month: "long", year: "numeric" });
/** 18 Mar 2026, 14:05 */
export const dateClockOf = formatter({ day: "numeric", month: "short", year: "numeric", ...TIME });
/** An hour of a scale: 14, 2 PM. */
export const hourOf: Said = (ms, zone) => {
  const [clock = "", half] = clockOf(ms, zone).split(/\s/u);
  const [hour = ""] = clock.split(":");
  return half === undefined ? hour : `${hour} ${half}`;
};

/** A time of day that is kept as "18:30": 18:30, 6:30 PM. */
export const timeOfDay = (time: string): string =>
  clockOf(Date.parse(`1970-01-01T${time}Z`), "UTC");

/** With its day where the hour alone may be another day's; long ago the day alone. */
export function momentOf(ms: number, nowMs: number): string {
  const awayMs = Math.abs(ms - nowMs);
  if (awayMs < (5 / 6) * DAY_MS) return clockOf(ms);
  return awayMs < 6 * DAY_MS ? weekdayClockOf(ms) : weekdayDateOf(ms);
}

/** 14:05, as a time of day is kept and typed into a field of the browser, whatever the region. */
export const timeValueOf = formatter(TIME, "dayFirst");
const slashed = formatter({ day: "2-digit", month: "2-digit", year: "numeric" }, "dayFirst");
/** 2026-03-18, as files are named and calendars count, whatever the region. */
export const isoDayOf: Said = (ms, zone) => slashed(ms, zone).split("/").toReversed().join("-");
/** 2026-03-18T14:05, as a field for a moment has it. */
export const momentValueOf: Said = (ms, zone) => `${isoDayOf(ms, zone)}T${timeValueOf(ms, zone)}`;
/** 260318, as labels are numbered. */
export const dayCodeOf: Said = (ms, zone) => isoDayOf(ms, zone).slice(2).replaceAll("-", "");
