import type { DonenessTarget } from "../doneness/targets";
import { traitsOf } from "../ingredient/traits";
import { kitchenEstimate, type Constant } from "../units/constant";
import { ingredientOf, pouredKg } from "./item-facts";
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
function isAcidPot(plan: Plan, startLiquidKg: number): boolean {
  const acidKg = plan.items
    .filter((i) => i.when.at === "start" && traitsOf(i.ingredientId).isAcid === true)
    .reduce((sum, i) => sum + pouredKg(i) * (SHARPNESS[i.ingredientId] ?? 1), 0);
  return acidKg > 0 && acidKg >= ACID_POT_SHARE.value * Math.max(0.1, startLiquidKg);
}

/** How many times as much cooking an end asks for in this pot, by the acid in it; 1 where none slows it. */
export function slowedByAcid(
  item: PlanItem,
  { id }: DonenessTarget,
  plan: Plan,
  startLiquidKg: number,
): number {
  const isPulse = ingredientOf(item).group === "pulse";
  if (!isPulse && !ROOT_IDS.has(id)) return 1;
  if (traitsOf(item.ingredientId).isAcid === true || !isAcidPot(plan, startLiquidKg)) return 1;
  return isPulse ? SLOWS_PULSES.value : SLOWS_ROOTS.value;
}
