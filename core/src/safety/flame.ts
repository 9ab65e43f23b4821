import type { SetPot } from "../simulate/set-pot";

import { stretchOf } from "../heats/heat";
import { nightBeginsMin } from "../simulate/nobody-up";
import type { Kitchen } from "../simulate/kitchen-schema";
import { stretchesOf } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";

/** A time with a flame or ring on under it, min from the first. */
export interface FlameSpan {
  readonly fromMin: number;
  readonly toMin: number;
}

/** When a flame or ring is on under it: all of the time, in some of its stretches, or never. */
export function flameSpans(
  { plan, vessel }: SetPot,
  { stretches, totalMin }: Pick<Trace, "stretches" | "totalMin">,
): readonly FlameSpan[] {
  return stretchesOf(plan).flatMap(({ heat }, index): readonly FlameSpan[] => {
    const fromMin = index === 0 ? 0 : stretches[index]?.fromMin;
    if (fromMin === undefined || !stretchOf(heat).burns(vessel)) return [];
    return [{ fromMin, toMin: stretches[index + 1]?.fromMin ?? totalMin }];
  });
}

/**
 * When the night begins that any of these times, counted from an hour of the clock, burns into, minutes from
 * midnight; null where somebody of this house is up all the while, or nobody knows the hour.
 */
export function burnsIntoNight(
  fromHour: number | null,
  spans: readonly FlameSpan[],
  { hands }: Pick<Kitchen, "hands">,
): number | null {
  if (fromHour === null) return null;
  for (const { fromMin, toMin } of spans)
    for (let min = fromMin; min <= toMin; min += 15) {
      const begins = nightBeginsMin(hands, fromHour * 60 + min);
      if (begins !== null) return begins;
    }
  return null;
}
