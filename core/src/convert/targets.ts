import { METHODS, type Method } from "../heat/method";
import { CROCK_SETTINGS, type CrockSetting } from "../heat/slow-cooker";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { Heat, Plan } from "../simulate/plan-schema";
import { suits } from "../simulate/references";
import { heatsOf } from "../simulate/stretches";
import { startSolids, waterL } from "../simulate/water-ways";
import { outcomeOf } from "../units/problem";
import type { Vessel } from "../vessel/vessel-schema";
import { capacityL } from "../vessel/volume";
import type { Target } from "./like";

const USUAL_OVEN_C = 150;

/** The usual way of a heat in this kitchen; null where the kitchen has none. */
export function usualHeat(method: Method, kitchen: Kitchen): Heat | null {
  switch (method) {
    case "hob":
      return kitchen.rings.length === 0
        ? null
        : { method, vigour: "gentle", lid: "ajar", boilFirstMin: null };
    case "oven": {
      const oven = kitchen.ovens[0];
      return oven === undefined
        ? null
        : {
            method,
            ovenId: oven.id,
            ovenC: Math.min(USUAL_OVEN_C, oven.maxC),
            lid: "on",
            start: "hot",
          };
    }
    case "slowCooker":
      return { method, setting: "low", start: "cold", highFirstMin: 0, lidLifts: 0, warmMin: 0 };
    case "pressure":
      return { method, setting: "high", release: "natural" };
  }
}

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
    .filter((v) => suits(v, method) && !(method === "hob" && v.kind === "pressureCooker"))
    .sort((a, b) => capacityL(a) - capacityL(b));
  const own = suited.find((v) => v.id === ownId);
  if (own !== undefined) return own;
  const room = (v: Vessel) =>
    capacityL(v) *
    Math.min(v.fillShare, method === "slowCooker" || method === "pressure" ? 2 / 3 : 1);
  return suited.find((v) => room(v) >= contentsL) ?? suited.at(-1) ?? null;
}

/** Liquid and solids of a dish at the start, L. */
export function contentsL(plan: Plan, kitchen: Kitchen): number {
  const water = outcomeOf(() => waterL(plan, kitchen));
  const { heapSolidL, floatingL } = startSolids(plan);
  return (water.ok ? water.value : 0) + heapSolidL + floatingL;
}

/**
 * Where a dish can go in this kitchen: for each heat its usual way and a vessel, the dish's own as it is.
 * The slow cooker stands once for each setting asked for.
 */
export function usualTargets(
  plan: Plan,
  kitchen: Kitchen,
  settings: readonly CrockSetting[] = CROCK_SETTINGS,
): readonly Target[] {
  const contents = contentsL(plan, kitchen);
  return METHODS.flatMap((method): Target[] => {
    const own = ownHeat(plan, method);
    const heat = own ?? usualHeat(method, kitchen);
    const vesselId =
      own !== null ? plan.vesselId : vesselFor(method, kitchen, contents, plan.vesselId)?.id;
    if (heat === null || vesselId === undefined) return [];
    if (heat.method !== "slowCooker") return [{ heat, vesselId }];
    return settings.map((setting) => ({
      heat: heat.setting === setting ? heat : { ...heat, setting, highFirstMin: 0 },
      vesselId,
    }));
  });
}

/** A plan's own heat of a method: its only one, or of several the last that cooks under a lid. */
const ownHeat = (plan: Plan, method: Method): Heat | null =>
  heatsOf(plan).findLast(
    (h) => h.method === method && (plan.then.length === 0 || !("lid" in h) || h.lid !== "off"),
  ) ?? null;
