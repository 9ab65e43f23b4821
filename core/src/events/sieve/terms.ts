/** What becomes of marrow, and of the rest that stays in the sieve. */
export const MARROWS = ["into", "apart", "left"] as const;
export type Marrow = (typeof MARROWS)[number];
export const SOLIDS_FATES = ["eaten", "returned", "frozen", "fed", "thrown"] as const;
export type SolidsFate = (typeof SOLIDS_FATES)[number];

/** How a strained stock looks against the light. */
export const CLARITIES = ["clear", "hazy", "cloudy"] as const;
export type Clarity = (typeof CLARITIES)[number];
export const COLOURS = ["pale", "golden", "amber", "brown"] as const;
export type Colour = (typeof COLOURS)[number];
