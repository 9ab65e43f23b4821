import { resolve, type SetPot } from "../simulate/set-pot";
import { hasLid } from "../heats/heat";
import { MINUTE_MS } from "../units/time";
import { countedBack } from "../simulate/counted-back";
import type { Plan } from "../simulate/plan-schema";
import { lastHeat } from "../simulate/stretches";
import { say } from "../units/said";
import { showDuration } from "../units/show";
import type { Action } from "./action";
import { afterHeatActions, offAction } from "./after-heat-actions";
import { fillActions } from "./filling";
import type { Cook } from "./fold";
import type { LiveForecast } from "./live-forecast";
import { saltRounds } from "./salt-rounds";
import { simmerActions } from "./simmer-actions";
import { stretchActions } from "./stretch-actions";
import { planNow } from "./stretch-now";
import { UNSEEN_MIN, unseenMin } from "./unseen";
import { lightAction, warmingActions } from "./warming-actions";

/**
 * What is still to do for a pot, soonest first: from the plan, what has been done, and the forecast.
 * Empty once it is strained.
 */
export function actionsFor(
  { plan: written, kitchen }: SetPot,
  cook: Cook,
  forecast: LiveForecast,
  nowMs: number,
): readonly Action[] {
  if (cook.strainedMs !== null) return [];
  const plan = countedBack(written, forecast.timed);
  const setPot = resolve(plan, kitchen);
  // What comes round, and how it ends, is by the heat that it is on.
  const now = { ...planNow(plan, cook), then: plan.then };
  if (cook.litMs === null)
    return [
      ...fillActions(plan, cook, forecast, nowMs),
      lightAction(setPot, nowMs, forecast.waterL),
    ];
  if (cook.offMs !== null)
    return afterHeatActions(resolve(now, kitchen), cook, forecast, cook.offMs);
  const all = [
    ...warmingActions(setPot, cook, forecast, cook.litMs),
    ...saltRounds(plan, kitchen, cook, forecast),
    ...simmerActions(now, cook, forecast, nowMs),
    ...stretchActions(setPot, cook, forecast),
    offAction({ ...plan, heat: lastHeat(plan) }, forecast),
  ];
  return all
    .map((action) => ({
      action: forgotten(action, now, cook, nowMs),
      rank: rankOf(action, cook, nowMs),
    }))
    .sort((a, b) => a.rank - b.rank || a.action.atMs - b.action.atMs)
    .map(({ action }) => action);
}

/** So much over its end it comes off before anything else is done. */
const OVER_END_MIN = 10;

const isOverEnd = (action: Action, nowMs: number): boolean =>
  (action.kind === "offHeat" || action.kind === "turn") &&
  nowMs - action.atMs >= OVER_END_MIN * MINUTE_MS;

/** What changes what comes out: a round that was missed does not hide it. */
const CHANGES: ReadonlySet<Action["kind"]> = new Set(["turn", "add", "salt", "lift", "offHeat"]);

/**
 * What matters most stands first: off what is over its time, then look at what nobody has seen, then what
 * is due and cannot wait, then by time.
 */
function rankOf(action: Action, cook: Cook, nowMs: number): number {
  if (isOverEnd(action, nowMs)) return 0;
  const isDue = action.atMs <= nowMs;
  if (action.kind === "look" && isDue && unseenMin(cook, nowMs) >= UNSEEN_MIN) return 1;
  return CHANGES.has(action.kind) && isDue ? 2 : 3;
}

/** Of a pot that was forgotten, what to look at comes before what was to be done. */
function forgotten(action: Action, plan: Plan, cook: Cook, nowMs: number): Action {
  if (!isOverEnd(action, nowMs) || unseenMin(cook, nowMs) < UNSEEN_MIN) return action;
  const catches = hasLid(plan.heat);
  return {
    ...action,
    lookFor: say`It is ${showDuration((nowMs - action.atMs) / MINUTE_MS)} over its time. ${
      catches
        ? "Heat off first, then look: is there liquid? If it is dry or smells scorched, leave the lid on and pour nothing in until it is cool."
        : "Then look at it, and taste nothing before it has been hot through."
    }`,
  };
}
