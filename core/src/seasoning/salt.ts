import { kitchenEstimate, published } from "../units/constant";

/** Salt that suits, g per L of a broth to sip. */
export const SIPPING_SALT_G_L = kitchenEstimate(
  "salt in a broth to sip",
  7,
  "g/L",
  "6–8 g/L suits most",
);
export const LEAST_SIPPING_SALT_G_L = kitchenEstimate(
  "salt under which a broth tastes dull",
  6,
  "g/L",
  "lower end of what suits",
);
/** Salt that suits a soup or stew, g per kg of all that is eaten. */
export const DISH_SALT_G_KG = kitchenEstimate(
  "salt in soup and stew",
  9,
  "g/kg",
  "8–10 g/kg suits most",
);
/** Over these it tastes salty. */
export const SALTY_BROTH_G_L = kitchenEstimate(
  "salt where a broth tastes salty",
  8,
  "g/L",
  "upper end of what suits",
);
export const SALTY_DISH_G_KG = kitchenEstimate(
  "salt where a dish tastes salty",
  10,
  "g/kg",
  "upper end of what suits",
);
/** A day's salt for an adult, g. */
export const DAY_SALT_G = published(
  "salt a day, adults",
  5,
  "g",
  "WHO guidance: less than this in all",
);
/** A low-salt portion, g. */
export const LOW_SALT_G = kitchenEstimate(
  "salt in a low-salt portion",
  1.25,
  "g",
  "a quarter of a day's",
);
/** Fine salt in a level teaspoon, g. */
const FINE_SALT_TSP_G = kitchenEstimate("fine salt in a level teaspoon", 6, "g", "weighed");

/**
 * Salt to add for a target, g; nothing where it is there already.
 * @example saltToAddG(6, 3, 7) // 15
 */
export const saltToAddG = (haveG: number, amount: number, targetPer: number): number =>
  Math.max(0, targetPer * amount - haveG);

/** Unsalted liquid (or food) that brings an over-salted pot down to the target, L or kg; 0 where none is needed. */
export const toDilute = (haveG: number, amount: number, targetPer: number): number =>
  targetPer <= 0 ? Infinity : Math.max(0, haveG / targetPer - amount);

/** Level teaspoons of fine salt, to the half. @example teaspoonsOf(16) // 2.5 */
export const teaspoonsOf = (saltG: number): number =>
  Math.round((saltG / FINE_SALT_TSP_G.value) * 2) / 2;

/** Salt over which a pot is not for cats and dogs, over all of it. */
export const ANIMAL_SALT_G_KG = kitchenEstimate(
  "salt in what animals eat",
  1,
  "g/kg",
  "about what plain meat brings by itself",
);
