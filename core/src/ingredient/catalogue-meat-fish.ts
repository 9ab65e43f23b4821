import type { Ingredient } from "./ingredient";
import { entry, MEAT_CUBES, meatFrees, one, saltContent, vegetableFrees, water } from "./make";

export const meat = (
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

/** Meats by cut. Juice freed: docs/method.md, “The ledger”. */
export const MEATS: readonly Ingredient[] = [
  meat("beefChuck", "Beef chuck", 0.33, 0.65),
  meat("beefShank", "Beef shank", 0.26, 0.7, { each: { slice: one(350) } }),
  meat("beefBrisket", "Beef brisket", 0.36, 0.6, { each: { brisket: one(4500) } }),
  meat("lambShoulder", "Lamb shoulder", 0.33, 0.62),
  meat("muttonShoulder", "Mutton shoulder", 0.33, 0.6),
  meat("goatShoulder", "Goat shoulder", 0.33, 0.68, {}, 0.12),
  meat("porkShoulder", "Pork shoulder", 0.34, 0.63),
  meat("chickenThigh", "Chicken thighs", 0.24, 0.7, {
    flavour: "poultry",
    each: { thigh: one(150) },
  }),
  meat("chickenBreast", "Chicken breast", 0.2, 0.74, {
    flavour: "poultry",
    each: { breast: one(170) },
  }),
  meat("wholeChicken", "Whole chicken", 0.22, 0.66, {
    flavour: "poultry",
    each: { chicken: one(1500), bird: one(1500), hen: one(1800) },
  }),
  meat("duckLeg", "Duck legs", 0.3, 0.6, {
    flavour: "poultry",
    each: { leg: one(220) },
  }),
  meat("turkeyLeg", "Turkey legs", 0.24, 0.7, {
    flavour: "poultry",
    each: { leg: one(700), thigh: one(500), drumstick: one(350) },
  }),
  meat("beefShankSlice", "Cross-cut beef shank on the bone", 0.25, 0.68, {
    each: { slice: one(400) },
  }),
  meat("beefRound", "Beef silverside or round", 0.34, 0.7, { each: { slice: one(180) } }),
  meat("shortRib", "Beef short ribs", 0.3, 0.55, {
    each: { rib: one(350) },
  }),
  meat("beefTongue", "Beef tongue", 0.28, 0.65, {
    each: { tongue: one(1300) },
  }),
  meat("beefHeart", "Beef heart", 0.28, 0.74, { each: { heart: one(1500) } }, 0.08),
  meat(
    "kidney",
    "Kidney",
    0.25,
    0.77,
    {
      each: { kidney: one(65) },
    },
    0.05,
  ),
  meat("vealShoulder", "Veal shoulder", 0.32, 0.72, {}, 0.1),
  meat("vealShank", "Veal shank, cross-cut", 0.25, 0.7, {
    each: { slice: one(300) },
  }),
  meat("lambShank", "Lamb shanks", 0.26, 0.66, {
    each: { shank: one(420) },
  }),
  meat("lambLeg", "Leg of lamb", 0.3, 0.65, { each: { leg: one(2200) } }),
  meat("porkBelly", "Pork belly, raw", 0.34, 0.45, { each: { slice: one(40) } }, 0.5),
  meat("porkHock", "Pork hock, fresh", 0.28, 0.6, {
    each: { hock: one(900), knuckle: one(900) },
  }),
  meat("hamHock", "Ham hock, cured", 0.25, 0.58, {
    saltGKg: saltContent(25),
    petHazard: "cured meat is salty",
    each: { hock: one(700) },
  }),
  meat("cookedHam", "Cooked ham", 0.08, 0.72, {
    staging: "last10",
    saltGKg: saltContent(22),
    petHazard: "cured meat is salty",
    each: { slice: one(30) },
  }),
  meat("cookedBeef", "Cooked beef", 0.05, 0.6, {
    each: { slice: one(40) },
    staging: "last10",
    petHazard: "cooked for people: it may be salted, or hold onion",
    saltGKg: saltContent(4),
  }),
  meat(
    "deerShank",
    "Deer shank, cross-cut",
    0.25,
    0.72,
    { game: true, each: { slice: one(250) } },
    0.05,
  ),
  meat("elk", "Elk or moose", 0.28, 0.73, { game: true }, 0.07),
  meat("beefCheek", "Beef cheeks", 0.33, 0.68, {
    each: { cheek: one(350) },
  }),
  meat("porkCheek", "Pork cheeks", 0.33, 0.68, {
    each: { cheek: one(90) },
  }),
  meat("ham", "Raw cured ham", 0.2, 0.65, {
    each: { slice: one(30) },
    saltGKg: saltContent(30),
    petHazard: "cured meat is salty",
  }),
  meat("wildBoar", "Wild boar", 0.3, 0.7, { game: true }, 0.1),
  meat("bearMeat", "Bear", 0.3, 0.68, { game: true }, 0.15),
  meat("deerDice", "Deer, lean dice", 0.28, 0.73, { game: true }, 0.07),
  meat("harePieces", "Hare in pieces", 0.28, 0.73, { game: true, each: { hare: one(2000) } }, 0.07),
  meat("mincedBeef", "Minced beef", 0.27, 0.64),
  meat("mincedPork", "Minced pork", 0.28, 0.62),
  meat("mincedLamb", "Minced lamb", 0.28, 0.62),
  meat("mincedPoultry", "Minced turkey or chicken", 0.24, 0.7, {
    flavour: "poultry",
  }),
  meat("sausage", "Fresh sausage", 0.2, 0.5, {
    saltGKg: saltContent(16),
    petHazard: "sausage is salty and seasoned",
    each: { sausage: one(90) },
  }),
  meat("spicedSausage", "Cured spiced sausage", 0.15, 0.4, {
    saltGKg: saltContent(30),
    petHazard: "sausage is salty and seasoned",
    each: { sausage: one(80) },
  }),
  meat("curedPork", "Cured pork belly", 0.3, 0.4, {
    each: { slice: one(28), rasher: one(28), strip: one(28) },
    saltGKg: saltContent(30),
    petHazard: "cured meat is salty",
  }),
  meat("beefLiver", "Beef liver", 0.25, 0.7, { each: { slice: one(90) } }, 0.05),
  meat(
    "poultryLiver",
    "Poultry livers",
    0.25,
    0.72,
    {
      flavour: "poultry",
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

/** Fish and shellfish. Shellfish liquor: docs/method.md, “The ledger”. */
export const FISHES: readonly Ingredient[] = [
  fish("whiteFish", "White fish fillet", 0.8, {
    allergens: ["fish"],
    ...meatFrees(0.15, 0.05),
    each: { fillet: one(160) },
  }),
  fish("salmon", "Salmon", 0.67, {
    allergens: ["fish"],
    ...meatFrees(0.12, 0.3),
    each: { fillet: one(160) },
  }),
  fish("smokedFish", "Smoked fish fillet", 0.7, {
    each: { fillet: one(150) },
    allergens: ["fish"],
    saltGKg: saltContent(20),
    petHazard: "smoked fish is salty",
    ...meatFrees(0.1, 0.05),
  }),
  fish("saltCod", "Salt cod, soaked", 0.75, {
    each: { piece: one(250) },
    allergens: ["fish"],
    saltGKg: saltContent(25),
    petHazard: "salted fish is salty",
    ...meatFrees(0.1, 0.05),
  }),
  fish("anchovy", "Anchovies, salted", 0.5, {
    allergens: ["fish"],
    saltGKg: saltContent(120),
    petHazard: "salted fish is salty",
    staging: "start",
    each: { fillet: one(4), anchovy: one(4) },
  }),
  fish("prawns", "Prawns, raw", 0.78, {
    allergens: ["crustaceans"],
    ...meatFrees(0.15, 0.05),
    each: { prawn: one(18), shrimp: one(15) },
  }),
  fish("scallops", "Scallops", 0.78, {
    allergens: ["molluscs"],
    ...meatFrees(0.15, 0.05),
    each: { scallop: one(25) },
  }),
  fish("squid", "Squid", 0.79, {
    each: { tube: one(100), squid: one(150) },
    allergens: ["molluscs"],
    ...meatFrees(0.25, 0.03),
  }),
  fish("crab", "Crab, whole", 0.75, {
    allergens: ["crustaceans"],
    petHazard: "shellfish liquor is salty",
    each: { crab: one(800) },
    ...vegetableFrees(0.1),
  }),
  fish("trout", "Trout", 0.75, {
    allergens: ["fish"],
    ...meatFrees(0.15, 0.1),
    each: { trout: one(320) },
  }),
  fish("mussels", "Mussels, live", 0.8, {
    allergens: ["molluscs"],
    each: { mussel: one(18) },
    saltGKg: saltContent(7),
    petHazard: "shellfish liquor is salty",
    ...vegetableFrees(0.15),
  }),
  fish("clams", "Clams, live", 0.82, {
    allergens: ["molluscs"],
    each: { clam: one(35) },
    saltGKg: saltContent(9),
    petHazard: "shellfish liquor is salty",
    ...vegetableFrees(0.15),
  }),
  fish("crayfishShells", "Crayfish shells", 0.6, {
    allergens: ["crustaceans"],
    staging: "start",
  }),
  fish("prawnShells", "Prawn shells", 0.6, {
    allergens: ["crustaceans"],
    staging: "start",
  }),
];
