import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan, StretchHeat } from "../simulate/plan-schema";
import { stretchesOf } from "../simulate/stretches";
import type { Trace } from "../simulate/trace";

/** True where a heat is a flame or ring all the time. */
function burns(heat: StretchHeat, plan: Plan, kitchen: Kitchen): boolean {
  const drive = kitchen.vessels.find((v) => v.id === plan.vesselId)?.pressure?.drive;
  return heat.method === "hob" || (heat.method === "pressure" && drive === "stovetop");
}

/** A time with a flame or ring on under it, min from the first. */
export interface FlameSpan {
  readonly fromMin: number;
  readonly toMin: number;
}

/** When a flame or ring is on under it: all of the time, in some of its stretches, or never. */
export function flameSpans(
  plan: Plan,
  kitchen: Kitchen,
  { stretches, totalMin }: Pick<Trace, "stretches" | "totalMin">,
): readonly FlameSpan[] {
  return stretchesOf(plan).flatMap(({ heat }, index): readonly FlameSpan[] => {
    const fromMin = index === 0 ? 0 : stretches[index]?.fromMin;
    if (fromMin === undefined || !burns(heat, plan, kitchen)) return [];
    return [{ fromMin, toMin: stretches[index + 1]?.fromMin ?? totalMin }];
  });
}

/** The house's hours of sleep, by the clock. */
export const NIGHT_FROM_H = 22;
export const NIGHT_TO_H = 6;

const isNight = (hour: number): boolean => hour % 24 >= NIGHT_FROM_H || hour % 24 < NIGHT_TO_H;

/** True where any of these times, counted from an hour of the clock, touches the night. */
export function burnsAtNight(fromHour: number | null, spans: readonly FlameSpan[]): boolean {
  if (fromHour === null) return false;
  for (const { fromMin, toMin } of spans)
    for (let min = fromMin; min <= toMin; min += 15) if (isNight(fromHour + min / 60)) return true;
  return false;
}
