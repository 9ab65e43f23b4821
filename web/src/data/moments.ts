/** Moments as they are said, by the browser's own calendar and time zone. Milliseconds in. */
const formatter = (options: Intl.DateTimeFormatOptions) => {
  const format = new Intl.DateTimeFormat("en-GB", options);
  return (ms: number): string => format.format(ms);
};

const TIME = { hour: "2-digit", minute: "2-digit", hourCycle: "h23" } as const;

/** 14:05 */
export const clockOf = formatter(TIME);
/** Wednesday */
export const weekdayOf = formatter({ weekday: "long" });
const shortWeekdayOf = formatter({ weekday: "short" });
/** Wed 14:05 */
export const weekdayClockOf = (ms: number): string => `${shortWeekdayOf(ms)} ${clockOf(ms)}`;
/** Wed 18 Mar */
export const weekdayDateOf = (ms: number): string => `${shortWeekdayOf(ms)} ${shortDateOf(ms)}`;
/** 18 Mar */
export const shortDateOf = formatter({ day: "numeric", month: "short" });
/** 18 March */
export const dayOf = formatter({ day: "numeric", month: "long" });
/** 18 March 2026 */
export const dateOf = formatter({ day: "numeric", month: "long", year: "numeric" });
/** March 2026 */
export const monthOf = formatter({ month: "long", year: "numeric" });
/** 18 Mar 2026, 14:05 */
export const dateClockOf = formatter({ day: "numeric", month: "short", year: "numeric", ...TIME });

const DAY_MS = 86_400_000;
/** With its day where the hour alone may be another day's; long ago the day alone. */
export function momentOf(ms: number, nowMs: number): string {
  const awayMs = Math.abs(ms - nowMs);
  if (awayMs < (5 / 6) * DAY_MS) return clockOf(ms);
  return awayMs < 6 * DAY_MS ? weekdayClockOf(ms) : weekdayDateOf(ms);
}

/** 2026-03-18, as files are named. */
export const isoDayOf = (ms: number): string => {
  const date = new Date(ms);
  const two = (n: number) => String(n).padStart(2, "0");
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
};
