import { MINUTE_MS } from "../units/time";
import { besideOf, type Beside } from "../dish/accompaniments";
import type { AccompanimentId } from "../simulate/dish-words";
import type { Plan } from "../simulate/plan-schema";
import { kilos, litres, say } from "../units/said";
import type { Action } from "./action";
import type { Cook } from "./fold";

/** Of the action that calls for a side dish. */
export const sideId = (kind: AccompanimentId): string => `side:${kind}`;

/** Side dishes that are neither begun nor left out. */
export const sidesLeft = (plan: Plan, cook: Cook): readonly Beside[] =>
  besideOf(plan).filter(({ kind }) => !cook.sides.has(kind));

/**
 * What is served beside it, each called for so that it is done as the pot is at endMs. None before the pot
 * is lit, and none once it is served.
 */
export const sideActions = (plan: Plan, cook: Cook, endMs: number): readonly Action[] =>
  cook.litMs === null || cook.strainedMs !== null
    ? []
    : sidesLeft(plan, cook).map((side) => actionOf(side, endMs));

function actionOf(side: Beside, endMs: number): Action {
  const { kind, name, people, allKg, stockL, isFromPot, handsMin, restMin } = side;
  const min = handsMin + restMin;
  const liquid =
    stockL < LEAST_L
      ? ""
      : isFromPot
        ? say` Ladle ${litres(stockL)} of hot liquid out of the pot for it.`
        : say` It takes ${litres(stockL)} of hot water or stock.`;
  const byHand = restMin > 0 ? `, ${Math.round(handsMin)} of them by hand` : " by hand";
  return {
    id: sideId(kind),
    kind: "side",
    atMs: endMs - min * MINUTE_MS,
    title: `Begin the ${name}`,
    lookFor: say`${kilos(allKg)} for ${people === 1 ? "one" : String(people)}.${liquid} About ${Math.round(min)} min${byHand}: then it is ready with the pot.`,
    min: Math.max(1, Math.round(min)),
    writes: [{ kind: "sideDish", side: kind, isLeft: false }],
    done: "It is begun",
    leave: {
      writes: [{ kind: "sideDish", side: kind, isLeft: true }],
      means: `Then there is no ${name} beside it.`,
    },
    ...(isFromPot ? { ladleL: stockL } : {}),
  };
}

/** Less is not ladled, L. */
const LEAST_L = 0.01;
