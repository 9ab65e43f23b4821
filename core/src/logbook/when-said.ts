import { isoDayOf, weekdayOf } from "../units/moments";
import { monthNamesOf } from "../units/month-names";
import { DAY_MS } from "../units/time";
import { word } from "../units/word";
import { monthKeyOf, monthNumberOf } from "./month-ruler";

/** A time that a cook named among other words. */
export interface SaidWhen {
  /** Whether a moment, ms, lies in it. */
  readonly fits: (ms: number) => boolean;
  /** The other words. */
  readonly rest: string;
}

const LAST = word("last");
const THIS = word("this");
const DAYS_WORDS: Readonly<Record<string, number>> = { [word("today")]: 0, [word("yesterday")]: 1 };
const WEEK = word("week");
const MONTH = word("month");
const YEAR = word("year");
/** What stands before a time and says nothing by itself. */
const BEFORE_IT: ReadonlySet<string> = new Set([word("in"), word("of"), word("from"), word("on")]);
/** So few letters of a month or a weekday are enough. */
const LEAST_LETTERS = 3;

const MONDAY_MS = Date.parse("2024-01-01T12:00Z");
const WEEKDAYS = Array.from({ length: 7 }, (_, i) =>
  weekdayOf(MONDAY_MS + i * DAY_MS, "UTC").toLowerCase(),
);
const dayNumber = (ms: number): number => Date.parse(`${isoDayOf(ms)}T00:00Z`) / DAY_MS;
/** Weeks begin on Monday; the first day of all counting was a Thursday. */
const weekNumber = (ms: number): number => Math.floor((dayNumber(ms) + 3) / 7);
const weekdayIndex = (ms: number): number => (dayNumber(ms) + 3) % 7;
const monthNumber = (ms: number): number => monthNumberOf(monthKeyOf(ms));
const yearOf = (ms: number): number => Math.floor(monthNumber(ms) / 12);
const dayOfMonth = (ms: number): number => Number(isoDayOf(ms).slice(8));

type Reading = { readonly words: number; readonly fits: (ms: number) => boolean } | null;

function nameIndex(names: readonly string[], text = ""): number {
  const begins = text.replace(/\.$/u, "");
  return begins.length < LEAST_LETTERS ? -1 : names.findIndex((name) => name.startsWith(begins));
}
const yearSaid = (text: string | undefined): number | null =>
  text !== undefined && /^(?:19|20)\d\d$/u.test(text) ? Number(text) : null;
const daySaid = (text: string | undefined): number | null => {
  const day = /^([1-9]|[12]\d|3[01])(?:st|nd|rd|th|\.)?$/u.exec(text ?? "")?.[1];
  return day === undefined ? null : Number(day);
};

/** "last week", "this month"; "yesterday". */
function near([first, second]: readonly string[], nowMs: number): Reading {
  const days = DAYS_WORDS[first ?? ""];
  if (days !== undefined)
    return { words: 1, fits: (ms) => dayNumber(ms) === dayNumber(nowMs) - days };
  if (first !== LAST && first !== THIS) return null;
  const by = first === LAST ? 1 : 0;
  for (const [name, numberOf] of [
    [WEEK, weekNumber],
    [MONTH, monthNumber],
    [YEAR, yearOf],
  ] as const)
    if (second === name) return { words: 2, fits: (ms) => numberOf(ms) === numberOf(nowMs) - by };
  return null;
}

/** "March", "last March", "March 2025", "5 March", "March 5 2025". */
function byMonth(words: readonly string[], nowMs: number): Reading {
  const isLast = words[0] === LAST;
  let at = isLast ? 1 : 0;
  let day = daySaid(words[at]);
  if (day !== null) at += 1;
  const month = nameIndex(monthNamesOf(), words[at]);
  if (month < 0) return null;
  at += 1;
  if (day === null && daySaid(words[at]) !== null) {
    day = daySaid(words[at]);
    at += 1;
  }
  const year = yearSaid(words[at]);
  if (year !== null) at += 1;
  // The last one is over: in March it is that of a year ago.
  const back = ((((monthNumber(nowMs) - 1 - month) % 12) + 12) % 12) + 1;
  const onlyMonth = year !== null ? year * 12 + month : isLast ? monthNumber(nowMs) - back : null;
  return {
    words: at,
    fits: (ms) =>
      (onlyMonth === null ? monthNumber(ms) % 12 === month : monthNumber(ms) === onlyMonth) &&
      (day === null || dayOfMonth(ms) === day),
  };
}

/** "Sunday", "last Sunday". */
function byWeekday(words: readonly string[], nowMs: number): Reading {
  const isLast = words[0] === LAST;
  const weekday = nameIndex(WEEKDAYS, words[isLast ? 1 : 0]);
  if (weekday < 0) return null;
  if (!isLast) return { words: 1, fits: (ms) => weekdayIndex(ms) === weekday };
  const ago = ((weekdayIndex(nowMs) - weekday + 6) % 7) + 1;
  return { words: 2, fits: (ms) => dayNumber(ms) === dayNumber(nowMs) - ago };
}

function byYear([first]: readonly string[]): Reading {
  const year = yearSaid(first);
  return year === null ? null : { words: 1, fits: (ms) => yearOf(ms) === year };
}

/**
 * The first time that is named in what a cook looks for, by the calendar here: "last March", "trotter 5 Feb",
 * "yesterday", "braise 2024"; null where none is. A month alone is that month of any year.
 */
export function whenSaid(text: string, nowMs: number): SaidWhen | null {
  const words = text
    .toLowerCase()
    .split(/[\s,]+/u)
    .filter((w) => w !== "");
  for (let i = 0; i < words.length; i++) {
    const from = words.slice(i);
    const reading =
      near(from, nowMs) ?? byMonth(from, nowMs) ?? byWeekday(from, nowMs) ?? byYear(from);
    if (reading === null) continue;
    const before = words.slice(0, i);
    if (BEFORE_IT.has(before.at(-1) ?? "")) before.pop();
    return {
      fits: reading.fits,
      rest: [...before, ...from.slice(reading.words)].join(" "),
    };
  }
  return null;
}
