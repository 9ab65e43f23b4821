import { convert } from "convert";

export type Dimension = "mass" | "volume" | "length" | "time" | "temperature";

/** A unit as cooks write it. `perBase` is how many base units (kg, L, m, min) one of it is. */
export interface UnitEntry {
  readonly dimension: Exclude<Dimension, "temperature">;
  readonly perBase: number;
}

const mass = (perBase: number): UnitEntry => ({ dimension: "mass", perBase });
const volume = (perBase: number): UnitEntry => ({
  dimension: "volume",
  perBase,
});
const length = (perBase: number): UnitEntry => ({
  dimension: "length",
  perBase,
});
const time = (perBase: number): UnitEntry => ({ dimension: "time", perBase });

/** Litres in the US customary volumes; everything else on screen is derived from these. */
export const US_QUART_L = convert(1, "quart").to("L");
export const US_PINT_L = convert(1, "pint").to("L");
export const US_CUP_L = convert(1, "cup").to("L");
export const US_FLUID_OUNCE_L = US_CUP_L / 8;
/** Kilograms in the avoirdupois pound and ounce. */
export const POUND_KG = convert(1, "lb").to("kg");
export const OUNCE_KG = convert(1, "oz").to("kg");
/** Metres in a foot, and in an inch. */
export const FOOT_M = convert(1, "foot").to("m");
export const INCH_M = convert(1, "inch").to("m");

const ENTRIES: readonly [UnitEntry, readonly string[]][] = [
  [mass(1), ["kg", "kgs", "kilo", "kilos", "kilogram", "kilograms", "kilogramme", "kilogrammes"]],
  [mass(convert(1, "g").to("kg")), ["g", "gr", "gram", "grams", "gramme", "grammes"]],
  [mass(POUND_KG), ["lb", "lbs", "pound", "pounds"]],
  [volume(1), ["l", "ltr", "litre", "litres", "liter", "liters"]],
  [volume(0.1), ["dl", "decilitre", "decilitres", "deciliter", "deciliters"]],
  [volume(0.01), ["cl", "centilitre", "centilitres", "centiliter", "centiliters"]],
  [volume(0.001), ["ml", "cc", "millilitre", "millilitres", "milliliter", "milliliters"]],
  [volume(convert(1, "gallon").to("L")), ["gal", "gallon", "gallons"]],
  [volume(US_QUART_L), ["qt", "qts", "quart", "quarts"]],
  [volume(US_PINT_L), ["pt", "pts", "pint", "pints"]],
  [volume(US_CUP_L), ["c", "cup", "cups"]],
  [volume(US_FLUID_OUNCE_L), ["fl oz", "floz", "fluid oz", "fluid ounce", "fluid ounces"]],
  [volume(convert(1, "tablespoon").to("L")), ["tbsp", "tbsps", "tablespoon", "tablespoons"]],
  [volume(convert(1, "teaspoon").to("L")), ["tsp", "tsps", "teaspoon", "teaspoons"]],
  [length(1), ["m", "metre", "metres", "meter", "meters"]],
  [length(0.01), ["cm", "centimetre", "centimetres", "centimeter", "centimeters"]],
  [length(0.001), ["mm", "millimetre", "millimetres", "millimeter", "millimeters"]],
  [length(INCH_M), ["in", "inch", "inches", '"', "″"]],
  [length(FOOT_M), ["ft", "foot", "feet"]],
  [time(convert(1, "day").to("minute")), ["d", "day", "days"]],
  [time(convert(1, "hour").to("minute")), ["h", "hr", "hrs", "hour", "hours"]],
  [time(1), ["min", "mins", "minute", "minutes", "'", "′"]],
  [time(convert(1, "second").to("minute")), ["s", "sec", "secs", "second", "seconds"]],
];

/** Ounces alone can be weight or volume: the reader asks, this table does not decide. */
export const BARE_OUNCE: ReadonlySet<string> = new Set(["oz", "ozs", "ounce", "ounces"]);

/** Every spelling of a unit, in lower case without full stops. */
export const UNITS: ReadonlyMap<string, UnitEntry> = new Map(
  ENTRIES.flatMap(([entry, names]) => names.map((name) => [name, entry] as const)),
);
