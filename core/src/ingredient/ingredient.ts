import type { Constant } from "../units/constant";

export const ALLERGENS = [
  "gluten",
  "celery",
  "crustaceans",
  "molluscs",
  "fish",
  "milk",
  "mustard",
  "soya",
  "egg",
  "sulphites",
  "nuts",
  "sesame",
  "peanut",
  "lupin",
] as const;
export type Allergen = (typeof ALLERGENS)[number];

export type IngredientGroup =
  | "bones"
  | "meat"
  | "fish"
  | "vegetable"
  | "pulse"
  | "grain"
  | "dried"
  | "aromatic"
  | "liquid"
  | "acid"
  | "salt"
  | "starch"
  | "dairy"
  | "fat"
  | "sweet";

/** What a stock is made from decides how long its flavour takes to come. */
export type FlavourKind = "fish" | "vegetable" | "poultry" | "meat";

/** What an ingredient does in the pot. */
export type Role = "body" | "flavour" | "liquid" | "seasoning" | "thickener" | "garnish";

/** When it goes in unless the cook says otherwise. */
export type DefaultStaging = "start" | "lastHour" | "last30" | "last10" | "offHeat" | "afterStrain";

/** One thing that can go into a pot, with every property the simulation needs. */
export interface Ingredient {
  readonly id: string;
  readonly name: string;
  readonly group: IngredientGroup;
  readonly role: Role;
  readonly densityKgL: Constant;
  readonly specificHeatKJKgK: Constant;
  /** Share of its own heap that is solid. */
  readonly packing: Constant;
  /** Share of the raw weight that is water. */
  readonly waterShare: Constant;
  readonly staging: DefaultStaging;
  /** True where it pours: it joins the liquid at once. */
  readonly isLiquid: boolean;
  /** Share of raw meat's weight that comes out as juice and fat. */
  readonly meatFreed?: Constant;
  /** Of what meat frees, the share that is fat. */
  readonly fatOfFreed?: Constant;
  /** Share of a vegetable's weight that comes out as liquid. */
  readonly vegetableFreed?: Constant;
  /** Litres taken up per kg. */
  readonly uptakeLKg?: Constant;
  /** Cook value at which the uptake is 92 % done; without it the uptake is at once. */
  readonly uptakeIdealMin?: Constant;
  /** Gelatin that can be had, g per kg as bought, and the cook value of the first 63 %. */
  readonly gelatinGKg?: Constant;
  readonly gelatinKMin?: Constant;
  /** Fat that renders out of bones, kg per kg as bought. */
  readonly fatKgKg?: Constant;
  readonly saltGKg?: Constant;
  /** Alcohol by volume, 0–1. */
  readonly alcoholShare?: Constant;
  readonly flavour?: FlavourKind;
  readonly allergens: readonly Allergen[];
  /** Why it must not be in a pot for animals. */
  readonly petHazard?: string;
  /** True for common beans (Phaseolus), which need a hard boil. */
  readonly dryBean?: boolean;
  readonly game?: boolean;
  /** Weight of one, by the word a cook counts it with; editable on the plan. */
  readonly each: Readonly<Record<string, Constant>>;
}
