import { DAY_MS } from "@kettlos/core/units/time";
import { timeValueOf, isoDayOf } from "@kettlos/core/units/moments";
import type { Window } from "@kettlos/core/simulate/hands-schema";
import ICAL from "ical.js";

/** Only what is still to come, so far ahead, days. */
const AHEAD_DAYS = 60;
const MOST = 300;

export interface BusyRead {
  readonly windows: readonly Window[];
  readonly problem: string;
}

/** Busy times of an iCalendar text (RFC 5545) as dates and times of day here; repeats are followed. */
export function busyIn(text: string, nowMs: number): BusyRead {
  let root: ICAL.Component;
  try {
    root = new ICAL.Component(ICAL.parse(text) as unknown[]);
  } catch {
    return { windows: [], problem: "That is no calendar file. It begins with BEGIN:VCALENDAR." };
  }
  const until = nowMs + AHEAD_DAYS * DAY_MS;
  const windows: Window[] = [];
  for (const part of root.getAllSubcomponents("vevent")) {
    if (part.getFirstPropertyValue("transp") === "TRANSPARENT") continue;
    if (part.getFirstPropertyValue("status") === "CANCELLED") continue;
    const event = new ICAL.Event(part);
    const lengthMs = event.endDate.toJSDate().getTime() - event.startDate.toJSDate().getTime();
    const times = event.iterator();
    for (let at: ICAL.Time | null = times.next(); at; at = times.next()) {
      const from = at.toJSDate().getTime();
      if (from > until || windows.length >= MOST) break;
      if (from + lengthMs > nowMs) windows.push(...daysOf(from, from + lengthMs));
      if (!event.isRecurring()) break;
    }
  }
  return windows.length === 0
    ? { windows, problem: `Nothing busy in it for the next ${AHEAD_DAYS} days.` }
    : { windows, problem: "" };
}

/** One stretch as windows of single dates. */
function daysOf(fromMs: number, toMs: number): readonly Window[] {
  const out: Window[] = [];
  for (let at = fromMs; at < toMs;) {
    const next = new Date(at);
    next.setHours(24, 0, 0, 0);
    const end = Math.min(toMs, next.getTime());
    out.push({
      weekdays: [],
      date: isoDayOf(at),
      from: timeValueOf(at),
      to: timeValueOf(end),
    });
    at = end;
  }
  return out;
}
