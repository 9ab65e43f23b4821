import { ingredientOf } from "@kettlos/core/simulate/item-facts";
import type { Plan } from "@kettlos/core/simulate/plan-schema";

/** What lies in the pot, as it is drawn: bones, dice of meat and vegetables, or pulses and grain. */
export type Pieces = "bones" | "dice" | "seeds";

/** What a plan's pot mostly holds. */
export function piecesOf(plan: Plan): Pieces {
  const kg = { bones: 0, dice: 0, seeds: 0 };
  for (const item of plan.items) {
    if (item.when.at !== "start") continue;
    const { group, isLiquid } = ingredientOf(item);
    if (isLiquid) continue;
    if (group === "bones") kg.bones += item.massKg;
    else if (group === "pulse" || group === "grain") kg.seeds += item.massKg * 2;
    else kg.dice += item.massKg;
  }
  if (kg.bones > 0 && kg.bones >= kg.dice / 2) return "bones";
  return kg.seeds > kg.dice ? "seeds" : "dice";
}
