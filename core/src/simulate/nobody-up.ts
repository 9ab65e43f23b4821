import { ONE_COOK } from "./hands";
import type { Hand, Span } from "./hands-schema";

/** Minutes from midnight, `toMin` not among them; never over midnight. */
export interface DaySpan {
  readonly fromMin: number;
  readonly toMin: number;
}

const DAY_MIN = 1440;
const minOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  return hours * 60 + minutes;
};

/** A sleep over midnight is two of the day; one that begins where it ends is none. */
function spansOf({ from, to }: Span): readonly DaySpan[] {
  const [fromMin, toMin] = [minOf(from), minOf(to)];
  if (fromMin === toMin) return [];
  return fromMin < toMin
    ? [{ fromMin, toMin }]
    : [
        { fromMin: 0, toMin },
        { fromMin, toMin: DAY_MIN },
      ].filter((s) => s.toMin > s.fromMin);
}

/**
 * When nobody of this house is up, by the clock: all sleep that cook here. Who sleeps otherwise on some nights
 * is taken to sleep in both, for it is not asked which night it is. Nothing where somebody is always up.
 */
export function nobodyUp(hands: readonly Hand[]): readonly DaySpan[] {
  const all = (hands.length === 0 ? [ONE_COOK] : hands).map((hand) =>
    hand.sleep === null ? [] : [hand.sleep, ...(hand.nights ?? [])].flatMap(spansOf),
  );
  const edges = [...new Set([0, DAY_MIN, ...all.flat().flatMap((s) => [s.fromMin, s.toMin])])].sort(
    (a, b) => a - b,
  );
  const spans: DaySpan[] = [];
  for (const [i, fromMin] of edges.entries()) {
    const toMin = edges[i + 1];
    if (toMin === undefined) continue;
    const isNight = all.every((sleeps) =>
      sleeps.some((s) => s.fromMin <= fromMin && s.toMin >= toMin),
    );
    const last = spans.at(-1);
    if (!isNight) continue;
    if (last?.toMin === fromMin) spans[spans.length - 1] = { fromMin: last.fromMin, toMin };
    else spans.push({ fromMin, toMin });
  }
  return spans;
}

/** When the night begins that a minute of the day lies in; null where somebody is up then. */
export function nightBeginsMin(hands: readonly Hand[], min: number): number | null {
  const spans = nobodyUp(hands);
  const at = ((min % DAY_MIN) + DAY_MIN) % DAY_MIN;
  const found = spans.find((s) => s.fromMin <= at && at < s.toMin);
  if (found === undefined) return null;
  // What begins at midnight goes on from the evening before.
  return found.fromMin === 0
    ? (spans.find((s) => s.toMin === DAY_MIN)?.fromMin ?? 0)
    : found.fromMin;
}
