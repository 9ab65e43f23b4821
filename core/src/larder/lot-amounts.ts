import { kitchenEstimate } from "../units/constant";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Lot } from "./larder-schema";

const UNSALTED_BELOW_G_KG = kitchenEstimate(
  "salt below which a stock counts as unsalted",
  1.5,
  "g/kg",
  "what bones and vegetables bring by themselves",
);
export const isUnsalted = (lot: Pick<Lot, "label">): boolean =>
  (lot.label.saltGKg ?? 0) < UNSALTED_BELOW_G_KG.value;

/** Litres of a liquid, by its weight. */
export const litresOf = (massKg: number): number => massKg / COLD_DENSITY_KG_L;
