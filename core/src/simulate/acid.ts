import type { DonenessTarget } from "../doneness/targets";
import { traitsOf } from "../ingredient/traits";
import { kitchenEstimate, type Constant } from "../units/constant";
import { ingredientOf, pouredKg, targetOfItem } from "./item-facts";
import type { Plan, PlanItem } from "./plan-schema";

const slows = (what: string, value: number): Constant =>
  kitchenEstimate(`cook value wanted by ${what} with acid in the pot`, value, "×", "kitchen lore");
const SLOWS_PULSES = slows("pulses", 1.3);
const SLOWS_ROOTS = slows("roots and potatoes", 2);
/** From this share of the liquid on it is an acid pot; less slows nothing. */
const ACID_POT_SHARE = kitchenEstimate("acid share of an acid pot", 0.4, "", "kitchen lore");
/** What is sharper counts so many times its weight of tomato or wine. */
const SHARPNESS: Readonly<Record<string, number>> = { tomatoPaste: 4, vinegar: 10, lemonJuice: 10 };
const ROOT_IDS: ReadonlySet<string> = new Set([
  "rootsHold",
  "rootsSoft",
  "potatoStarchy",
  "potatoWaxy",
  "potatoBig",
]);

/** Weight of what pours in at the start beside the water, kg. */
export const pouredAtStartKg = (plan: Plan): number =>
  plan.items
    .filter((i) => i.when.at === "start" && ingredientOf(i).isLiquid)
    .reduce((sum, i) => sum + pouredKg(i), 0);

/** True where tomato, wine and the like, in from the start, are two fifths of the liquid and more. */
export function isAcidPot(plan: Plan, startLiquidKg: number): boolean {
  const acidKg = plan.items
    .filter((i) => i.when.at === "start" && traitsOf(i.ingredientId).isAcid === true)
    .reduce((sum, i) => sum + pouredKg(i) * (SHARPNESS[i.ingredientId] ?? 1), 0);
  return acidKg > 0 && acidKg >= ACID_POT_SHARE.value * Math.max(0.1, startLiquidKg);
}

/** How much slower this gets soft in an acid pot, ×. */
function slowed(item: PlanItem, target: DonenessTarget): number {
  if (traitsOf(item.ingredientId).isAcid === true) return 1;
  if (ingredientOf(item).group === "pulse") return SLOWS_PULSES.value;
  return ROOT_IDS.has(target.id) ? SLOWS_ROOTS.value : 1;
}

/** The end an item shall be cooked to in this pot, slowed where acid slows it; null where none is judged. */
export function targetIn(item: PlanItem, plan: Plan, startLiquidKg: number): DonenessTarget | null {
  const target = targetOfItem(item);
  if (target === null || !isAcidPot(plan, startLiquidKg)) return target;
  const by = slowed(item, target);
  if (by === 1) return target;
  const times = (c: Constant): Constant => ({ ...c, value: c.value * by });
  return {
    ...target,
    done: times(target.done),
    ideal: times(target.ideal),
    past: times(target.past),
  };
}
