import { believeTarget } from "../doneness/target-belief";
import type { DonenessTarget } from "../doneness/targets";
import type { Plan } from "../simulate/plan-schema";
import { judgedTarget } from "../simulate/judged";
import { stretchesOf } from "../simulate/stretches";
import type { Cook } from "./fold";
import type { LiveModel } from "./live-model";
import type { Range } from "./range";
import { isLiftedOut } from "../events/pot/effects";

/** Tenderness on the simulation's clock. */
export interface Tender {
  readonly itemId: string;
  readonly target: DonenessTarget;
  readonly share: number;
  readonly atMin: Range;
  /** What the last fork said of it; null where none went in. */
  readonly lastCheck: Cook["checks"][number] | null;
}

/**
 * When what rules the dish will be at its best, from its cook value and every fork that went in; null
 * where nothing is judged by its bite (a stock).
 */
export function tenderOf(model: LiveModel, plan: Plan, cook: Cook, nowMin: number): Tender | null {
  const item = plan.items.find((i) => i.id === model.long.mainItemId);
  const target = item === undefined ? null : judgedTarget(item, model.planned);
  if (item === undefined || target === null) return null;
  // Lifted out it cooks no more.
  const isOut = isLiftedOut(cook, item.id);
  if (isOut && plan.then.length > 0) return null;
  const isAsked = stretchesOf(plan).some(({ stop }) => stop.by === "tender");
  if (plan.end === "strained" && !isAsked) return null;
  const checks = cook.checks.filter((c) => c.itemId === item.id);
  const belief = believeTarget(
    { done: target.done.value, ideal: target.ideal.value, past: target.past.value },
    checks.map(({ atMs, how }) => ({ how, cookMin: model.point(model.modelMin(atMs)).cookMin })),
    target.sigmaLog,
  );
  // Letting pressure down and resting go on cooking: it comes off that much before.
  const isLast = model.index === plan.then.length;
  const restMin = isLast
    ? Math.max(0, model.planned.cookMin - model.planned.cookAtEndOfHoldMin)
    : 0;
  const at = (factor: number) => model.cookedMin(target.ideal.value * factor - restMin, 0);
  return {
    itemId: item.id,
    target,
    share: model.point(nowMin).cookMin / (target.ideal.value * belief.expected),
    atMin: { low: at(belief.low), expected: at(belief.expected), high: at(belief.high) },
    lastCheck: checks.at(-1) ?? null,
  };
}
