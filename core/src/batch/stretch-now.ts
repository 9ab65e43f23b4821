import { outOf } from "../simulate/out-of";
import type { HeatStretch, Plan, PlanItem, When } from "../simulate/plan-schema";
import { inStretch } from "../simulate/stretches";
import type { Cook } from "./fold";

/**
 * When the later stretches of a plan's heat began, ms, as far as they have: what was passed over began with
 * the next that was said.
 */
export function begunStretches(plan: Plan, cook: Cook): readonly number[] {
  const saidMs = plan.then.map(
    ({ id }) => cook.settings.find((s) => s.stretchId === id)?.atMs ?? null,
  );
  const lastSaid = saidMs.findLastIndex((ms) => ms !== null);
  const begun: number[] = [];
  for (let i = lastSaid; i >= 0; i--)
    begun[i] = Math.min(saidMs[i] ?? Infinity, begun[i + 1] ?? Infinity);
  return begun;
}

/** The plan as it is in the stretch that the pot is in: its heat, its stop. */
export const planNow = (plan: Plan, cook: Cook): Plan =>
  inStretch(plan, begunStretches(plan, cook).length);

/**
 * An ingredient as it moves with stretches that have begun: only by what was said, never by the plan. What
 * should have gone in by now and was not said goes in `late`.
 */
export function movingAsSaid(
  item: PlanItem,
  begunIds: ReadonlySet<string>,
  cook: Cook,
  late: When,
): PlanItem {
  const { when, out, ...rest } = item;
  const isLate =
    when.at === "stretch" && begunIds.has(when.stretchId) && !cook.addedItems.has(item.id);
  const moved: PlanItem = { ...rest, when: isLate ? late : when };
  if (out === undefined) return moved;
  const isIn =
    out.when.at === "stretch" && begunIds.has(out.when.stretchId) && !cook.outMs.has(item.id);
  if (isIn) return moved;
  const isOut = out.backAt !== undefined && begunIds.has(out.backAt) && !cook.backMs.has(item.id);
  const { backAt, ...stays } = out;
  return { ...moved, out: isOut || backAt === undefined ? stays : { ...stays, backAt } };
}

/** A stretch that has begun is strained where it was said that something stayed in the sieve. */
export function strainedAsSaid(
  stretch: HeatStretch,
  plan: Plan,
  begunIds: ReadonlySet<string>,
  cook: Cook,
): HeatStretch {
  const isIn = (item: PlanItem) => {
    const when = outOf(item, plan)?.when;
    return when?.at === "stretch" && when.stretchId === stretch.id;
  };
  const { isStrained, ...rest } = stretch;
  if (!isStrained || !begunIds.has(stretch.id)) return stretch;
  return plan.items.some((i) => cook.outMs.has(i.id) && isIn(i)) ? stretch : rest;
}

/** Ids of the stretches that have begun. */
export const begunIdsOf = (plan: Plan, cook: Cook): ReadonlySet<string> =>
  new Set(plan.then.slice(0, begunStretches(plan, cook).length).map((s) => s.id));
