import type { SetPot } from "../simulate/set-pot";
import { heatOf } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import type { Cook } from "../batch/fold";
import type { LiveForecast } from "../batch/live-forecast";
import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import { LEFT_ON_PRESSED_L_KG, LEFT_ON_SOLIDS_L_KG } from "../liquid/constants";
import { keptHereWords, steamHereWords, tenderHereWords } from "../learn/say-taught";
import { nameOf } from "../simulate/item-facts";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import type { Estimate } from "../units/estimate";
import { input } from "./explain";

/** The figures of a pot on the fire, each with its range and because. */
export interface LiveFigures {
  readonly strainedL: Estimate;
  /** Minutes from now until what rules the dish is at its best; null where nothing is judged so. */
  readonly tenderMin: Estimate | null;
  /** Minutes from now until it ends. */
  readonly endMin: Estimate;
}

/** Explains what is left, when it is tender and when it ends, of a pot as it is at nowMs. */
export function liveFigures(
  setPot: SetPot,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): LiveFigures {
  const { plan, kitchen } = setPot;
  const { steamRate, strainedL, moved, endMs, tender } = forecast;
  const readings = input("readings of the level", cook.readings.length);
  const rate = input("steam against the expected", steamRate.mean, "×");
  const fromNow = (ms: { low: number; expected: number; high: number }) => ({
    low: (ms.low - nowMs) / MINUTE_MS,
    expected: (ms.expected - nowMs) / MINUTE_MS,
    high: (ms.high - nowMs) / MINUTE_MS,
  });
  return {
    strainedL: {
      id: "liveStrainedL",
      name: plan.end === "served" ? "Liquid left" : "Strained",
      unit: "L",
      ...strainedL,
      because: {
        formula:
          "What is in the pot now, less what steams off until it ends at the rate its readings speak of, less what stays on the solids and in the cloth. Without a reading the rate is the expected one, with all its spread.",
        inputs: [
          input("in the pot now, hot", forecast.nowL.expected, "L"),
          input("steamed off so far", forecast.steamedL, "L"),
          rate,
          readings,
          input("minutes to the end", fromNow(endMs).expected, "min"),
        ],
        constants: [
          heatOf(plan.heat).steamConstant(plan.heat),
          plan.strain.pressed ? LEFT_ON_PRESSED_L_KG : LEFT_ON_SOLIDS_L_KG,
        ],
        spread: [],
        here: [...steamHereWords(setPot), ...keptHereWords(plan, kitchen)],
      },
    },
    tenderMin:
      tender === null ? null : tenderMin({ plan, kitchen, cook }, tender, fromNow(tender.atMs)),
    endMin: {
      id: "liveEndMin",
      name: "Minutes to the end",
      unit: "min",
      ...fromNow(endMs),
      because: {
        formula:
          "By the plan's own end, from when it really came up; what was lost without heat is cooked again, a level is met by its readings, tenderness by its forks.",
        inputs: [
          input("later than when it was lit", moved.laterMin, "min"),
          ...moved.because.map((b) => input(MOVED_NAMES[b.what], b.min, "min")),
          rate,
          readings,
        ],
        constants: [],
        spread: [],
      },
    },
  };
}

const MOVED_NAMES = {
  cameUp: "of that: when it came up",
  boiledLong: "of that: how long it boiled",
  noHeat: "of that: without heat",
  level: "of that: by its level",
  levelAsKept: "of that: as it was kept",
  asHeated: "of that: as it was heated",
  tenderness: "of that: by the fork",
  stretches: "of that: as its heats were set",
} as const;

function tenderMin(
  { plan, kitchen, cook }: { plan: Plan; kitchen: Kitchen; cook: Cook },
  tender: NonNullable<LiveForecast["tender"]>,
  range: { low: number; expected: number; high: number },
): Estimate {
  const item = plan.items.find((i) => i.id === tender.itemId);
  return {
    id: "liveTenderMin",
    name: `Minutes until ${tender.target.name}`,
    unit: "min",
    ...range,
    because: {
      formula:
        "Every minute counts 10^((T − 100)/z), averaged over the piece; it is at its best when that comes to the target. Each fork moves the target of this pot: not yet, nearly, tender, too soft.",
      inputs: [
        input("what rules the dish", item === undefined ? "" : nameOf(item)),
        input("of the way there", tender.share * 100, "%"),
        input("forks", cook.checks.filter((c) => c.itemId === tender.itemId).length),
      ],
      constants: [tender.target.done, tender.target.ideal, tender.target.past, COOK_VALUE_Z_C],
      spread: [],
      here: tenderHereWords(tender.target, kitchen),
    },
  };
}
