import { published } from "../units/constant";

/** Days a volume lasts at perDayL. */
export const daysItLasts = (volumeL: number, perDayL: number): number =>
  perDayL > 0 ? volumeL / perDayL : Infinity;

/** Days that the fridge keeps a stock; what lasts longer is frozen. */
export const FRIDGE_DAYS = published("days in the fridge", 3, "d", "US guidance: 3–4 days");

/** What stands in the fridge and will not be used within its days there, and belongs in the freezer, L. */
export const toFreezeL = (inFridgeL: number, perDayL: number): number =>
  Math.max(0, inFridgeL - perDayL * FRIDGE_DAYS.value);
