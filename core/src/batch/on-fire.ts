import { resolve, type SetPot } from "../simulate/set-pot";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { outcomeOf, type Problem } from "../units/problem";
import type { Action } from "./action";
import { asWrittenCaution, blindActions, blindCautions } from "./blind-pot";
import type { Cook } from "./fold";
import type { LiveCaution } from "./live-caution";
import { liveCautions } from "./live-cautions";
import { forecastLive, type LiveForecast } from "./live-forecast";
import { actionsFor } from "./next-action";
import { LATE_IN } from "./after-heat-actions";
import { sideActions } from "./side-actions";
import { workActions } from "./work-actions";
import { workAfter } from "./work-after";
import { workMeanwhile } from "./work-meanwhile";

/**
 * A pot on the fire: what is to do and what is wrong, with its forecast or the problem that stands in its
 * way. One of the two is always there, and the pot with it.
 */
export type OnFire = {
  readonly actions: readonly Action[];
  readonly cautions: readonly LiveCaution[];
} & (
  | { readonly forecast: LiveForecast; readonly problem: null }
  | { readonly forecast: null; readonly problem: Problem }
);

/**
 * Works a pot out at nowMs; what cannot be worked out goes by the clock alone. `astray` is the problem for
 * which the plan as written is followed, where there is one.
 */
export function onFire(
  setPot: SetPot,
  cook: Cook,
  nowMs: number,
  astray: Problem | null = null,
  hourOf?: (ms: number) => number,
): OnFire {
  const { plan, kitchen } = setPot;
  const outcome = outcomeOf(() => {
    const forecast = forecastLive(setPot, cook, nowMs);
    return {
      forecast,
      problem: null,
      actions: [
        ...workActions(setPot, cook, nowMs),
        ...withWork(actionsFor(setPot, cook, forecast, nowMs), {
          plan,
          kitchen,
          cook,
          forecast,
        }),
      ],
      cautions: [
        ...liveCautions({ plan, kitchen, cook, forecast, nowMs, hourOf }),
        ...(astray === null || cook.strainedMs !== null ? [] : [asWrittenCaution(astray, cook)]),
      ],
    };
  });
  return outcome.ok ? outcome.value : blindly(setPot, cook, outcome.problem, nowMs);
}

/**
 * With the work and the side dishes beside the pot, before what goes in waits for it; and what is crushed or blended, before
 * anything is stirred in, put back, salted or served.
 */
function withWork(
  actions: readonly Action[],
  {
    plan,
    kitchen,
    cook,
    forecast,
  }: { plan: Plan; kitchen: Kitchen; cook: Cook; forecast: LiveForecast },
): readonly Action[] {
  const at = actions.findIndex((a) => !a.id.startsWith(LATE_IN));
  const setPot = resolve(plan, kitchen);
  const after = workAfter(setPot, cook, forecast);
  const all = [...actions.slice(0, at), ...after, ...actions.slice(at)];
  for (const work of [
    ...workMeanwhile(setPot, cook, actions),
    ...sideActions(plan, cook, cook.offMs ?? forecast.endMs.expected),
  ]) {
    const later = all.findIndex((a) => a.atMs > work.atMs);
    all.splice(later < 0 ? all.length : later, 0, work);
  }
  return all;
}

/** A pot of which nothing can be reckoned. */
export const blindly = (setPot: SetPot, cook: Cook, problem: Problem, nowMs: number): OnFire => ({
  forecast: null,
  problem,
  actions: blindActions(setPot, cook, nowMs),
  cautions: blindCautions(setPot.plan, cook, problem, nowMs),
});
