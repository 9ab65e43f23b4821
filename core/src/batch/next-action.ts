import { countedBack } from "../simulate/counted-back";
import type { Plan } from "../simulate/plan-schema";
import type { Action } from "./action";
import { afterHeatActions, offAction } from "./after-heat-actions";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { simmerActions } from "./simmer-actions";
import { lightAction, warmingActions } from "./warming-actions";

/**
 * What is still to do for a pot, soonest first: from the plan, what has been done, and the forecast.
 * Empty once it is strained.
 */
export function actionsFor(
  written: Plan,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): readonly Action[] {
  if (cook.strainedMs !== null) return [];
  const plan = countedBack(written, forecast.planned);
  if (cook.litMs === null) return [lightAction(plan, nowMs)];
  if (cook.offMs !== null) return afterHeatActions(plan, cook, forecast, cook.offMs);
  const all = [
    ...warmingActions(plan, cook, forecast, cook.litMs),
    ...simmerActions(plan, cook, forecast, nowMs),
    offAction(plan, forecast),
  ];
  return all.sort((a, b) => a.atMs - b.atMs);
}
