import { MINUTE_MS, DAY_MS } from "../units/time";
import { daysItLasts } from "../portion/lasting";
import type { DailyUse } from "../simulate/keeping-words";

/** How long what is there lasts. */
export interface Lasts {
  readonly perDayL: number;
  readonly days: number;
  readonly untilMs: number;
  /** When the next pot must be begun so that none is missed. */
  readonly makeByMs: number;
}

/** What is there over what is taken each day; the next pot takes potMin from beginning to the sieve. */
export function lasts(
  use: Pick<DailyUse, "eaters" | "eachL" | "timesADay">,
  haveL: number,
  potMin: number,
  nowMs: number,
): Lasts {
  const perDayL = use.eaters * use.eachL * use.timesADay;
  const days = daysItLasts(haveL, perDayL);
  const untilMs = nowMs + days * DAY_MS;
  return { perDayL, days, untilMs, makeByMs: untilMs - potMin * MINUTE_MS };
}
