import { lasts } from "../larder/daily-use";
import type { DailyUse } from "../simulate/keeping-words";
import type { Estimate } from "../units/estimate";
import { input } from "./explain";

/** Days that what is there lasts at what is taken of it each day; the next pot is begun potMin before. */
export function lastsDaysOf(
  use: Pick<DailyUse, "eaters" | "eachL" | "timesADay">,
  haveL: number,
  potMin: number,
  nowMs: number,
): Estimate {
  const { days, perDayL } = lasts(use, haveL, potMin, nowMs);
  return {
    id: "lastsDays",
    name: "Days it lasts",
    unit: "days",
    low: days,
    expected: days,
    high: days,
    because: {
      formula:
        "Litres there over litres a day; the next pot is put on as long before the last of it as that pot takes, from its preparation to the sieve.",
      inputs: [
        input("there", haveL, "L"),
        input("who take of it", use.eaters),
        input("each", use.eachL * 1000, "mL"),
        input("times a day", use.timesADay),
        input("so a day", perDayL, "L"),
        input("the next pot takes", potMin / 60, "h"),
      ],
      constants: [],
      spread: [],
    },
  };
}
