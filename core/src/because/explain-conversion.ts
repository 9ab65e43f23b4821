import { resolve } from "../simulate/set-pot";
import { HOLD_MIN } from "../units/limits";
import type { Column, ColumnRange } from "../convert/crossover";
import type { Goal } from "../convert/goal";
import { COOK_VALUE_Z_C } from "../doneness/cook-value";
import { THERMAL_DIFFUSIVITY_M2_S } from "../heat/constants";
import { showPiece } from "../heat/read-piece";
import { steamHereWords } from "../learn/say-taught";
import { WORK_CONSTANTS } from "../schedule/time-line";
import type { Kitchen } from "../simulate/kitchen-schema";
import { pieceOf } from "../simulate/piece-of";
import type { BecauseInput, Estimate } from "../units/estimate";
import { heatConstants, heatInputs, input, steamConstants } from "./explain";

/** The figures of a heat's column with how each came about. */
export interface ConversionWhy {
  readonly hold: Estimate;
  readonly water: Estimate;
  readonly end: Estimate;
  readonly work: Estimate;
}

function pieceInputs({ plan, trace }: Column): readonly BecauseInput[] {
  const main = plan.items.find((i) => i.id === trace.mainItemId);
  return main === undefined
    ? []
    : [input("piece that rules", showPiece(pieceOf(main, plan.pieceM), "metric"))];
}

/** Why a converted dish takes so long, so much water, and so much work. */
export function explainConversion(
  goal: Goal,
  column: Column,
  range: ColumnRange,
  kitchen: Kitchen,
): ConversionWhy {
  const { plan, trace } = column;
  const { ledger } = trace;
  const setPot = resolve(plan, kitchen);
  const here = steamHereWords(setPot);
  const steam = steamConstants(setPot);
  const liquid: readonly BecauseInput[] = [
    input("water in", column.waterL, "L"),
    input("from meat and vegetables", ledger.juice + ledger.vegetables, "kg"),
    input("taken up by solids", -ledger.takenUp, "kg"),
    input("steamed off", -(ledger.evaporated + ledger.vented), "kg"),
  ];
  const written = column.isWritten;
  return {
    hold: {
      id: "hold",
      name: "Time on this heat",
      unit: "min",
      low: range.holdMin.low,
      expected: trace.holdMin,
      // One draw in ten does not get there: two days, or more.
      high: range.holdMin.high ?? HOLD_MIN.most,
      because: {
        formula: written
          ? "As written, or until what rules the dish is done."
          : "Held until what rules the dish has the cook value it has as written and its centre is hot enough; coming up, letting down and standing count. The range is drawn 500 times.",
        inputs: [
          input("cook value as written", goal.trace.cookMin, "min at 100 °C"),
          input("cook value here", trace.cookMin, "min at 100 °C"),
          input("liquid holds at", trace.holdC, "°C"),
          input("until the clock starts", trace.toSimmerMin, "min"),
          ...pieceInputs(column),
          ...heatInputs(plan),
        ],
        constants: [COOK_VALUE_Z_C, ...heatConstants(plan), THERMAL_DIFFUSIVITY_M2_S],
        spread: [],
      },
    },
    water: {
      id: "water",
      name: "Water in",
      unit: "L",
      low: range.waterL.low,
      expected: column.waterL,
      high: range.waterL.high ?? column.waterL,
      because: {
        formula: written
          ? "As written."
          : "What is left as written, plus what steams off and is taken up here, less what meat and vegetables let go.",
        inputs: [input("left as written", goal.trace.endLiquidL, "L"), ...liquid],
        constants: steam,
        spread: [],
        here,
      },
    },
    end: {
      id: "end",
      name: "Left in the pot",
      unit: "L",
      low: range.endLiquidL.low,
      expected: trace.endLiquidL,
      high: range.endLiquidL.high ?? trace.endLiquidL,
      because: {
        formula:
          "Water in, plus what meat and vegetables let go, less what is taken up, less steam. Cold litres, before straining.",
        inputs: liquid,
        constants: steam,
        spread: [],
        here,
      },
    },
    work: {
      id: "work",
      name: "Work",
      unit: "min",
      low: column.handsOnMin,
      expected: column.handsOnMin,
      high: column.handsOnMin,
      because: {
        formula:
          "Preparing, looks at the pot, opening and straining, out of the time from the first cut to the sieve.",
        inputs: [
          ...column.line
            .filter((s) => s.handsOnMin > 0)
            .map((s) => input(s.what.toLowerCase(), s.handsOnMin, "min")),
          input("door to door", column.doorToDoorMin, "min"),
        ],
        constants: WORK_CONSTANTS,
        spread: [],
      },
    },
  };
}
