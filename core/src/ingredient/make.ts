import { kitchenEstimate, physics, published, type Constant } from "../units/constant";
import type { Ingredient } from "./ingredient";

const FOOD_TABLES = "national food composition tables, rounded";
const KITCHEN_SCALE = "typical weights on a kitchen scale";

/** Bulk properties that a whole class of foods shares. */
interface Material {
  readonly densityKgL: Constant;
  readonly specificHeatKJKgK: Constant;
  readonly packing: Constant;
}

const material = (
  name: string,
  density: number,
  specificHeat: number,
  packing: number,
): Material => ({
  densityKgL: published(`density of ${name}`, density, "kg/L", "food engineering handbooks", 0.03),
  specificHeatKJKgK: physics(
    `specific heat of ${name}`,
    specificHeat,
    "kJ/kg·K",
    "mixing rule from composition",
  ),
  packing: kitchenEstimate(
    `packing of ${name}`,
    packing,
    "",
    "heaps weighed under water in a pot",
    0.1,
  ),
});

export const LARGE_BARE_BONE = material("large bare bones", 1.35, 2.0, 0.4);
export const MEATY_BONE = material("chopped meaty bones", 1.17, 2.9, 0.45);
export const POULTRY_BONE = material("chopped poultry bones", 1.1, 2.9, 0.45);
export const BROKEN_CARCASS = material("broken carcasses", 1.1, 2.9, 0.35);
export const WHOLE_CARCASS = material("whole carcasses", 1.1, 2.9, 0.25);
export const MEAT_CUBES = material("meat in cubes", 1.06, 3.4, 0.58);
export const VEGETABLE = material("vegetables", 0.95, 3.9, 0.55);
export const DRY_PULSE = material("dry pulses", 1.25, 1.7, 0.6);
export const DRY_GRAIN = material("dry grain", 1.3, 1.7, 0.6);
export const DRIED_FOOD = material("dried goods", 1.1, 1.7, 0.4);
export const POWDER = material("fine dry goods", 1.5, 1.2, 0.6);
/** Melted fat: 0.92 kg/L. */
export const FAT = material("fat", 0.92, 2.0, 1);
export const POURED = material("pourable goods", 1.0, 4.0, 1);

/** A water share from food composition tables. */
export const water = (share: number): Constant =>
  published("water share", share, "", FOOD_TABLES, 0.03);

/** The weight of one, for counting. */
export const one = (grams: number): Constant =>
  kitchenEstimate("weight of one", grams / 1000, "kg", KITCHEN_SCALE, 0.2);

export const saltContent = (gKg: number): Constant =>
  published("salt", gKg, "g/kg", "label or food composition tables", 0.15);

export const alcohol = (share: number): Constant =>
  published("alcohol by volume", share, "", "label", 0.05);

/** Gelatin that can be had and how slowly it comes: docs/method.md, “Cook value, flavour, set”, kitchen estimates. */
export const gelatin = (gKg: number, kMin: number) => ({
  gelatinGKg: kitchenEstimate(
    "gelatin that can be had",
    gKg,
    "g/kg",
    "set of past pots, ±25 %",
    0.25,
  ),
  gelatinKMin: kitchenEstimate(
    "cook value of the first 63 % of gelatin",
    kMin,
    "min at 100 °C",
    "set of past pots, ±25 %",
    0.25,
  ),
});

export const renderedFat = (kgKg: number) => ({
  fatKgKg: kitchenEstimate("fat that renders out", kgKg, "kg/kg", "fat caps weighed", 0.4),
});

export const meatFrees = (share: number, fatShare = 0.2) => ({
  meatFreed: published(
    "juice and fat freed",
    share,
    "of raw weight",
    "USDA braising yields 65–75 %",
    0.15,
  ),
  fatOfFreed: kitchenEstimate("fat in what is freed", fatShare, "", "80 % juice, 20 % fat", 0.25),
});

export const vegetableFrees = (share: number) => ({
  vegetableFreed: kitchenEstimate(
    "liquid freed",
    share,
    "of raw weight",
    "weighed after cooking",
    0.25,
  ),
});

export const takesUp = (lKg: number, idealMin?: number) => ({
  uptakeLKg: kitchenEstimate("liquid taken up", lKg, "L/kg", "weighed dry and cooked", 0.15),
  ...(idealMin === undefined
    ? {}
    : {
        uptakeIdealMin: kitchenEstimate(
          "cook value when soft",
          idealMin,
          "min at 100 °C",
          "cooked and bitten, ±25 %",
          0.25,
        ),
      }),
});

type Given = Partial<Omit<Ingredient, "id" | "name" | "group">> &
  Pick<Ingredient, "role" | "waterShare" | "staging">;

/** Completes an entry of one group from its material and what is said about it. */
export const entry = (
  group: Ingredient["group"],
  id: string,
  name: string,
  bulk: Material,
  given: Given,
): Ingredient => ({
  isLiquid: false,
  allergens: [],
  each: {},
  ...bulk,
  ...given,
  id,
  name,
  group,
});
