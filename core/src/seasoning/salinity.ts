import { wholePower } from "../units/whole-power";
import { plain } from "../units/region";
import { either, type Said } from "../units/said";

/** So many g to a litre or kilogram are one in a hundred. */
export const G_PER_PERCENT = 10;

const rounded = (value: number, digits: number): string =>
  plain(Math.round(value * wholePower(10, digits)) / wholePower(10, digits));

/**
 * How salty it is, g of salt per litre of what is strained or per kilogram of what is served; where nobody
 * has litres and kilograms, as its share by weight (a litre of broth is taken for a kilogram).
 * @example inWords(salinity(8.1, "kg"), "us") // "0.81 %"
 */
export const salinity = (per: number, unit: "L" | "kg"): Said => [
  either(`${rounded(per, 1)} g/${unit}`, `${rounded(per / G_PER_PERCENT, 2)} %`),
];
