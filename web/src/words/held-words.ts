import { COLD_DENSITY_KG_L } from "@kettlos/core/water/properties";
import { POUND_KG, US_QUART_L } from "@kettlos/core/units/us-measures";
import { salinity } from "@kettlos/core/seasoning/salinity";
import { inWords } from "@kettlos/core/units/said";
import { isUnsalted, litresOf } from "@kettlos/core/larder/lot-amounts";
import type { Holding } from "@kettlos/core/larder/larder";
import type { StoreKind } from "@kettlos/core/vessel/store-container";
import type { Lot } from "@kettlos/core/larder/larder-schema";
import type { WhyThrown } from "@kettlos/core/larder/larder-words";
import { showMass, showVolume, type UnitSystem } from "@kettlos/core/units/show";

/** What names one place on a shelf in the address bar. */
export const keyOf = (h: Holding): string => `${h.lot.id}~${h.place}~${h.sinceMs}`;

/** What is in each container, as litres of a liquid or weight. */
export const eachWords = (lot: Lot, units: UnitSystem): string =>
  lot.isLiquid ? showVolume(litresOf(lot.eachKg), units) : showMass(lot.eachKg, units);

export const allWords = (lot: Lot, count: number, units: UnitSystem): string =>
  eachWords({ ...lot, eachKg: lot.eachKg * count }, units);

/** What so many of a container are called on a shelf. */
const COUNT_WORDS: Readonly<Record<StoreKind, readonly [one: string, many: string]>> = {
  mould: ["block", "blocks"],
  tray: ["tray", "trays"],
  jar: ["jar", "jars"],
  shoulderJar: ["jar", "jars"],
  bag: ["bag", "bags"],
  tub: ["tub", "tubs"],
};
export const countWords = (kind: StoreKind, count: number): string =>
  `${count} ${COUNT_WORDS[kind][count === 1 ? 0 : 1]}`;

/** How salty, as a cook has to know it before it goes into a pot. */
export const saltWords = (lot: Lot, units: UnitSystem): string | null =>
  lot.label.saltGKg === undefined
    ? null
    : isUnsalted(lot)
      ? "unsalted"
      : `salt ${inWords(salinity(lot.label.saltGKg, lot.isLiquid ? "L" : "kg"), units)}`;

/** Why something was thrown away. */
export const WHY_WORDS: Readonly<Record<WhyThrown, string>> = {
  tooOld: "too old",
  tooWarm: "stood too warm",
  freezerBurn: "dried out in the freezer",
  smell: "smelt or looked wrong",
  broken: "container broken",
  unknown: "nobody knew what it was",
};

export const AGE_WORDS = { good: "", soon: "use it soon", past: "past its date" } as const;

/** What a cost is said for: a litre or a kilogram, a quart or a pound; and how much of it that is, kg. */
export function costedFor(
  { isLiquid }: Pick<Lot, "isLiquid">,
  units: UnitSystem,
): { readonly word: string; readonly massKg: number } {
  if (units === "us")
    return isLiquid
      ? { word: "quart", massKg: US_QUART_L * COLD_DENSITY_KG_L }
      : { word: "pound", massKg: POUND_KG };
  return isLiquid ? { word: "litre", massKg: COLD_DENSITY_KG_L } : { word: "kilogram", massKg: 1 };
}
