import type { Ingredient } from "./ingredient";
import {
  DRIED_FOOD,
  DRY_GRAIN,
  DRY_PULSE,
  entry,
  one,
  POURED,
  saltContent,
  takesUp,
  VEGETABLE,
  vegetableFrees,
  water,
} from "./make";

const HOT = { petHazard: "hot spice upsets cats and dogs" } as const;
const ALLIUM = "onion, garlic, leek and chive harm cats and dogs";

const vegetable = (
  id: string,
  name: string,
  waterShare: number,
  freed: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("vegetable", id, name, VEGETABLE, {
    role: "flavour",
    staging: "lastHour",
    waterShare: water(waterShare),
    ...vegetableFrees(freed),
    ...more,
  });

/** Vegetables. Liquid freed: docs/method.md, “The ledger”. */
export const VEGETABLES: readonly Ingredient[] = [
  vegetable("onion", "Onion", 0.89, 0.25, {
    petHazard: ALLIUM,
    each: { small: one(80), medium: one(150), large: one(230) },
  }),
  vegetable("springOnion", "Spring onion", 0.9, 0.2, {
    petHazard: ALLIUM,
    staging: "offHeat",
    each: { medium: one(15), bunch: one(110) },
  }),
  vegetable("pearlOnion", "Pearl onions", 0.89, 0.15, {
    petHazard: ALLIUM,
    each: { onion: one(20) },
  }),
  vegetable("shallot", "Shallot", 0.8, 0.25, {
    petHazard: ALLIUM,
    each: { shallot: one(30) },
  }),
  vegetable("leek", "Leek", 0.83, 0.2, {
    petHazard: ALLIUM,
    each: { small: one(120), medium: one(200), large: one(300) },
  }),
  vegetable("cookedVegetables", "Cooked vegetables", 0.85, 0, { staging: "last10" }),
  vegetable("carrot", "Carrot", 0.88, 0.08, {
    each: { small: one(60), medium: one(90), large: one(130) },
  }),
  vegetable("celery", "Celery", 0.95, 0.15, {
    allergens: ["celery"],
    each: { stalk: one(50), stick: one(50), rib: one(50), head: one(500), bunch: one(500) },
  }),
  vegetable("celeriac", "Celeriac", 0.88, 0.08, {
    allergens: ["celery"],
    each: { medium: one(700) },
  }),
  vegetable("fennel", "Fennel", 0.9, 0.15, { each: { bulb: one(250) } }),
  vegetable("parsnip", "Parsnip", 0.8, 0.08, { each: { medium: one(120) } }),
  vegetable("turnip", "Turnip", 0.92, 0.08, { each: { medium: one(150) } }),
  vegetable("swede", "Swede", 0.89, 0.08, {
    each: { medium: one(600) },
  }),
  vegetable("beet", "Beetroot", 0.87, 0.08, {
    each: { medium: one(140) },
  }),
  vegetable("daikon", "Daikon", 0.94, 0.1, {
    each: { medium: one(400) },
  }),
  vegetable("kohlrabi", "Kohlrabi", 0.91, 0.08, { each: { medium: one(250) } }),
  vegetable("sweetPotato", "Sweet potato", 0.77, 0.02, {
    each: { small: one(120), medium: one(200), large: one(320) },
  }),
  vegetable("potato", "Potato", 0.79, 0, {
    each: { small: one(90), medium: one(170), large: one(280) },
  }),
  vegetable("tomato", "Tomato, fresh", 0.945, 0.6, {
    each: { small: one(80), medium: one(120), large: one(180) },
  }),
  vegetable("cabbage", "Cabbage", 0.92, 0.2, {
    each: { head: one(1200), small: one(700), medium: one(1200), large: one(1800) },
  }),
  vegetable("kale", "Kale", 0.89, 0.15, {
    staging: "last30",
    each: { bunch: one(250), handful: one(30) },
  }),
  vegetable("chard", "Chard", 0.92, 0.25, {
    staging: "last30",
    each: { bunch: one(300) },
  }),
  vegetable("broccoli", "Broccoli", 0.89, 0.1, { staging: "last10", each: { head: one(400) } }),
  vegetable("cauliflower", "Cauliflower", 0.92, 0.1, {
    staging: "last30",
    each: { head: one(800) },
  }),
  vegetable("brusselsSprout", "Brussels sprouts", 0.86, 0.08, {
    staging: "last30",
    each: { sprout: one(20) },
  }),
  vegetable("courgette", "Courgette", 0.94, 0.3, {
    staging: "last30",
    each: { small: one(120), medium: one(200), large: one(320) },
  }),
  vegetable("aubergine", "Aubergine", 0.92, 0.3, {
    each: { small: one(200), medium: one(300), large: one(450) },
  }),
  vegetable("okra", "Okra", 0.9, 0.1, { staging: "last30", each: { pod: one(12) } }),
  vegetable("asparagus", "Asparagus", 0.93, 0.1, {
    staging: "last10",
    each: { spear: one(20), bunch: one(450) },
  }),
  vegetable("sauerkraut", "Sauerkraut", 0.91, 0.3, {
    saltGKg: saltContent(15),
    petHazard: "pickled goods are salty",
  }),
  vegetable("olive", "Olives", 0.75, 0.05, {
    saltGKg: saltContent(35),
    petHazard: "pickled goods are salty",
    staging: "last30",
    each: { olive: one(4) },
  }),
  vegetable("caper", "Capers", 0.84, 0.05, {
    saltGKg: saltContent(60),
    petHazard: "pickled goods are salty",
    staging: "last30",
    each: { tbsp: one(9), tsp: one(3) },
  }),
  vegetable("gherkin", "Pickled gherkins", 0.92, 0.1, {
    saltGKg: saltContent(15),
    allergens: ["mustard"],
    petHazard: "pickled goods are salty",
    staging: "last30",
    each: { medium: one(60) },
  }),
  vegetable("apple", "Apple", 0.86, 0.15, {
    each: { small: one(120), medium: one(170), large: one(230) },
  }),
  vegetable("quince", "Quince", 0.84, 0.1, { each: { medium: one(250) } }),
  vegetable("orange", "Orange", 0.87, 0.4, {
    each: { small: one(130), medium: one(180), large: one(250) },
  }),
  vegetable("pepper", "Sweet pepper", 0.92, 0.2, {
    each: { small: one(110), medium: one(160), large: one(210) },
  }),
  vegetable("squash", "Squash", 0.9, 0.15, {
    each: { small: one(700), medium: one(1100), large: one(1600) },
  }),
  vegetable("mushroom", "Mushrooms", 0.92, 0.45, {
    each: { medium: one(18) },
  }),
  vegetable("freshChili", "Fresh chili", 0.88, 0.2, {
    petHazard: "hot spice",
    each: { chili: one(15) },
  }),
  vegetable("spinach", "Spinach", 0.91, 0.3, {
    staging: "last10",
    each: { handful: one(30), bunch: one(250) },
  }),
  vegetable("peas", "Peas", 0.79, 0.05, {
    staging: "last10",
  }),
  vegetable("sweetcorn", "Sweetcorn", 0.76, 0.05, {
    staging: "last10",
    each: { ear: one(110) },
  }),
  vegetable("greenBean", "Green beans", 0.9, 0.1, {
    each: { bean: one(6) },
    staging: "last30",
  }),
  entry("vegetable", "cannedTomato", "Canned tomato", POURED, {
    role: "flavour",
    staging: "start",
    isLiquid: true,
    waterShare: water(0.93),
    each: { can: one(400), tin: one(400) },
  }),
  entry("vegetable", "passata", "Sieved tomatoes", POURED, {
    role: "flavour",
    staging: "start",
    isLiquid: true,
    waterShare: water(0.92),
    each: { jar: one(690), carton: one(500), can: one(425) },
  }),
];

const pulse = (
  id: string,
  name: string,
  uptake: number,
  idealMin: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("pulse", id, name, DRY_PULSE, {
    role: "body",
    staging: "start",
    waterShare: water(0.11),
    ...takesUp(uptake, idealMin),
    ...more,
  });

const BEAN = { dryBean: true } as const;

/** Dry pulses. Liquid taken up: docs/method.md, “The ledger”. */
export const PULSES: readonly Ingredient[] = [
  pulse("kidneyBean", "Kidney beans, dry", 1.35, 60, {
    ...BEAN,
  }),
  pulse("runnerBean", "Runner beans, dry", 1.35, 60, {
    ...BEAN,
  }),
  pulse("whiteBean", "White beans, dry", 1.35, 60, {
    ...BEAN,
  }),
  pulse("pintoBean", "Pinto beans, dry", 1.35, 60, { ...BEAN }),
  pulse("navyBean", "Navy beans, dry", 1.3, 60, { ...BEAN }),
  pulse("butterBean", "Butter beans, dry", 1.4, 60, {
    ...BEAN,
  }),
  pulse("borlottiBean", "Borlotti beans, dry", 1.35, 60, {
    ...BEAN,
  }),
  pulse("mixedBeans", "Mixed beans, dry", 1.35, 60, { ...BEAN }),
  pulse("blackEyedPea", "Black-eyed peas, dry", 1.3, 45),
  pulse("mungBean", "Mung beans, dry", 1.3, 40),
  pulse("wholePea", "Whole dried peas", 1.3, 70),
  pulse("blackBean", "Black beans, dry", 1.35, 60, {
    ...BEAN,
  }),
  pulse("chickpea", "Chickpeas, dry", 1.25, 85),
  pulse("brownLentil", "Brown lentils", 1.5, 18),
  pulse("redLentil", "Red lentils", 1.5, 18),
  pulse("splitPea", "Split peas", 1.5, 60),
  pulse("greenLentil", "Green lentils", 1.4, 22),
];

const GLUTEN = { allergens: ["gluten"] } as const;

const grain = (
  id: string,
  name: string,
  uptake: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("grain", id, name, DRY_GRAIN, {
    role: "garnish",
    staging: "afterStrain",
    waterShare: water(0.12),
    ...takesUp(uptake, 22),
    ...more,
  });

/** Grains. Liquid taken up: docs/method.md, “The ledger”. */
export const GRAINS: readonly Ingredient[] = [
  grain("pearledSpelt", "Pearled spelt", 2.7, {
    ...GLUTEN,
  }),
  grain("pearlBarley", "Pearl barley", 2.7, {
    ...GLUTEN,
  }),
  grain("oatGroats", "Oat groats", 2.7, { ...GLUTEN }),
  grain("rice", "Rice", 2.2),
  grain("brownRice", "Brown rice", 2.2),
  grain("wildRice", "Wild rice", 2.4),
  grain("bulgur", "Bulgur", 2.2, { ...GLUTEN }),
  grain("couscous", "Couscous", 1.6, GLUTEN),
  grain("quinoa", "Quinoa", 2),
  grain("millet", "Millet", 2.3),
  grain("polenta", "Polenta", 4),
  grain("rolledOats", "Rolled oats", 3, {
    ...GLUTEN,
  }),
  grain("breadcrumbs", "Breadcrumbs", 3, {
    ...GLUTEN,
  }),
  grain("bread", "Bread", 1.5, {
    ...GLUTEN,
    each: { slice: one(40) },
  }),
  grain("eggNoodle", "Egg noodles", 1.4, {
    each: { nest: one(60) },
    allergens: ["gluten", "egg"],
  }),
  grain("pasta", "Pasta, small", 1.4, {
    ...GLUTEN,
  }),
];

const dried = (
  id: string,
  name: string,
  uptake: number,
  waterShare: number,
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("dried", id, name, DRIED_FOOD, {
    role: "flavour",
    staging: "lastHour",
    waterShare: water(waterShare),
    ...takesUp(uptake, 20),
    ...more,
  });

/** Dried goods. Liquid taken up: docs/method.md, “The ledger”. */
export const DRIEDS: readonly Ingredient[] = [
  dried("driedMushroom", "Dried mushrooms", 5, 0.1, { each: { mushroom: one(2), piece: one(2) } }),
  dried("kelp", "Kelp, dried", 3.5, 0.1, {
    each: { piece: one(10), sheet: one(10), strip: one(8) },
    staging: "start",
  }),
  dried("driedApricot", "Dried apricots", 0.8, 0.3, {
    allergens: ["sulphites"],
    each: { apricot: one(8) },
  }),
  dried("prune", "Prunes", 0.8, 0.31, {
    each: { prune: one(9) },
  }),
  dried("raisin", "Raisins", 0.8, 0.15, {
    petHazard: "grapes and raisins harm dogs",
  }),
  dried("driedChestnut", "Dried chestnuts", 1.0, 0.1, { each: { chestnut: one(4) } }),
  dried("driedChili", "Dried chilies", 1.5, 0.1, {
    petHazard: "hot spice",
    each: { chili: one(3), chile: one(3), chilli: one(3) },
  }),
  dried("driedTomato", "Dried tomatoes", 1, 0.15, { each: { half: one(4), tomato: one(4) } }),
  dried("date", "Dates", 0.4, 0.21, { each: { date: one(8) } }),
  dried("fig", "Dried figs", 0.7, 0.3, { each: { fig: one(15) } }),
  dried("driedCranberry", "Dried cranberries", 0.6, 0.16),
  dried("walnut", "Walnuts", 0.1, 0.04, {
    each: { walnut: one(5), half: one(2.5) },
    allergens: ["nuts"],
    petHazard: "nuts harm dogs",
  }),
  dried("almond", "Almonds", 0.2, 0.05, {
    each: { almond: one(1.2) },
    allergens: ["nuts"],
    petHazard: "nuts harm dogs",
  }),
  dried("cashew", "Cashews", 0.2, 0.05, {
    each: { cashew: one(1.5) },
    allergens: ["nuts"],
    petHazard: "nuts harm dogs",
  }),
  dried("hazelnut", "Hazelnuts", 0.1, 0.05, {
    each: { hazelnut: one(1.3) },
    allergens: ["nuts"],
    petHazard: "nuts harm dogs",
  }),
  dried("peanut", "Peanuts", 0.2, 0.06, {
    each: { peanut: one(0.8) },
    allergens: ["peanut"],
    petHazard: "salted nuts and rich fat",
  }),
  dried("desiccatedCoconut", "Desiccated coconut", 0.8, 0.03),
];

const herb = (
  id: string,
  name: string,
  staging: Ingredient["staging"],
  each: Ingredient["each"] = {},
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("aromatic", id, name, VEGETABLE, {
    role: "flavour",
    staging,
    waterShare: water(0.8),
    each,
    ...more,
  });

const spice = (
  id: string,
  name: string,
  each: Ingredient["each"] = {},
  more: Partial<Ingredient> = {},
): Ingredient =>
  entry("aromatic", id, name, DRIED_FOOD, {
    role: "flavour",
    staging: "lastHour",
    waterShare: water(0.1),
    each,
    ...more,
  });

/** Herbs, spices and other aromatics. */
export const AROMATICS: readonly Ingredient[] = [
  herb("herbBundle", "Herb bundle", "lastHour", { bundle: one(20) }),
  herb(
    "garlic",
    "Garlic",
    "lastHour",
    { clove: one(5), bulb: one(45), head: one(45) },
    { petHazard: ALLIUM },
  ),
  herb("ginger", "Ginger", "lastHour", { piece: one(20), knob: one(15), thumb: one(20) }),
  herb("parsley", "Parsley", "offHeat", { sprig: one(2), stalk: one(2), bunch: one(50) }),
  herb("thyme", "Thyme", "lastHour", { sprig: one(1), bunch: one(20) }),
  herb("rosemary", "Rosemary", "last30", { sprig: one(3), bunch: one(25) }),
  herb("sage", "Sage", "last30", { leaf: one(0.5), sprig: one(3), bunch: one(20) }),
  herb("tarragon", "Tarragon", "last10", { sprig: one(2), bunch: one(20) }),
  herb("marjoram", "Marjoram", "last30", { sprig: one(1), bunch: one(20) }),
  herb("savory", "Savory", "lastHour", { sprig: one(2) }),
  herb("basil", "Basil", "offHeat", { leaf: one(0.5), sprig: one(3), bunch: one(40) }),
  herb("mint", "Mint", "offHeat", { leaf: one(0.3), sprig: one(2), bunch: one(30) }),
  spice("mixedHerbs", "Mixed dried herbs", { tsp: one(1), tbsp: one(3) }),
  herb("lemonZest", "Lemon zest", "last10", { strip: one(2), tsp: one(2), lemon: one(6) }),
  herb("orangeZest", "Orange zest", "last30", { strip: one(2), tsp: one(2), orange: one(9) }),
  herb("limeZest", "Lime zest", "last10", { strip: one(1), tsp: one(2), lime: one(3) }),
  herb("lovage", "Lovage", "last10", { sprig: one(4) }, { allergens: ["celery"] }),
  herb("chive", "Chives", "offHeat", { bunch: one(25) }, { petHazard: ALLIUM }),
  spice("bayLeaf", "Bay leaf", { leaf: one(0.3) }),
  spice("peppercorn", "Peppercorns", { peppercorn: one(0.04), tsp: one(2.5) }),
  spice("whitePepper", "White pepper", { peppercorn: one(0.04), tsp: one(2.4) }),
  spice("cayenne", "Cayenne", { tsp: one(2) }, { ...HOT }),
  spice(
    "chiliFlakes",
    "Chili flakes",
    { tsp: one(1.8) },
    {
      ...HOT,
    },
  ),
  spice("juniper", "Juniper berries", { berry: one(0.15) }),
  spice("clove", "Cloves", { clove: one(0.07), tsp: one(2) }),
  spice("allspice", "Allspice", { berry: one(0.08), tsp: one(2) }),
  spice("cardamom", "Cardamom", { pod: one(0.2), tsp: one(2) }),
  spice("fennelSeed", "Fennel seed", { tsp: one(2) }),
  spice("celerySeed", "Celery seed", { tsp: one(2) }, { allergens: ["celery"] }),
  spice("mustardSeed", "Mustard seed", { tsp: one(3) }, { allergens: ["mustard"] }),
  spice(
    "mustardPowder",
    "Mustard powder",
    { tsp: one(2), tbsp: one(6) },
    {
      allergens: ["mustard"],
    },
  ),
  spice(
    "curryPowder",
    "Curry powder",
    { tsp: one(2), tbsp: one(6) },
    { ...HOT, allergens: ["mustard"] },
  ),
  spice("garamMasala", "Garam masala", { tsp: one(2), tbsp: one(6) }),
  spice("garlicPowder", "Garlic powder", { tsp: one(3) }, { petHazard: ALLIUM }),
  spice("onionPowder", "Onion powder", { tsp: one(2.5) }, { petHazard: ALLIUM }),
  spice("saffron", "Saffron", { pinch: one(0.3), thread: one(0.002) }),
  spice(
    "mace",
    "Mace",
    { blade: one(0.5), tsp: one(1.7) },
    { petHazard: "nutmeg and mace harm dogs" },
  ),
  spice("caraway", "Caraway"),
  spice("cumin", "Cumin, ground", { tsp: one(2.5), tbsp: one(7) }),
  spice("paprika", "Paprika", { tsp: one(2.5), tbsp: one(7) }),
  spice("smokedPaprika", "Smoked paprika", { tsp: one(2.5), tbsp: one(7) }),
  spice("hotPaprika", "Hot paprika", { tsp: one(2.5), tbsp: one(7) }, { ...HOT }),
  spice("oregano", "Oregano, dried", { tsp: one(1), tbsp: one(3) }),
  spice("turmeric", "Turmeric", { tsp: one(3) }),
  spice("corianderSeed", "Coriander seed", { tsp: one(2) }),
  spice("cinnamonStick", "Cinnamon stick", { stick: one(4), tsp: one(2.5) }),
  spice("starAnise", "Star anise", { star: one(1) }),
  spice("spiceBall", "Spice ball", { ball: one(15) }),
  herb("lemongrass", "Lemongrass", "start", { stalk: one(25) }),
  herb("dill", "Dill", "offHeat", { bunch: one(25) }),
  herb("coriander", "Coriander leaves", "offHeat", { bunch: one(30) }),
  spice(
    "chiliPowder",
    "Chili powder",
    {},
    {
      petHazard: "hot spice upsets cats and dogs",
    },
  ),
  spice("nutmeg", "Nutmeg", { nutmeg: one(5) }, { petHazard: "nutmeg and mace harm dogs" }),
];
