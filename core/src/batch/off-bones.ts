import { pickMin } from "../schedule/pot-times";
import { isOffBones, nameOf } from "../simulate/item-facts";
import type { PlanItem } from "../simulate/plan-schema";
import type { Trace } from "../simulate/trace";
import { kilos, say, type Said } from "../units/said";
import { showDuration } from "../units/show";
import { sayList } from "./say-list";

/**
 * How what is lifted out is taken off its bones, and about how much of it goes back; empty where nothing is.
 * The weight is that of the course: with its bones off once it is back.
 */
export function offBonesHow(
  items: readonly PlanItem[],
  { items: ends }: Pick<Trace, "items">,
): Said {
  const picked = items.filter(isOffBones);
  if (picked.length === 0) return "";
  const kg = picked.reduce((sum, i) => sum + (ends.find((c) => c.itemId === i.id)?.endKg ?? 0), 0);
  const names = sayList(picked.map((i) => nameOf(i).toLowerCase()));
  const min = Math.max(5, Math.round(pickMin(picked)));
  return say`Once cool enough to touch, take the meat of the ${names} off the bones: about ${kilos(kg)}, ${showDuration(min)}. Feel for splinters and small bones; they stay out, and go to no animal. Covered, and hot again within 2 h.`;
}
