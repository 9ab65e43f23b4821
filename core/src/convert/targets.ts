import type { SetPot } from "../simulate/set-pot";
import type { Heat, HeatOf, Method } from "../heats/heat-schema";
import type { HeatRecord } from "../heats/record";
import { HEATS, METHODS, isLidOff, isSlow, isSpare, suits } from "../heats/heat";
import { CROCK_SETTINGS, type CrockSetting } from "../heat/slow-cooker";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Plan } from "../simulate/plan-schema";
import { heatsOf } from "../simulate/stretches";
import { waterL } from "../simulate/stated-water";
import { outcomeOf } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL } from "../vessel/volume";
import type { Target } from "./like";

/** The usual way of a heat in this kitchen; null where the kitchen has none. */
export const usualHeat = <M extends Method>(method: M, kitchen: Kitchen): HeatOf<M> | null =>
  (HEATS[method] as HeatRecord<HeatOf<M>>).usual(kitchen);

/**
 * The vessel of this kitchen a dish of contentsL goes into: the plan's own where it suits, else the
 * smallest that leaves room, else the largest; null where none suits.
 */
export function vesselFor(
  method: Method,
  kitchen: Kitchen,
  contentsL: number,
  ownId: string,
): Vessel | null {
  const suited = kitchen.vessels
    .filter((v) => suits(v, method) && !isSpare(v, method))
    .sort((a, b) => capacityL(a) - capacityL(b));
  const own = suited.find((v) => v.id === ownId);
  if (own !== undefined) return own;
  const room = (v: Vessel) => capacityL(v) * Math.min(v.fillShare, HEATS[method].mostShare);
  return suited.find((v) => room(v) >= contentsL) ?? suited.at(-1) ?? null;
}

/** Liquid and solids of a dish at the start, L. */
export function contentsL(setPot: SetPot): number {
  const water = outcomeOf(() => waterL(setPot));
  const { heapSolidL, floatingL } = setPot.start.solids;
  return (water.ok ? water.value : 0) + heapSolidL + floatingL;
}

/**
 * Where a dish can go in this kitchen: for each heat its usual way and a vessel, the dish's own as it is.
 * The slow cooker stands once for each setting asked for.
 */
export function usualTargets(
  setPot: SetPot,
  settings: readonly CrockSetting[] = CROCK_SETTINGS,
): readonly Target[] {
  const { plan, kitchen } = setPot;
  const contents = contentsL(setPot);
  return METHODS.flatMap((method): Target[] => {
    const own = ownHeat(plan, method);
    const heat = own ?? usualHeat(method, kitchen);
    const vesselId =
      own !== null ? plan.vesselId : vesselFor(method, kitchen, contents, plan.vesselId)?.id;
    if (heat === null || vesselId === undefined) return [];
    if (!isSlow(heat)) return [{ heat, vesselId }];
    return settings.map((setting) => ({
      heat: heat.setting === setting ? heat : { ...heat, setting, highFirstMin: 0 },
      vesselId,
    }));
  });
}

/** A plan's own heat of a method: its only one, or of several the last that cooks under a lid. */
const ownHeat = (plan: Plan, method: Method): Heat | null =>
  heatsOf(plan).findLast((h) => h.method === method && (plan.then.length === 0 || !isLidOff(h))) ??
  null;
