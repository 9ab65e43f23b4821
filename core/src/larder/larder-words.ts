/** What lies on the shelves, by how it keeps. */
export const LARDER_KINDS = [
  "stock",
  "dish",
  "rawBones",
  "rawMeat",
  "carcass",
  "trimmings",
  "fat",
  "leftovers",
] as const;
export type LarderKind = (typeof LARDER_KINDS)[number];

export const LARDER_KIND_WORDS: Readonly<Record<LarderKind, string>> = {
  stock: "stock and broth",
  dish: "ready dishes",
  rawBones: "raw bones",
  rawMeat: "raw meat and fish",
  carcass: "cooked carcasses and bones",
  trimmings: "trimmings of vegetables",
  fat: "rendered fat",
  leftovers: "leftovers",
};

export const PLACES = ["fridge", "freezer"] as const;
export type Place = (typeof PLACES)[number];
export const PLACE_WORDS: Readonly<Record<Place, string>> = {
  fridge: "fridge",
  freezer: "freezer",
};

/** Where something taken out went. */
export const WAYS_OUT = ["table", "animals", "thrown"] as const;
export type WayOut = (typeof WAYS_OUT)[number];

/** Why something was thrown away. */
export const WHY_THROWN = [
  "tooOld",
  "tooWarm",
  "freezerBurn",
  "smell",
  "broken",
  "unknown",
] as const;
export type WhyThrown = (typeof WHY_THROWN)[number];
