import { MINUTE_MS, DAY_MS } from "../units/time";
import type { CookEvent, EventBody } from "../events/event-schema";

/** Columns of a table of readings. Each value column carries its unit. */
export const READING_COLUMNS = [
  "time",
  "liquid_c",
  "piece_c",
  "depth_cm",
  "from_rim_cm",
  "tide_mark_cm",
  "volume_l",
  "weight_kg",
] as const;
type Column = (typeof READING_COLUMNS)[number];
type ValueColumn = Exclude<Column, "time">;
export type ReadingRow = Partial<Record<Column, string>>;

type ReadingEvent = Extract<CookEvent, { kind: "read" | "temperature" }>;
/** A reading as it would be written down, without the pot it belongs to. */
export type NewReading = Extract<EventBody, { kind: "read" | "temperature" }>;

/** What a column is: how much one of its unit is inside, and what is possible. */
const COLUMNS: Readonly<
  Record<ValueColumn, { readonly scale: number; readonly min: number; readonly max: number }>
> = {
  liquid_c: { scale: 1, min: -30, max: 150 },
  piece_c: { scale: 1, min: -30, max: 150 },
  depth_cm: { scale: 0.01, min: 0, max: 150 },
  from_rim_cm: { scale: 0.01, min: 0, max: 150 },
  tide_mark_cm: { scale: 0.01, min: 0, max: 150 },
  volume_l: { scale: 1, min: 0, max: 500 },
  weight_kg: { scale: 1, min: 0, max: 500 },
};
const VALUE_COLUMNS = Object.keys(COLUMNS) as ValueColumn[];

function columnOf(event: ReadingEvent): ValueColumn {
  if (event.kind === "temperature") return event.where === "liquid" ? "liquid_c" : "piece_c";
  return (
    {
      liquidDepth: "depth_cm",
      fromRim: "from_rim_cm",
      belowTideMark: "tide_mark_cm",
      volume: "volume_l",
      potWeight: "weight_kg",
    } as const
  )[event.reading.form];
}

function readingOf(column: ValueColumn, value: number, atMs: number): NewReading {
  switch (column) {
    case "liquid_c":
    case "piece_c":
      return {
        kind: "temperature",
        where: column === "liquid_c" ? "liquid" : "piece",
        tempC: value,
        source: "instrument",
        atMs,
      };
    default: {
      const form = (
        {
          depth_cm: "liquidDepth",
          from_rim_cm: "fromRim",
          tide_mark_cm: "belowTideMark",
          volume_l: "volume",
          weight_kg: "potWeight",
        } as const
      )[column];
      return { kind: "read", reading: { form, value }, source: "instrument", atMs };
    }
  }
}

/** Every reading of a pot as rows, one a moment, times in ISO with zone. */
export function rowsOf(events: readonly CookEvent[]): readonly ReadingRow[] {
  const rows = new Map<number, ReadingRow>();
  for (const event of events) {
    if (event.kind !== "read" && event.kind !== "temperature") continue;
    // eslint-disable-next-line no-restricted-syntax -- a stored moment is written out, no clock is read
    const row = rows.get(event.atMs) ?? { time: new Date(event.atMs).toISOString() };
    const column = columnOf(event);
    const value = event.kind === "read" ? event.reading.value : event.tempC;
    row[column] = String(Number((value / COLUMNS[column].scale).toFixed(4)));
    rows.set(event.atMs, row);
  }
  return [...rows].sort(([a], [b]) => a - b).map(([, row]) => row);
}

/** What is wrong with a row, and in which line of the file it stands. */
export interface RowProblem {
  readonly line: number;
  readonly message: string;
}

/**
 * Readings from rows: times as ISO (without a zone by the clock there), or HH:MM[:SS] on the day (and the night after) that dayMs falls in,
 * at the zone's offset there. Rows between readings kept already are thinned to one a minute a column.
 * Nothing is taken where a row cannot be read: each is told with its line.
 */
export function readingsOf(
  rows: readonly ReadingRow[],
  day: { readonly litMs: number; readonly offsetMin: number },
): { readonly readings: readonly NewReading[]; readonly problems: readonly RowProblem[] } {
  const readings: NewReading[] = [];
  const problems: RowProblem[] = [];
  const keptMs = new Map<ValueColumn, number>();
  rows.forEach((row, index) => {
    const line = index + 2;
    const atMs = timeOf(row.time ?? "", day);
    if (atMs === null) {
      problems.push({
        line,
        message: `The time "${row.time ?? ""}" cannot be read: write 2026-03-18 14:05, 2026-03-18T14:05:00Z, or 14:05.`,
      });
      return;
    }
    for (const column of VALUE_COLUMNS) {
      const text = row[column]?.trim() ?? "";
      if (text === "") continue;
      const value = Number(text.replace(",", "."));
      const { scale, min, max } = COLUMNS[column];
      if (!Number.isFinite(value) || value < min || value > max) {
        problems.push({ line, message: `${column} "${text}": a number from ${min} to ${max}.` });
        continue;
      }
      if (atMs - (keptMs.get(column) ?? -Infinity) < KEEP_EVERY_MS) continue;
      keptMs.set(column, atMs);
      readings.push(readingOf(column, value * scale, atMs));
    }
  });
  return { readings: problems.length === 0 ? readings : [], problems };
}

const KEEP_EVERY_MS = 60_000;
/** A clock time so much before the pot was lit is the next day's. */
const BEFORE_MS = 60 * MINUTE_MS;

function timeOf(
  text: string,
  { litMs, offsetMin }: { litMs: number; offsetMin: number },
): number | null {
  // A date without a zone is meant by the clock on the wall, as spreadsheets write it.
  const wall = /^(\d{4}-\d{2}-\d{2})[ T](\d{2}:\d{2}(?::\d{2})?)$/.exec(text.trim());
  if (wall !== null) {
    const ms = Date.parse(`${wall[1] ?? ""}T${wall[2] ?? ""}Z`) - offsetMin * MINUTE_MS;
    return Number.isFinite(ms) ? ms : null;
  }
  const clock = /^(\d{1,2}):(\d{2})(?::(\d{2}))?$/.exec(text.trim());
  if (clock === null) {
    const ms = /^\d{4}-\d{2}-\d{2}T/.test(text.trim()) ? Date.parse(text.trim()) : NaN;
    return Number.isFinite(ms) ? ms : null;
  }
  const [, h, m, s = "0"] = clock;
  if (Number(h) > 23 || Number(m) > 59 || Number(s) > 59) return null;
  const midnightMs =
    Math.floor((litMs + offsetMin * MINUTE_MS) / DAY_MS) * DAY_MS - offsetMin * MINUTE_MS;
  const ms = midnightMs + (Number(h) * 3600 + Number(m) * 60 + Number(s)) * 1000;
  return ms < litMs - BEFORE_MS ? ms + DAY_MS : ms;
}
