import type { Ingredient } from "./ingredient";
import { DRIED_FOOD, entry, MEAT_CUBES, meatFrees, one, POURED, saltContent, water } from "./make";

const MADE = "made-up goods hold salt, onion or spice";

const poured = (
  id: string,
  name: string,
  waterShare: number,
  saltGKg: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("liquid", id, name, POURED, {
    role: "seasoning",
    staging: "start",
    isLiquid: true,
    waterShare: water(waterShare),
    saltGKg: saltContent(saltGKg),
    petHazard: MADE,
    ...more,
  });

/** Ready-made goods. Their values are typical labels; a packet's own label replaces them on the plan. */
export const READY_MADE: readonly Ingredient[] = [
  poured("condensedSoup", "Condensed soup", 0.78, 18, {
    allergens: ["milk", "gluten", "celery"],
    each: { can: one(295), tin: one(295) },
  }),
  poured("jarSauce", "Sauce from a jar", 0.82, 11, {
    each: { jar: one(400) },
  }),
  poured("curryPaste", "Curry paste", 0.6, 60, {
    allergens: ["crustaceans", "mustard"],
    each: { tbsp: one(18), jar: one(200) },
  }),
  poured("bouillonPaste", "Bouillon paste", 0.3, 380, {
    allergens: ["celery"],
    each: { tsp: one(7), tbsp: one(21) },
  }),
  poured("coconutMilk", "Coconut milk", 0.75, 0.3, {
    staging: "last30",
    petHazard: "too rich for animals",
    each: { can: one(400), tin: one(400) },
  }),
  poured("tomatoSauce", "Tomato sauce, canned", 0.89, 12, {
    each: { can: one(225), jar: one(400) },
  }),
  poured("ketchup", "Ketchup", 0.68, 25, {
    each: { tbsp: one(17) },
  }),
  poured("mustard", "Mustard", 0.7, 50, {
    allergens: ["mustard"],
    staging: "last10",
    each: { tsp: one(6), tbsp: one(17) },
  }),
  poured("brandy", "Brandy", 0.65, 0, {
    alcoholShare: { ...saltContent(0.38), name: "alcohol by volume", unit: "" },
    petHazard: "no alcohol for animals",
    each: { tbsp: one(14) },
  }),
  poured("spirit", "Rum or whisky", 0.65, 0, {
    alcoholShare: { ...saltContent(0.4), name: "alcohol by volume", unit: "" },
    petHazard: "no alcohol for animals",
    each: { tbsp: one(14) },
  }),
  entry("aromatic", "onionSoupMix", "Onion soup mix", DRIED_FOOD, {
    role: "seasoning",
    staging: "start",
    waterShare: water(0.05),
    saltGKg: saltContent(220),
    allergens: ["gluten", "celery", "milk"],
    petHazard: MADE,
    each: { packet: one(40), sachet: one(40), mix: one(40), envelope: one(40) },
  }),
  entry("aromatic", "gravyGranules", "Gravy granules", DRIED_FOOD, {
    role: "thickener",
    staging: "last10",
    waterShare: water(0.05),
    saltGKg: saltContent(150),
    allergens: ["gluten", "celery", "milk"],
    petHazard: MADE,
    each: { tsp: one(3), tbsp: one(8) },
  }),
  entry("aromatic", "seasoningPacket", "Seasoning packet", DRIED_FOOD, {
    role: "seasoning",
    staging: "start",
    waterShare: water(0.08),
    saltGKg: saltContent(200),
    allergens: ["gluten", "celery"],
    petHazard: MADE,
    each: { packet: one(40), sachet: one(40) },
  }),
  entry("pulse", "cannedBeans", "Beans, canned", MEAT_CUBES, {
    role: "body",
    staging: "last30",
    waterShare: water(0.72),
    saltGKg: saltContent(5),
    petHazard: "canned beans are salted",
    each: { can: one(240), tin: one(240) },
  }),
  entry("pulse", "cannedChickpeas", "Chickpeas, canned", MEAT_CUBES, {
    role: "body",
    staging: "last30",
    waterShare: water(0.72),
    saltGKg: saltContent(5),
    petHazard: "canned pulses are salted",
    each: { can: one(240), tin: one(240) },
  }),
  entry("pulse", "cannedLentils", "Lentils, canned", MEAT_CUBES, {
    role: "body",
    staging: "last30",
    waterShare: water(0.72),
    saltGKg: saltContent(5),
    petHazard: "canned pulses are salted",
    each: { can: one(240), tin: one(240) },
  }),
  entry("grain", "cannedHominy", "Hominy, canned", MEAT_CUBES, {
    role: "body",
    staging: "last30",
    waterShare: water(0.8),
    saltGKg: saltContent(5),
    petHazard: "canned goods are salted",
    each: { can: one(450), tin: one(450) },
  }),
  entry("meat", "smokedSausage", "Smoked sausage", MEAT_CUBES, {
    role: "body",
    staging: "last30",
    flavour: "meat",
    waterShare: water(0.52),
    saltGKg: saltContent(22),
    petHazard: "sausage is salty and seasoned",
    ...meatFrees(0.1),
    each: { sausage: one(100) },
  }),
];
