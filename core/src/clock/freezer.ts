import { roomL } from "../portion/headspace";
import type { Plan } from "../simulate/plan-schema";
import { litres, say, type Said } from "../units/said";
import type { PotBlocks } from "./pot-blocks";

/**
 * Whether the freezer takes the stocks that are on the clock, with the room that freezing wants.
 * @param freeL what is free in it now, L; null where nobody measured it
 * @returns what is said of it; null where all of it has room, or nobody knows
 */
export function freezerNote(
  pots: readonly PotBlocks[],
  plans: readonly Plan[],
  freeL: number | null,
): Said | null {
  if (freeL === null) return null;
  // What another pot draws on, and what goes to a table, is not frozen.
  const drawn = new Set(plans.flatMap((p) => p.items.flatMap((i) => i.fromPlanId ?? [])));
  const frozen = pots.filter(
    (p) => p.blocks.some((b) => b.kind === "portion") && !drawn.has(p.planId),
  );
  const wantedL = frozen.reduce((sum, p) => sum + roomL(p.litres), 0);
  return wantedL <= freeL
    ? null
    : say`The freezer has room for ${litres(freeL)}; the stocks on the clock want ${litres(wantedL)}. Boil them down, use something up, or keep in the fridge what is eaten within three days.`;
}
