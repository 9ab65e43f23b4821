import { resolve } from "../simulate/set-pot";
import { isSealed } from "../heats/heat";
import { ingredientOf } from "../simulate/item-facts";
import type { Plan, PlanItem } from "../simulate/plan-schema";
import { usualItem } from "../simulate/usual-plan";
import { Problem } from "../units/problem";
import { COLD_DENSITY_KG_L } from "../water/properties";
import { vesselOf } from "../simulate/references";
import { capacityL, vesselVolumeL } from "../vessel/volume";
import type { Batch } from "./batch-schema";
import { bowlLabel, type InBowl } from "./bowl";
import type { Cook } from "./fold";
import { planNow } from "./stretch-now";

/** Cooler it is not handed on hot, °C; it is stock from the shelf then. */
export const LEAST_HOT_C = 30;
/** As hot as anything is that was just strained, °C. */
const MOST_HOT_C = 105;

/** The liquids of a plan that are to come out of another plan's pot. */
export const drawsOn = (plan: Plan, fromPlanId: string): readonly PlanItem[] =>
  plan.items.filter((i) => i.fromPlanId === fromPlanId && ingredientOf(i).isLiquid);

const asHot = (tempC: number): Pick<PlanItem, "hotC"> =>
  tempC < LEAST_HOT_C ? {} : { hotC: Math.min(MOST_HOT_C, Math.round(tempC * 10) / 10) };

/** So much of what was strained as it goes into a pot that is on already: with all that is in it, as hot as it is. */
export const pouredOn = (bowl: InBowl, massKg: number, tempC: number, id: string): PlanItem =>
  usualItem({
    id,
    ingredientId: "houseStock",
    massKg,
    when: { at: "after", min: 0 },
    label: bowlLabel(bowl),
    ...asHot(tempC),
  });

/** Room over what is in a pot now, up to its fill line, L; null where it is shut under pressure. */
export function roomL({ plan, kitchen }: Batch, cook: Cook, nowDepthM: number): number | null {
  const isOnHeat = cook.litMs !== null && cook.offMs === null;
  if (isOnHeat && isSealed(planNow(plan, cook).heat)) return null;
  const vessel = vesselOf(resolve(plan, kitchen));
  return Math.max(
    0,
    capacityL(vessel) * vessel.fillShare -
      vesselVolumeL(vessel, Math.min(vessel.heightM, nowDepthM)),
  );
}

/** What is less of it than the plan has, cold L. */
export const shortL = (item: PlanItem, massKg: number): number =>
  Math.max(0, item.massKg - massKg) / COLD_DENSITY_KG_L;

/**
 * The plan as it is begun with what was strained: so much of it, by what was measured and what is dissolved
 * in it, as hot as it is. `makeUp` pours water for what is less of it than was planned.
 * @throws Problem where the plan has no such ingredient
 */
export function begunWith(
  plan: Plan,
  itemId: string,
  bowl: InBowl,
  { massKg, tempC, makeUp }: { massKg: number; tempC: number; makeUp: boolean },
): Plan {
  const item = plan.items.find((i) => i.id === itemId);
  if (item === undefined)
    throw new Problem("unknownReference", "itemId", itemId, "The plan does not draw on it.");
  const { counted: _counted, ...rest } = item;
  const taken: PlanItem = { ...rest, massKg, label: bowlLabel(bowl), ...asHot(tempC) };
  const { water } = plan;
  return {
    ...plan,
    items: plan.items.map((i) => (i.id === itemId ? taken : i)),
    water:
      makeUp && water.by === "amount"
        ? { by: "amount", volumeL: Math.min(200, water.volumeL + shortL(item, massKg)) }
        : water,
  };
}
