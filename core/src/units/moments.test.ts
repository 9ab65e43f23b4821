import { format } from "date-fns";
import { afterEach, describe, expect, test } from "vitest";
import {
  clockOf,
  dateClockOf,
  dateOf,
  dayOf,
  hourOf,
  isoDayOf,
  momentValueOf,
  timeOfDay,
  timeValueOf,
  weekdayClockOf,
  weekdayDateOf,
  weekdayDayOf,
  weekdayOf,
} from "./moments";
import { regionOf, setRegion, USUAL_REGION } from "./region";

afterEach(() => setRegion(USUAL_REGION));

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

describe("as it is said where the cook is", () => {
  const at = (time: string) => Date.parse(`2026-03-18T${time}Z`);
  /** Between a figure and AM a runtime may put any space. */
  const spaced = (text: string) => text.replace(/\s/gu, " ");

  test("a clock of twelve hours, noon and midnight by their names", () => {
    setRegion(regionOf("en-US"));
    const said = (time: string) => spaced(clockOf(at(time), "UTC"));
    expect(["00:05", "09:30", "12:00", "14:05"].map(said)).toEqual([
      "12:05 AM",
      "9:30 AM",
      "12:00 PM",
      "2:05 PM",
    ]);
    expect(spaced(weekdayClockOf(at("14:05"), "UTC"))).toBe("Wed 2:05 PM");
    expect(hourOf(at("14:00"), "UTC")).toBe("2 PM");
    expect(spaced(timeOfDay("22:00"))).toBe("10:00 PM");
  });

  test("the month first, or the day; in English words by a German clock", () => {
    setRegion(regionOf("en-US"));
    expect(weekdayDateOf(at("14:05"), "UTC")).toBe("Wed Mar 18");
    expect(dateOf(at("14:05"), "UTC")).toBe("March 18, 2026");
    setRegion(regionOf("de-AT"));
    expect(weekdayDayOf(at("14:05"), "UTC")).toBe("Wednesday 18 March");
    expect(clockOf(at("14:05"), "UTC")).toBe("14:05");
    expect(hourOf(at("09:00"), "UTC")).toBe("09");
    setRegion(regionOf("en-IN"));
    expect(spaced(dateClockOf(at("14:05"), "UTC"))).toBe("18 Mar 2026, 2:05 PM");
  });

  test("what is kept in files and fields is the same everywhere", () => {
    const kept = () => [
      isoDayOf(at("23:30"), "Asia/Tokyo"),
      timeValueOf(at("14:05"), "UTC"),
      momentValueOf(at("00:05"), "UTC"),
    ];
    setRegion(regionOf("en-US"));
    expect(kept()).toEqual(["2026-03-19", "14:05", "2026-03-18T00:05"]);
    setRegion(regionOf("fa-IR"));
    expect(kept()).toEqual(["2026-03-19", "14:05", "2026-03-18T00:05"]);
  });
});
