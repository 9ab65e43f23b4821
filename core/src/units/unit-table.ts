import {
  FOOT_M,
  INCH_M,
  POUND_KG,
  PSI_KPA,
  US_CUP_L,
  US_FLUID_OUNCE_L,
  US_GALLON_L,
  US_PINT_L,
  US_QUART_L,
  US_TABLESPOON_L,
  US_TEASPOON_L,
} from "./us-measures";

export type Dimension = "mass" | "volume" | "length" | "time" | "pressure" | "temperature";

/** A unit as cooks write it. `perBase` is how many base units (kg, L, m, min, kPa) one of it is. */
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
const pressure = (perBase: number): UnitEntry => ({ dimension: "pressure", perBase });
const time = (perBase: number): UnitEntry => ({ dimension: "time", perBase });

const ENTRIES: readonly [UnitEntry, readonly string[]][] = [
  [mass(1), ["kg", "kgs", "kilo", "kilos", "kilogram", "kilograms", "kilogramme", "kilogrammes"]],
  [mass(0.001), ["g", "gr", "gram", "grams", "gramme", "grammes"]],
  [mass(POUND_KG), ["lb", "lbs", "pound", "pounds"]],
  [pressure(1), ["kpa"]],
  [pressure(PSI_KPA), ["psi"]],
  [volume(1), ["l", "ltr", "litre", "litres", "liter", "liters"]],
  [volume(0.1), ["dl", "decilitre", "decilitres", "deciliter", "deciliters"]],
  [volume(0.01), ["cl", "centilitre", "centilitres", "centiliter", "centiliters"]],
  [volume(0.001), ["ml", "cc", "millilitre", "millilitres", "milliliter", "milliliters"]],
  [volume(US_GALLON_L), ["gal", "gallon", "gallons"]],
  [volume(US_QUART_L), ["qt", "qts", "quart", "quarts"]],
  [volume(US_PINT_L), ["pt", "pts", "pint", "pints"]],
  [volume(US_CUP_L), ["c", "cup", "cups"]],
  [volume(US_FLUID_OUNCE_L), ["fl oz", "floz", "fluid oz", "fluid ounce", "fluid ounces"]],
  [volume(US_TABLESPOON_L), ["tbsp", "tbsps", "tablespoon", "tablespoons"]],
  [volume(US_TEASPOON_L), ["tsp", "tsps", "teaspoon", "teaspoons"]],
  [length(1), ["m", "metre", "metres", "meter", "meters"]],
  [length(0.01), ["cm", "centimetre", "centimetres", "centimeter", "centimeters"]],
  [length(0.001), ["mm", "millimetre", "millimetres", "millimeter", "millimeters"]],
  [length(INCH_M), ["in", "inch", "inches", '"', "″"]],
  [length(FOOT_M), ["ft", "foot", "feet"]],
  [time(24 * 60), ["d", "day", "days"]],
  [time(60), ["h", "hr", "hrs", "hour", "hours"]],
  [time(1), ["min", "mins", "minute", "minutes", "'", "′"]],
  [time(1 / 60), ["s", "sec", "secs", "second", "seconds"]],
];

/** Ounces alone can be weight or volume: the reader asks, this table does not decide. */
export const BARE_OUNCE: ReadonlySet<string> = new Set(["oz", "ozs", "ounce", "ounces"]);

/** Every spelling of a unit, in lower case without full stops. */
export const UNITS: ReadonlyMap<string, UnitEntry> = new Map(
  ENTRIES.flatMap(([entry, names]) => names.map((name) => [name, entry] as const)),
);
