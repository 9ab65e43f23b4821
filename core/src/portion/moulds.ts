import { published } from "../units/constant";
import { requireWithin } from "../units/problem";

/**
 * How many moulds of capacityL a volume fills with headspace left, and what is over, L.
 * @throws Problem `range`
 * @example mouldsFor(2.9, 0.25, 0.1) // { count: 12, remainderL: 0.2 }
 */
export function mouldsFor(
  volumeL: number,
  capacityL: number,
  headspace: number,
): { count: number; remainderL: number } {
  requireWithin("capacityL", capacityL, 0.005, 50, "L");
  requireWithin("headspace", headspace, 0, 0.5, "");
  const each = capacityL * (1 - headspace);
  const count = Math.floor(volumeL / each + 1e-9);
  return { count, remainderL: Math.max(0, volumeL - count * each) };
}

/** Days a volume lasts at perDayL. */
export const daysItLasts = (volumeL: number, perDayL: number): number =>
  perDayL > 0 ? volumeL / perDayL : Infinity;

/** Days that the fridge keeps a stock; what lasts longer is frozen. */
export const FRIDGE_DAYS = published("days in the fridge", 3, "d", "US guidance: 3–4 days");
