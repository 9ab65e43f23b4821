import { exp } from "../units/same-math";
import { targetOnBone } from "../doneness/targets-of";
import type { DonenessTarget } from "../doneness/targets";
import type { Constant } from "../units/constant";
import { slowedByAcid } from "./acid";
import { targetOfItem } from "./item-facts";
import type { Kitchen } from "./kitchen-schema";
import type { Plan, PlanItem } from "./plan-schema";
import { tenderHere, tenderSigma } from "./tender-here";
import type { JudgedTarget, Trace } from "./trace";

/**
 * The usual end of something that is eaten: its own, or that of meat on the bone. Nothing of what a stock
 * throws away is judged by its bite; null then.
 */
export const usualTarget = (item: PlanItem, plan: Pick<Plan, "end">): DonenessTarget | null =>
  targetOfItem(item) ?? (plan.end === "served" ? targetOnBone(item.ingredientId) : null);

/** The end something shall be cooked to in this pot; null where none is judged. */
export function eatenTarget(
  item: PlanItem,
  plan: Plan,
  kitchen: Pick<Kitchen, "learned">,
  startLiquidKg: number,
): JudgedTarget | null {
  const usual = usualTarget(item, plan);
  if (usual === null) return null;
  const acid = slowedByAcid(item, usual, plan, startLiquidKg);
  // What is done by its core asks for a temperature, not for time.
  const here = usual.coreC === undefined ? (tenderHere(kitchen, usual.id)?.mean ?? 0) : 0;
  const by = acid * exp(here);
  const sigmaLog = tenderSigma(kitchen, usual.id);
  if (by === 1) return { ...usual, isSlowed: acid > 1, sigmaLog };
  return {
    ...usual,
    done: times(usual.done, by),
    ideal: times(usual.ideal, by),
    past: times(usual.past, by),
    isSlowed: acid > 1,
    sigmaLog,
  };
}

const times = (c: Constant, by: number): Constant => ({ ...c, value: c.value * by });

/** The same as a simulated pot had it. */
export const judgedTarget = (
  { id }: Pick<PlanItem, "id">,
  { judged }: Pick<Trace, "judged">,
): JudgedTarget | null => judged.get(id) ?? null;

/** The end of everything in a pot that is judged by its bite, by its id. */
export const judgedIn = (
  plan: Plan,
  kitchen: Pick<Kitchen, "learned">,
  startLiquidKg: number,
): ReadonlyMap<string, JudgedTarget> =>
  new Map(
    plan.items.flatMap((item): [string, JudgedTarget][] => {
      const target = eatenTarget(item, plan, kitchen, startLiquidKg);
      return target === null ? [] : [[item.id, target]];
    }),
  );
