import type { Ingredient } from "./ingredient";
import { alcohol, entry, FAT, one, POURED, POWDER, saltContent, water } from "./make";

const SALTY = "no salt for animals";
const DRINK = "no alcohol for animals";

const liquid = (
  id: string,
  name: string,
  waterShare: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("liquid", id, name, POURED, {
    role: "liquid",
    staging: "start",
    isLiquid: true,
    waterShare: water(waterShare),
    ...more,
  });

/** Water, stock, wine and the like. Salt and alcohol: docs/method.md, “The whole dish”. */
export const LIQUIDS: readonly Ingredient[] = [
  liquid("water", "Water", 1),
  liquid("boughtStock", "Bought stock", 0.97, {
    saltGKg: saltContent(8),
    allergens: ["celery"],
    petHazard: SALTY,
  }),
  liquid("lowSaltStock", "Bought stock, low salt", 0.97, {
    saltGKg: saltContent(1.5),
    allergens: ["celery"],
    petHazard: "bought stock often holds onion",
  }),
  liquid("houseStock", "House stock", 0.97),
  liquid("shellfishLiquor", "Shellfish liquor", 0.96, {
    saltGKg: saltContent(12),
    allergens: ["molluscs", "crustaceans"],
    petHazard: "shellfish liquor is salty",
  }),
  liquid("whiteWine", "White wine", 0.87, {
    each: { bottle: one(745), glass: one(150) },
    alcoholShare: alcohol(0.12),
    allergens: ["sulphites"],
    petHazard: DRINK,
  }),
  liquid("redWine", "Red wine", 0.86, {
    each: { bottle: one(745), glass: one(150) },
    alcoholShare: alcohol(0.13),
    allergens: ["sulphites"],
    petHazard: DRINK,
  }),
  liquid("fortifiedWine", "Fortified wine", 0.72, {
    each: { bottle: one(760), glass: one(60) },
    alcoholShare: alcohol(0.18),
    allergens: ["sulphites"],
    petHazard: DRINK,
  }),
  liquid("riceWine", "Rice wine", 0.82, {
    alcoholShare: alcohol(0.15),
    petHazard: DRINK,
  }),
  liquid("darkBeer", "Dark beer", 0.91, {
    each: { bottle: one(500), can: one(440) },
    alcoholShare: alcohol(0.05),
    allergens: ["gluten"],
    petHazard: DRINK,
  }),
  liquid("beer", "Beer", 0.92, {
    each: { bottle: one(500), can: one(500) },
    alcoholShare: alcohol(0.05),
    allergens: ["gluten"],
    petHazard: DRINK,
  }),
  liquid("cider", "Cider, dry", 0.93, {
    each: { bottle: one(500), can: one(440) },
    alcoholShare: alcohol(0.05),
    allergens: ["sulphites"],
    petHazard: DRINK,
  }),
  liquid("appleJuice", "Apple juice", 0.88),
  liquid("orangeJuice", "Orange juice", 0.89, {
    each: { orange: one(70) },
  }),
  liquid("tomatoJuice", "Tomato juice", 0.94, { saltGKg: saltContent(5) }),
  liquid("coffee", "Coffee", 0.99, {
    each: { shot: one(30) },
    petHazard: "coffee harms animals",
  }),
];

const acid = (
  id: string,
  name: string,
  waterShare: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("acid", id, name, POURED, {
    role: "seasoning",
    staging: "start",
    isLiquid: true,
    waterShare: water(waterShare),
    ...more,
  });

export const ACIDS: readonly Ingredient[] = [
  acid("vinegar", "Vinegar", 0.94),
  acid("balsamicVinegar", "Balsamic vinegar", 0.77, {
    allergens: ["sulphites"],
  }),
  acid("limeJuice", "Lime juice", 0.91, {
    each: { lime: one(30) },
  }),
  acid("lemonJuice", "Lemon juice", 0.92, {
    each: { lemon: one(45) },
  }),
  acid("tomatoPaste", "Tomato paste", 0.74, {
    saltGKg: saltContent(3),
    each: { tbsp: one(16), tube: one(200) },
  }),
];

const salt = (id: string, name: string, gKg: number, more: Partial<Ingredient> = {}): Ingredient =>
  entry("salt", id, name, POWDER, {
    role: "seasoning",
    staging: "offHeat",
    waterShare: water(0),
    saltGKg: saltContent(gKg),
    petHazard: SALTY,
    ...more,
  });

/** Salty sauces pour: they are no powder. */
const SAUCE = POURED;

/** Salt and salty seasonings. Salt: docs/method.md, “The whole dish”. */
export const SALTS: readonly Ingredient[] = [
  salt("tableSalt", "Table salt", 1000, {
    each: { tsp: one(6) },
  }),
  salt("flakedSalt", "Flaked salt", 1000, {
    each: { tsp: one(3.5) },
  }),
  salt("bouillonPowder", "Bouillon powder", 450, {
    allergens: ["celery"],
    each: { tsp: one(3), tbsp: one(9) },
  }),
  salt("yeastExtract", "Yeast extract", 100, {
    allergens: ["gluten", "celery"],
    each: { tsp: one(7), tbsp: one(21) },
  }),
  salt("miso", "Miso", 120, {
    allergens: ["soya", "gluten"],
    each: { tsp: one(6), tbsp: one(18) },
  }),
  salt("worcesterSauce", "Worcester sauce", 30, {
    ...SAUCE,
    isLiquid: true,
    waterShare: water(0.75),
    allergens: ["fish", "gluten"],
  }),
  salt("oysterSauce", "Oyster sauce", 100, {
    ...SAUCE,
    isLiquid: true,
    waterShare: water(0.65),
    allergens: ["molluscs", "soya", "gluten"],
  }),
  salt("hotSauce", "Hot sauce", 50, {
    ...SAUCE,
    isLiquid: true,
    waterShare: water(0.85),
  }),
  salt("stockCube", "Stock cubes", 450, {
    allergens: ["celery"],
    each: { cube: one(10) },
  }),
  salt("soySauce", "Soy sauce", 136, {
    ...SAUCE,
    isLiquid: true,
    waterShare: water(0.7),
    allergens: ["soya", "gluten"],
  }),
  salt("fishSauce", "Fish sauce", 208, {
    ...SAUCE,
    isLiquid: true,
    waterShare: water(0.7),
    allergens: ["fish"],
  }),
];

const starch = (id: string, name: string, more: Partial<Ingredient> = {}): Ingredient =>
  entry("starch", id, name, POWDER, {
    role: "thickener",
    staging: "last10",
    waterShare: water(0.12),
    ...more,
  });

export const STARCHES: readonly Ingredient[] = [
  starch("flour", "Wheat flour", {
    each: { tbsp: one(8) },
    allergens: ["gluten"],
  }),
  starch("cornStarch", "Corn starch", {
    each: { tbsp: one(8) },
  }),
  starch("potatoStarch", "Potato starch"),
  starch("arrowroot", "Arrowroot"),
  starch("tapioca", "Tapioca starch"),
  starch("gelatinPowder", "Gelatin powder", {
    each: { tsp: one(3), packet: one(7) },
  }),
];

const dairy = (id: string, name: string, waterShare: number, saltGKg: number): Ingredient =>
  entry("dairy", id, name, POURED, {
    role: "garnish",
    staging: "offHeat",
    isLiquid: true,
    waterShare: water(waterShare),
    saltGKg: saltContent(saltGKg),
    allergens: ["milk"],
  });

export const DAIRY: readonly Ingredient[] = [
  {
    ...dairy("milk", "Milk", 0.88, 1),
  },
  {
    ...dairy("cream", "Cream", 0.58, 1),
  },
  { ...dairy("cremeFraiche", "Crème fraîche", 0.6, 1) },
  {
    ...dairy("yogurt", "Yogurt", 0.86, 1),
  },
  dairy("buttermilk", "Buttermilk", 0.9, 1),
  {
    ...dairy("cheese", "Cheese, grated", 0.38, 18),
    isLiquid: false,
    petHazard: "cheese is salty",
  },
  {
    ...dairy("egg", "Egg", 0.76, 3.5),
    allergens: ["egg"],
    each: { small: one(45), medium: one(55), large: one(62), egg: one(55) },
  },
  {
    ...dairy("eggYolk", "Egg yolk", 0.5, 1),
    allergens: ["egg"],
    each: { yolk: one(18) },
  },
  { ...dairy("sourCream", "Sour cream", 0.74, 1) },
  {
    ...dairy("creamAlternative", "Oat cream", 0.8, 1),
    allergens: ["gluten"],
  },
];

const fat = (id: string, name: string, more: Partial<Ingredient> = {}): Ingredient =>
  entry("fat", id, name, FAT, {
    role: "flavour",
    staging: "start",
    waterShare: water(0),
    petHazard: "no rich fat for animals",
    each: { tsp: one(4.5), tbsp: one(14) },
    ...more,
  });

/** Fats to fry in; they float as fat and never join the liquid. */
export const FATS: readonly Ingredient[] = [
  fat("oil", "Oil"),
  fat("lard", "Lard"),
  fat("butter", "Butter, salted", {
    waterShare: water(0.16),
    saltGKg: saltContent(15),
    allergens: ["milk"],
    each: { tsp: one(4.5), tbsp: one(14), stick: one(113), knob: one(15) },
  }),
  fat("unsaltedButter", "Butter, unsalted", {
    waterShare: water(0.16),
    allergens: ["milk"],
    each: { tsp: one(4.5), tbsp: one(14), stick: one(113), knob: one(15) },
  }),
  fat("ghee", "Ghee", { allergens: ["milk"] }),
  fat("duckFat", "Duck or goose fat"),
  fat("suet", "Suet", { each: {} }),
  fat("coconutOil", "Coconut oil"),
  fat("sesameOil", "Sesame oil", {
    allergens: ["sesame"],
    staging: "last10",
  }),
  fat("tahini", "Tahini", {
    allergens: ["sesame"],
    staging: "last30",
  }),
  fat("beefDripping", "Beef dripping"),
  fat("peanutButter", "Peanut butter", { allergens: ["peanut"], staging: "last30" }),
];

const sweet = (
  id: string,
  name: string,
  each: Ingredient["each"],
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("sweet", id, name, POWDER, {
    role: "seasoning",
    staging: "last10",
    waterShare: water(0),
    each,
    ...more,
  });

/** What sweetens. It dissolves and takes no room. */
export const SWEETS: readonly Ingredient[] = [
  sweet("sugar", "Sugar", { tsp: one(4), tbsp: one(13) }),
  sweet("brownSugar", "Brown sugar", { tsp: one(4.5), tbsp: one(13.5) }),
  sweet("molasses", "Molasses", { tsp: one(7), tbsp: one(21) }),
  sweet("mapleSyrup", "Maple syrup", { tsp: one(7), tbsp: one(20) }),
  sweet("redcurrantJelly", "Redcurrant jelly", { tsp: one(7), tbsp: one(20) }),
  sweet(
    "chocolate",
    "Dark chocolate",
    { square: one(10) },
    {
      allergens: ["milk", "soya"],
      petHazard: "chocolate harms animals",
    },
  ),
  sweet(
    "cocoa",
    "Cocoa powder",
    { tsp: one(2.5), tbsp: one(7) },
    { petHazard: "chocolate harms animals" },
  ),
  sweet("honey", "Honey", { tsp: one(7), tbsp: one(21) }),
];
