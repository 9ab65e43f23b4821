/** The kinds of pot, in the order they are offered. */
export const KINDS = [
  "boneBroth",
  "poultryStock",
  "meatStock",
  "brownStock",
  "gameStock",
  "fishStock",
  "vegetableStock",
  "kelpStock",
  "petBroth",
  "stew",
  "braise",
  "potRoast",
  "meatChili",
  "beanChili",
  "rouxPot",
  "pulseSoup",
  "chowder",
  "creamSoup",
  "curryPot",
  "shreddedMeat",
] as const;
export type KindId = (typeof KINDS)[number];

/** What eaters may ask for. */
export const DIETS = [
  "vegan",
  "vegetarian",
  "noPork",
  "noAlcohol",
  "lowSalt",
  "lowFat",
  "mild",
  "glutenFree",
  "cat",
  "dog",
] as const;
export type DietId = (typeof DIETS)[number];

/** What is served beside a pot. */
export const ACCOMPANIMENTS = [
  "rice",
  "barley",
  "polenta",
  "pasta",
  "dumplings",
  "mash",
  "boiledPotatoes",
  "bread",
] as const;
export type AccompanimentId = (typeof ACCOMPANIMENTS)[number];
