import { format } from "date-fns";
import { expect, test } from "vitest";
import {
  clockOf,
  dateClockOf,
  dayOf,
  isoDayOf,
  weekdayClockOf,
  weekdayDateOf,
  weekdayOf,
} from "./moments";

test.each([
  new Date(2026, 2, 18, 14, 5),
  new Date(2026, 0, 1, 0, 0),
  new Date(2027, 11, 31, 23, 59),
])("%s is said as everywhere else", (date) => {
  const ms = date.getTime();
  expect(clockOf(ms)).toBe(format(date, "HH:mm"));
  expect(weekdayOf(ms)).toBe(format(date, "EEEE"));
  expect(weekdayClockOf(ms)).toBe(format(date, "EEE HH:mm"));
  expect(weekdayDateOf(ms)).toBe(format(date, "EEE d MMM"));
  expect(dayOf(ms)).toBe(format(date, "d MMMM"));
  expect(dateClockOf(ms)).toBe(format(date, "d MMM yyyy, HH:mm"));
  expect(isoDayOf(ms)).toBe(format(date, "yyyy-MM-dd"));
});
