import type { Allergen } from "./ingredient";

export const ALLERGEN_WORDS: Readonly<Record<Allergen, string>> = {
  gluten: "gluten",
  celery: "celery",
  crustaceans: "crustaceans",
  molluscs: "molluscs",
  fish: "fish",
  milk: "milk",
  mustard: "mustard",
  soya: "soya",
  egg: "egg",
  sulphites: "sulphites",
  nuts: "nuts",
  sesame: "sesame",
  peanut: "peanut",
  lupin: "lupin",
};
/** As a label lists them. */
export const allergenWords = (allergens: readonly Allergen[]): string =>
  allergens.map((a) => ALLERGEN_WORDS[a]).join(", ");
