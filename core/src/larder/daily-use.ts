import type { DailyUse } from "../simulate/keeping-words";
import { DAY_MS } from "./keeping";

/** How long what is there lasts. */
export interface Lasts {
  readonly perDayL: number;
  readonly days: number;
  readonly untilMs: number;
  /** When the next pot must be on the fire so that none is missed. */
  readonly makeByMs: number;
  /** What will not be used before the fridge days are over, and belongs in the freezer, L. */
  readonly freezeL: number;
}

/** Litres over what is taken each day. fridgeDays: how long the fridge keeps it. */
export function lasts(
  use: Pick<DailyUse, "eaters" | "eachL" | "timesADay">,
  haveL: number,
  potMin: number,
  fridgeDays: number,
  nowMs: number,
): Lasts {
  const perDayL = use.eaters * use.eachL * use.timesADay;
  const days = haveL / perDayL;
  const untilMs = nowMs + days * DAY_MS;
  return {
    perDayL,
    days,
    untilMs,
    makeByMs: untilMs - potMin * 60_000,
    freezeL: Math.max(0, haveL - perDayL * fridgeDays),
  };
}
