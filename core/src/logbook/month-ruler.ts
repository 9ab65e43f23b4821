import { isoDayOf } from "../units/moments";
import { monthNamesOf } from "../units/month-names";

/** A month of the log. */
export interface LogMonth {
  /** As "2026-03". */
  readonly key: string;
  /** As the month is called, in small letters. */
  readonly name: string;
  readonly year: number;
  /** How many pots were begun in it. */
  readonly pots: number;
}

/** The month of a moment, as "2026-03", by the calendar here. */
export const monthKeyOf = (ms: number): string => isoDayOf(ms).slice(0, 7);

/** Months since the year nought, of one as "2026-03". */
export function monthNumberOf(key: string): number {
  const [year = 0, month = 1] = key.split("-").map(Number);
  return year * 12 + month - 1;
}

/** Every month from the newest pot's back to the oldest's, those in which nothing was begun too. */
export function monthsBack(begunMs: readonly number[]): readonly LogMonth[] {
  const counts = new Map<string, number>();
  for (const ms of begunMs) counts.set(monthKeyOf(ms), (counts.get(monthKeyOf(ms)) ?? 0) + 1);
  const keys = [...counts.keys()].sort();
  const [oldest, newest] = [keys[0], keys.at(-1)];
  if (oldest === undefined || newest === undefined) return [];
  const [first, last] = [monthNumberOf(oldest), monthNumberOf(newest)];
  return Array.from({ length: last - first + 1 }, (_, back) => {
    const [year, month] = [Math.floor((last - back) / 12), (last - back) % 12];
    const key = `${String(year).padStart(4, "0")}-${String(month + 1).padStart(2, "0")}`;
    return { key, name: monthNamesOf()[month] ?? "", year, pots: counts.get(key) ?? 0 };
  });
}
