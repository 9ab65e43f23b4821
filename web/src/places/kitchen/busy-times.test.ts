import { describe, expect, test } from "vitest";
import { busyIn } from "./busy-times";

const NOW = new Date(2026, 2, 6, 12).getTime();
const file = (...events: string[]) =>
  ["BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//a//b//EN", ...events, "END:VCALENDAR"].join("\r\n");
const event = (lines: string) => `BEGIN:VEVENT\r\nUID:1\r\n${lines}\r\nEND:VEVENT`;

describe("busy times of a calendar file", () => {
  test("are dates and times of day; what is free, over or cancelled is not", () => {
    const read = busyIn(
      file(
        event("DTSTART:20260307T140000\r\nDTEND:20260307T153000"),
        event("DTSTART:20260308T140000\r\nDTEND:20260308T150000\r\nTRANSP:TRANSPARENT"),
        event("DTSTART:20260301T140000\r\nDTEND:20260301T150000"),
        event("DTSTART:20260309T140000\r\nDTEND:20260309T150000\r\nSTATUS:CANCELLED"),
      ),
      NOW,
    );
    expect(read).toEqual({
      windows: [{ weekdays: [], date: "2026-03-07", from: "14:00", to: "15:30" }],
      problem: "",
    });
  });

  test("that repeat come each time, and what goes over midnight is two", () => {
    const weekly = event(
      "DTSTART:20260309T090000\r\nDTEND:20260309T100000\r\nRRULE:FREQ=WEEKLY;COUNT=3",
    );
    expect(busyIn(file(weekly), NOW).windows.map((w) => w.date)).toEqual([
      "2026-03-09",
      "2026-03-16",
      "2026-03-23",
    ]);
    const night = event("DTSTART:20260310T220000\r\nDTEND:20260311T020000");
    expect(busyIn(file(night), NOW).windows).toEqual([
      { weekdays: [], date: "2026-03-10", from: "22:00", to: "00:00" },
      { weekdays: [], date: "2026-03-11", from: "00:00", to: "02:00" },
    ]);
  });

  test("a rule without an end is followed for sixty days and no longer", () => {
    const daily = event("DTSTART:20260301T090000\r\nDTEND:20260301T100000\r\nRRULE:FREQ=DAILY");
    expect(busyIn(file(daily), NOW).windows.length).toBeLessThanOrEqual(61);
  });

  test("a file that is none, or with nothing busy, says so", () => {
    expect(busyIn("hello", NOW).problem).toContain("no calendar file");
    expect(busyIn(file(), NOW).problem).toContain("Nothing busy");
  });
});
