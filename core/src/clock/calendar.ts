import ical, { ICalAlarmType, ICalCalendarMethod } from "ical-generator";
import type { Clockwork } from "./clockwork";
import { inWords } from "../units/said";
import { runSheet, type SheetRow } from "./run-sheet";
import type { WallClock } from "./wall-clock";

const ALARM_SECONDS = 120;

/**
 * The run sheet as iCalendar (RFC 5545): what hands do as events with an alarm, meals as events of their
 * own. The same task has the same id every time, so that a later file replaces it.
 * @param sequence goes up with every file, as `SEQUENCE` asks for; minutes since the epoch do
 */
export function calendarOf(work: Clockwork, wall: WallClock, sequence: number): string {
  const { kitchen } = work.asked;
  const calendar = ical({
    name: kitchen.name,
    prodId: { company: "Kettlos", product: "Clock", language: "EN" },
    method: ICalCalendarMethod.PUBLISH,
  });
  // Moments are written in UTC, right in every program; this says whose clock they are meant for.
  calendar.x([{ key: "X-WR-TIMEZONE", value: wall.timeZone }]);
  const nameOf = (row: SheetRow) =>
    row.planIds
      .map((id) => work.schedule.day.pots.get(id)?.name ?? "")
      .filter(Boolean)
      .join(", ");
  for (const row of runSheet(work, wall)) {
    if (row.attention !== "hands") continue;
    const pot = nameOf(row);
    const event = calendar.createEvent({
      id: `${row.taskId}@${kitchen.id}.kettlos`,
      start: wall.dayAt(row.from),
      end: wall.dayAt(row.to),
      stamp: wall.dayAt(work.asked.now),
      sequence,
      summary:
        pot === "" || row.title.toLowerCase().includes(pot.toLowerCase())
          ? row.title
          : `${row.title} (${pot})`,
      description: [inWords(row.how, kitchen.units), row.why].filter(Boolean).join(". "),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: ALARM_SECONDS });
  }
  return calendar.toString();
}
