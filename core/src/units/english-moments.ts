import type { Region } from "./region";

/*
 * The names of the calendar in English, where the place's own time is said. The runtime has them too, but it takes as
 * long as drawing a screen until it has read its tables: they are asked in other languages and of other zones.
 */
const WEEKDAYS = "Sunday|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday".split("|");
const MONTHS =
  "January|February|March|April|May|June|July|August|September|October|November|December".split(
    "|",
  );
const SEPTEMBER = 8;
/** As British and American English shorten them: of one month they differ. */
const shortMonth = (month: number, dates: Region["dates"]): string =>
  (MONTHS[month] ?? "").slice(0, month === SEPTEMBER && dates === "dayFirst" ? 4 : 3);
const two = (figure: number): string => String(figure).padStart(2, "0");

/** What a format asks for, of that which is said here. */
export interface Parts {
  readonly weekday?: "long" | "short";
  readonly day?: "numeric" | "2-digit";
  readonly month?: "long" | "short" | "2-digit";
  readonly year?: "numeric";
  readonly hour?: "numeric";
  readonly minute?: "2-digit";
}

/** A moment by the clock of a place. */
interface Fields {
  readonly weekday: number;
  readonly day: number;
  readonly month: number;
  readonly year: number;
  readonly hour: number;
  readonly minute: number;
}

function fieldsOf(ms: number, isUtc: boolean): Fields {
  // eslint-disable-next-line no-restricted-syntax -- the moment is given; only its place in a day is asked
  const at = new Date(ms);
  if (Number.isNaN(at.getTime())) throw new RangeError(`${ms} is no moment`);
  return isUtc
    ? {
        ...{ weekday: at.getUTCDay(), day: at.getUTCDate(), month: at.getUTCMonth() },
        ...{ year: at.getUTCFullYear(), hour: at.getUTCHours(), minute: at.getUTCMinutes() },
      }
    : {
        ...{ weekday: at.getDay(), day: at.getDate(), month: at.getMonth() },
        ...{ year: at.getFullYear(), hour: at.getHours(), minute: at.getMinutes() },
      };
}

/**
 * A moment in English by the clock of this place or of UTC, as `Intl.DateTimeFormat` says it.
 * @param ms since the epoch
 * @throws RangeError where it is no moment
 */
export function inEnglish(
  ms: number,
  parts: Parts,
  { dates, clock }: Pick<Region, "dates" | "clock">,
  isUtc = false,
): string {
  const at = fieldsOf(ms, isUtc);
  const weekday = WEEKDAYS[at.weekday] ?? "";
  return [
    ...(parts.weekday === undefined
      ? []
      : [parts.weekday === "long" ? weekday : weekday.slice(0, 3)]),
    ...(parts.month === undefined ? [] : [dateIn(at, parts, dates)]),
    ...(parts.hour === undefined ? [] : [timeIn(at, clock)]),
  ].join(", ");
}

function dateIn(at: Fields, { day, month, year }: Parts, dates: Region["dates"]): string {
  const years = year === undefined ? [] : [String(at.year)];
  if (month === "2-digit") {
    const [first, second] = [two(at.day), two(at.month + 1)];
    return [...(dates === "dayFirst" ? [first, second] : [second, first]), ...years].join("/");
  }
  const said = month === "long" ? (MONTHS[at.month] ?? "") : shortMonth(at.month, dates);
  const days = day === undefined ? [] : [String(at.day)];
  if (dates === "dayFirst") return [...days, said, ...years].join(" ");
  // A comma parts the day from the year.
  return [[said, ...days].join(" "), ...years].join(days.length > 0 ? ", " : " ");
}

function timeIn({ hour, minute }: Fields, clock: Region["clock"]): string {
  if (clock === 24) return `${two(hour)}:${two(minute)}`;
  return `${hour % 12 || 12}:${two(minute)} ${hour < 12 ? "AM" : "PM"}`;
}
