import { isSlow } from "../heats/heat";
import { amountSaid } from "../ingredient/amount-said";
import { ingredientOf, nameOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { litres, metres, say, sayAll, type Said } from "../units/said";
import type { Action } from "./action";
import { onCounter } from "./counter";
import type { Cook } from "./fold";
import { goesInAs } from "./goes-in";
import type { LiveForecast } from "./live-forecast";

/** Less is no water worth pouring, L. */
export const NO_WATER_L = 0.02;

/** Water that is still to be poured before the pot is lit, L; 0 where none is. */
export const waterToPourL = (cook: Cook, waterL: number): number =>
  cook.litMs !== null || cook.isWaterIn || waterL < NO_WATER_L ? 0 : waterL;

/** What goes in before it is lit and lies on the counter yet. */
export const toFill = (plan: Plan, cook: Cook): readonly PlanItem[] =>
  cook.litMs !== null ? [] : onCounter(plan, cook).filter((i) => i.when.at === "start");

/** What goes in before the heat, each with its amount, and how high the water then stands. None once it is in. */
export function fillActions(
  plan: Plan,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): readonly Action[] {
  const items = toFill(plan, cook);
  const pourL = waterToPourL(cook, forecast.waterL);
  if (items.length === 0 && pourL === 0) return [];
  return [
    {
      id: "fill",
      kind: "fill",
      atMs: nowMs,
      title: "Into the pot",
      lookFor: sayAll(
        [
          ...items.map(amountOf),
          ...(pourL === 0 ? [] : [waterOf(plan, pourL, forecast.planned.startDepthM)]),
        ],
        ", ",
      ),
      itemIds: items.map((i) => i.id),
    },
  ];
}

function amountOf(item: PlanItem): Said {
  const amount = amountSaid(ingredientOf(item), item);
  const how = goesInAs(item);
  return say`${amount} ${nameOf(item).toLowerCase()}${how === "" ? "" : say`, ${how}`}`;
}

function waterOf(plan: Plan, pourL: number, depthM: number): Said {
  const isBoiling = isSlow(plan.heat) && plan.heat.start === "hot";
  return say`${litres(pourL)} ${isBoiling ? "boiling" : "cold"} water: it then stands ${metres(depthM)} over the floor.`;
}
