import { kitchenEstimate } from "../units/constant";
import type { Kitchen } from "./kitchen-schema";
import { factorOf, type FactorHere } from "./learned";
import type { Plan } from "./plan-schema";

/** Spread of how salty, and how thick, one cook wants it against another. */
export const SALT_SIGMA = kitchenEstimate(
  "salt wanted, cook against cook",
  0.2,
  "log",
  "6 to 10 g",
);
export const BODY_SIGMA = kitchenEstimate(
  "thickness wanted, cook against cook",
  0.35,
  "log",
  "from coating a spoon to thick",
);

/** What is wanted alike: pots of one kind; where nobody said which, what is strained and what is served. */
export const wantedThing = ({ kind, end }: Pick<Plan, "kind" | "end">): string => kind ?? end;

/** A pot that is not salted to taste: for animals, or for who must be sparing with salt. */
export const isSparing = ({ feeds, diets }: Pick<Plan, "feeds" | "diets">): boolean =>
  feeds === "animals" || diets.includes("lowSalt");

/** How salty such a pot was wanted here against what suits most; null where nothing is known of it. */
export function saltHere(plan: Plan, { learned }: Pick<Kitchen, "learned">): FactorHere | null {
  const here =
    learned?.salt === undefined || isSparing(plan)
      ? null
      : factorOf(learned.salt, wantedThing(plan), SALT_SIGMA.value);
  // One dish speaks for another; how salty a stock is drunk says a stock alone.
  return here !== null && (here.pots > 0 || plan.end === "served") ? here : null;
}

/** How thick such a dish was wanted here against stew gravy; null where no such dish was tasted. */
export const thickHere = (plan: Plan, { learned }: Pick<Kitchen, "learned">): FactorHere | null =>
  // Of a soup a stew says nothing: some pots are to be thin.
  learned?.body?.things[wantedThing(plan)] === undefined
    ? null
    : factorOf(learned.body, wantedThing(plan), BODY_SIGMA.value);
