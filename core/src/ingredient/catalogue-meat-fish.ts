import type { Ingredient } from "./ingredient";
import { entry, MEAT_CUBES, meatFrees, one, saltContent, vegetableFrees, water } from "./make";

const meat = (
  id: string,
  name: string,
  freed: number,
  waterShare: number,
  more: Partial<Ingredient> = {},
  fatShare?: number,
): Ingredient =>
  entry("meat", id, name, MEAT_CUBES, {
    role: "body",
    staging: "start",
    flavour: "meat",
    waterShare: water(waterShare),
    ...meatFrees(freed, fatShare),
    ...more,
  });

/** Meats by cut. Juice freed: model section 8. */
export const MEATS: readonly Ingredient[] = [
  meat("beefChuck", "Beef chuck", 0.33, 0.65, {
    alsoCalled: ["beef shoulder", "stewing beef"],
  }),
  meat("beefShank", "Beef shank", 0.26, 0.7, {
    alsoCalled: ["shin of beef", "beef shin"],
  }),
  meat("beefBrisket", "Beef brisket", 0.36, 0.6, { alsoCalled: ["brisket"] }),
  meat("lambShoulder", "Lamb shoulder", 0.33, 0.62, {
    alsoCalled: ["shoulder of lamb"],
  }),
  meat("muttonShoulder", "Mutton shoulder", 0.33, 0.6, {
    alsoCalled: ["mutton"],
  }),
  meat("goatShoulder", "Goat shoulder", 0.33, 0.68, { alsoCalled: ["goat"] }, 0.12),
  meat("porkShoulder", "Pork shoulder", 0.34, 0.63, { alsoCalled: ["pork"] }),
  meat("chickenThigh", "Chicken thighs", 0.24, 0.7, {
    flavour: "poultry",
    alsoCalled: ["chicken thigh"],
    each: { thigh: one(150) },
  }),
  meat("chickenBreast", "Chicken breast", 0.2, 0.74, {
    flavour: "poultry",
    alsoCalled: ["chicken fillet"],
    each: { breast: one(170) },
  }),
  meat("wholeChicken", "Whole chicken", 0.22, 0.66, {
    flavour: "poultry",
    alsoCalled: ["boiling fowl", "stewing hen", "soup hen"],
    each: { chicken: one(1500), bird: one(1500), hen: one(1800) },
  }),
  meat("duckLeg", "Duck legs", 0.3, 0.6, {
    flavour: "poultry",
    alsoCalled: ["duck leg"],
    each: { leg: one(220) },
  }),
  meat("turkeyLeg", "Turkey legs", 0.24, 0.7, {
    flavour: "poultry",
    alsoCalled: ["turkey leg", "turkey thigh", "turkey drumstick"],
    each: { leg: one(700), thigh: one(500), drumstick: one(350) },
  }),
  meat("beefCheek", "Beef cheeks", 0.33, 0.68, {
    alsoCalled: ["beef cheek", "ox cheek"],
    each: { cheek: one(350) },
  }),
  meat("porkCheek", "Pork cheeks", 0.33, 0.68, {
    alsoCalled: ["pork cheek"],
    each: { cheek: one(90) },
  }),
  meat("ham", "Ham, cured, uncooked", 0.2, 0.65, {
    alsoCalled: ["gammon", "raw ham", "ham"],
    saltGKg: saltContent(30),
    petHazard: "cured meat is salty",
  }),
  meat("wildBoar", "Wild boar", 0.3, 0.7, { alsoCalled: ["boar"], game: true }, 0.1),
  meat("bearMeat", "Bear", 0.3, 0.68, { alsoCalled: ["bear meat"], game: true }, 0.15),
  meat("deerDice", "Deer, lean dice", 0.28, 0.73, { alsoCalled: ["venison"], game: true }, 0.07),
  meat("harePieces", "Hare in pieces", 0.28, 0.73, { alsoCalled: ["hare"], game: true }, 0.07),
  meat("mincedBeef", "Minced beef", 0.27, 0.64, {
    alsoCalled: ["ground beef", "mince"],
  }),
  meat("mincedPork", "Minced pork", 0.28, 0.62, {
    alsoCalled: ["ground pork", "pork mince"],
  }),
  meat("mincedLamb", "Minced lamb", 0.28, 0.62, {
    alsoCalled: ["ground lamb", "lamb mince"],
  }),
  meat("mincedPoultry", "Minced turkey or chicken", 0.24, 0.7, {
    flavour: "poultry",
    alsoCalled: ["ground turkey", "ground chicken", "turkey mince", "chicken mince"],
  }),
  meat("sausage", "Fresh sausage", 0.2, 0.5, {
    alsoCalled: ["sausage"],
    saltGKg: saltContent(16),
    petHazard: "sausage is salty and seasoned",
    each: { sausage: one(90) },
  }),
  meat("curedPork", "Cured pork belly", 0.3, 0.4, {
    alsoCalled: ["bacon", "cured pork"],
    saltGKg: saltContent(30),
    petHazard: "cured meat is salty",
  }),
  meat("beefLiver", "Beef liver", 0.25, 0.7, { alsoCalled: ["liver", "calf liver"] }, 0.05),
  meat(
    "poultryLiver",
    "Poultry livers",
    0.25,
    0.72,
    {
      flavour: "poultry",
      alsoCalled: ["chicken liver", "duck liver", "turkey liver"],
      each: { liver: one(40) },
    },
    0.05,
  ),
];

const fish = (
  id: string,
  name: string,
  waterShare: number,
  more: Partial<Ingredient>,
): Ingredient =>
  entry("fish", id, name, MEAT_CUBES, {
    role: "body",
    staging: "last10",
    flavour: "fish",
    waterShare: water(waterShare),
    ...more,
  });

/** Fish and shellfish. Shellfish liquor: model section 8. */
export const FISHES: readonly Ingredient[] = [
  fish("whiteFish", "White fish fillet", 0.8, {
    allergens: ["fish"],
    alsoCalled: ["fish fillet"],
    ...meatFrees(0.15, 0.05),
  }),
  fish("trout", "Trout", 0.75, {
    allergens: ["fish"],
    ...meatFrees(0.15, 0.1),
    each: { trout: one(320) },
  }),
  fish("mussels", "Mussels, live", 0.8, {
    allergens: ["molluscs"],
    alsoCalled: ["mussel"],
    saltGKg: saltContent(7),
    petHazard: "shellfish liquor is salty",
    ...vegetableFrees(0.15),
  }),
  fish("clams", "Clams, live", 0.82, {
    allergens: ["molluscs"],
    alsoCalled: ["clam"],
    saltGKg: saltContent(9),
    petHazard: "shellfish liquor is salty",
    ...vegetableFrees(0.15),
  }),
  fish("crayfishShells", "Crayfish shells", 0.6, {
    allergens: ["crustaceans"],
    alsoCalled: ["crayfish shell"],
    staging: "start",
  }),
  fish("prawnShells", "Prawn shells", 0.6, {
    allergens: ["crustaceans"],
    alsoCalled: ["prawn shell", "shrimp shell"],
    staging: "start",
  }),
];
