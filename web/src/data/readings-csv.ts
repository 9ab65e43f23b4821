import type { CookEvent } from "@kettlos/core/events/event-schema";
import {
  READING_COLUMNS,
  readingsOf,
  rowsOf,
  type NewReading,
  type ReadingRow,
} from "@kettlos/core/formats/readings-rows";
import Papa from "papaparse";

/** Every reading of a pot as CSV. */
export const readingsCsv = (events: readonly CookEvent[]): string =>
  Papa.unparse([...rowsOf(events)], { columns: [...READING_COLUMNS] });

/** More than this is not a pot's readings. */
const MOST_BYTES = 40_000_000;

export type CsvReading =
  | { readonly ok: true; readonly readings: readonly NewReading[] }
  | { readonly ok: false; readonly problems: readonly string[] };

/** Readings out of a CSV with the columns of docs/format.md; all of it or, with reasons, nothing. */
export function readReadingsCsv(text: string, litMs: number): CsvReading {
  if (text.length > MOST_BYTES) return { ok: false, problems: ["The file is over 40 MB."] };
  const table = Papa.parse<ReadingRow>(text.trim(), { header: true, skipEmptyLines: true });
  const known = table.meta.fields?.filter((f) =>
    (READING_COLUMNS as readonly string[]).includes(f),
  );
  if (!known?.includes("time") || known.length < 2)
    return {
      ok: false,
      problems: [
        `The first line must name the columns: time and at least one of ${READING_COLUMNS.slice(1).join(", ")}.`,
      ],
    };
  const offsetMin = -new Date(litMs).getTimezoneOffset();
  const { readings, problems } = readingsOf(table.data, { litMs, offsetMin });
  if (problems.length > 0)
    return {
      ok: false,
      problems: [
        ...problems.slice(0, 8).map((p) => `Line ${p.line}: ${p.message}`),
        ...(problems.length > 8 ? [`And ${problems.length - 8} more.`] : []),
      ],
    };
  if (readings.length === 0) return { ok: false, problems: ["No reading stands in this file."] };
  return { ok: true, readings };
}
