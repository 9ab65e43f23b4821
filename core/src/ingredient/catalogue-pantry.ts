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

/** Water, stock, wine and the like. Salt and alcohol: model section 14. */
export const LIQUIDS: readonly Ingredient[] = [
  liquid("water", "Water", 1),
  liquid("boughtStock", "Bought stock", 0.97, {
    alsoCalled: ["stock", "chicken stock", "beef stock", "vegetable stock", "broth"],
    saltGKg: saltContent(8),
    allergens: ["celery"],
    petHazard: SALTY,
  }),
  liquid("lowSaltStock", "Bought stock, low salt", 0.97, {
    saltGKg: saltContent(1.5),
    allergens: ["celery"],
    petHazard: "bought stock often holds onion",
  }),
  liquid("houseStock", "House stock", 0.97, {
    alsoCalled: ["own stock"],
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
  liquid("beer", "Beer", 0.92, {
    each: { bottle: one(500), can: one(500) },
    alcoholShare: alcohol(0.05),
    allergens: ["gluten"],
    petHazard: DRINK,
  }),
  liquid("cider", "Cider, dry", 0.93, {
    alsoCalled: ["cider", "dry cider"],
    each: { bottle: one(500), can: one(440) },
    alcoholShare: alcohol(0.05),
    allergens: ["sulphites"],
    petHazard: DRINK,
  }),
  liquid("appleJuice", "Apple juice", 0.88),
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
  acid("vinegar", "Vinegar", 0.94, {
    alsoCalled: [
      "wine vinegar",
      "white wine vinegar",
      "red wine vinegar",
      "cider vinegar",
      "apple cider vinegar",
      "malt vinegar",
    ],
  }),
  acid("lemonJuice", "Lemon juice", 0.92, {
    alsoCalled: ["lemon"],
    each: { lemon: one(45) },
  }),
  acid("tomatoPaste", "Tomato paste", 0.74, {
    saltGKg: saltContent(3),
    alsoCalled: ["tomato puree"],
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

/** Salt and salty seasonings. Salt: model section 14. */
export const SALTS: readonly Ingredient[] = [
  salt("tableSalt", "Table salt", 1000, {
    alsoCalled: ["salt"],
    each: { tsp: one(6) },
  }),
  salt("flakedSalt", "Flaked salt", 1000, { each: { tsp: one(3.5) } }),
  salt("stockCube", "Stock cubes", 450, {
    alsoCalled: ["stock cube", "bouillon cube"],
    allergens: ["celery"],
    each: { cube: one(10) },
  }),
  salt("soySauce", "Soy sauce", 136, {
    isLiquid: true,
    waterShare: water(0.7),
    allergens: ["soya", "gluten"],
  }),
  salt("fishSauce", "Fish sauce", 208, {
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
    alsoCalled: ["flour", "plain flour"],
    each: { tbsp: one(8) },
    allergens: ["gluten"],
  }),
  starch("cornStarch", "Corn starch", { alsoCalled: ["cornflour"], each: { tbsp: one(8) } }),
  starch("potatoStarch", "Potato starch"),
  starch("arrowroot", "Arrowroot"),
  starch("tapioca", "Tapioca starch"),
  starch("gelatinPowder", "Gelatin powder"),
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
  dairy("milk", "Milk", 0.88, 1),
  dairy("cream", "Cream", 0.58, 1),
  dairy("sourCream", "Sour cream", 0.74, 1),
  {
    ...dairy("creamAlternative", "Oat cream", 0.8, 1),
    alsoCalled: ["plant cream"],
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
  fat("oil", "Oil", { alsoCalled: ["olive oil", "vegetable oil", "rapeseed oil"] }),
  fat("lard", "Lard"),
  fat("butter", "Butter, salted", {
    alsoCalled: ["butter"],
    waterShare: water(0.16),
    saltGKg: saltContent(15),
    allergens: ["milk"],
  }),
  fat("beefDripping", "Beef dripping", { alsoCalled: ["dripping", "tallow"] }),
  fat("peanutButter", "Peanut butter", { allergens: ["peanut"], staging: "last30" }),
];

const sweet = (id: string, name: string, each: Ingredient["each"]): Ingredient =>
  entry("sweet", id, name, POWDER, {
    role: "seasoning",
    staging: "last10",
    waterShare: water(0),
    each,
  });

/** What sweetens. It dissolves and takes no room. */
export const SWEETS: readonly Ingredient[] = [
  sweet("sugar", "Sugar", { tsp: one(4), tbsp: one(13) }),
  sweet("honey", "Honey", { tsp: one(7), tbsp: one(21) }),
];
