import type { RouxColour } from "../prepare/works";
import { pouredKgL } from "../ingredient/poured";
import { either, type Said } from "../units/said";
import { showVolume } from "../units/show";
import { US_QUART_L } from "../units/us-measures";
import { kitchenEstimate, type Constant } from "../units/constant";
import { Problem } from "../units/problem";

const body = (name: string, gL: number) =>
  kitchenEstimate(name, gL, "g flour/L", "sauces weighed against a flour-thickened row");

/** What a liquid of this thickness is called, g of flour to a litre; thin to thick. */
export const BODIES = [
  { id: "broth", name: "like broth", from: body("broth", 0) },
  { id: "lightSoup", name: "like a light soup", from: body("light soup", 25) },
  { id: "nappe", name: "coats a spoon", from: body("nappe", 45) },
  { id: "gravy", name: "like stew gravy", from: body("stew gravy", 60) },
  { id: "thick", name: "thick", from: body("thick", 80) },
  { id: "paste", name: "like a paste", from: body("paste-like", 110) },
] as const;
export type BodyId = (typeof BODIES)[number]["id"];

/** The body a thickness comes to: the nearest. */
export function bodyOf(flourGL: number): (typeof BODIES)[number] {
  let found: (typeof BODIES)[number] = BODIES[0];
  BODIES.forEach((b, i) => {
    const before = BODIES[i - 1];
    if (before !== undefined && flourGL >= (before.from.value + b.from.value) / 2) found = b;
  });
  return found;
}

/** So much flour to a litre as it is measured out: weighed, or by the spoon to a quart. */
export const flourSaid = (flourGL: number): Said => [
  either(
    `${Math.round(flourGL)} g flour a litre`,
    `${showVolume((flourGL * US_QUART_L) / 1000 / FLOUR_KG_L, "us")} flour a quart`,
  ),
];
const FLOUR_KG_L = pouredKgL("flour")?.value ?? NaN;

/** As one says what it shall become: "it coats a spoon", "it is like stew gravy". */
export function thickWords(flourGL: number): string {
  const { name } = bodyOf(flourGL);
  return name.startsWith("coats") ? `it ${name}` : `it is ${name}`;
}

/** What is stirred in to thicken, and how it binds against flour. */
export const THICKENERS = {
  flour: { name: "flour", k: kitchenEstimate("flour", 1, "", "by definition") },
  cornStarch: {
    name: "corn starch",
    k: kitchenEstimate("corn starch", 2, "", "binds twice flour"),
  },
  potatoStarch: {
    name: "potato starch",
    k: kitchenEstimate("potato starch", 2.2, "", "binds 2.2 × flour"),
  },
  arrowroot: { name: "arrowroot", k: kitchenEstimate("arrowroot", 2, "", "binds twice flour") },
} as const satisfies Record<string, { name: string; k: Constant }>;
export type ThickenerId = keyof typeof THICKENERS;

/** How a roux of a colour still binds, against raw flour. */
export const ROUX_BINDS: Record<RouxColour, Constant> = {
  white: kitchenEstimate("white roux", 1, "", "the darker, the less it thickens: cooks' rule"),
  blond: kitchenEstimate("blond roux", 0.9, "", "the darker, the less it thickens: cooks' rule"),
  brown: kitchenEstimate("brown roux", 0.7, "", "the darker, the less it thickens: cooks' rule"),
  dark: kitchenEstimate("dark roux", 0.4, "", "the darker, the less it thickens: cooks' rule"),
};

/** Corn starch thins again with long boiling: what is left of it after about an hour. */
export const CORN_AFTER_HOUR = kitchenEstimate(
  "corn starch after an hour's boil",
  0.6,
  "",
  "a sauce boiled on",
);
export const CORN_THINS_AFTER_MIN = 60;

/**
 * Grams of thickener that take a litre count from one thickness to another; the starch itself takes
 * room, so the last grams bind less: V·(E₁ − E₀)/(k − 0.002·E₁). 0 where it is thick enough.
 * @throws Problem `notReachable` where no amount of it gets there
 * @example thickenWithG(2, 25, 60, 2) // 37.2
 */
export function thickenWithG(volumeL: number, fromGL: number, toGL: number, k: number): number {
  if (toGL <= fromGL) return 0;
  const left = k - 0.002 * toGL;
  if (left <= 0)
    throw new Problem(
      "notReachable",
      "thickness",
      toGL,
      "No amount of this thickener gets that thick.",
    );
  return (volumeL * (toGL - fromGL)) / left;
}

/**
 * Litres that a pot has to go down to so that its own starch reaches a thickness (E·V stays); null where
 * it holds none: no boiling thickens a clear broth. Its own volume where it is thick enough.
 */
export function reduceToL(volumeL: number, fromGL: number, toGL: number): number | null {
  if (toGL <= fromGL) return volumeL;
  return fromGL <= 0.5 ? null : (volumeL * fromGL) / toGL;
}

/** Litres of unthickened liquid that thin a pot to a thickness; 0 where it is thin enough. */
export const thinWithL = (volumeL: number, fromGL: number, toGL: number): number =>
  toGL <= 0 ? Infinity : Math.max(0, (volumeL * fromGL) / toGL - volumeL);
