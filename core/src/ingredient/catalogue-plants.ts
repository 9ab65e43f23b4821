import type { Ingredient } from "./ingredient";
import {
  DRIED_FOOD,
  DRY_GRAIN,
  DRY_PULSE,
  entry,
  one,
  POURED,
  takesUp,
  VEGETABLE,
  vegetableFrees,
  water,
} from "./make";

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

/** Vegetables. Liquid freed: model section 8. */
export const VEGETABLES: readonly Ingredient[] = [
  vegetable("onion", "Onion", 0.89, 0.25, {
    petHazard: ALLIUM,
    each: { small: one(80), medium: one(150), large: one(230) },
  }),
  vegetable("shallot", "Shallot", 0.8, 0.25, {
    petHazard: ALLIUM,
    each: { shallot: one(30) },
  }),
  vegetable("leek", "Leek", 0.83, 0.2, {
    petHazard: ALLIUM,
    each: { small: one(120), medium: one(200), large: one(300) },
  }),
  vegetable("carrot", "Carrot", 0.88, 0.08, {
    each: { small: one(60), medium: one(90), large: one(130) },
  }),
  vegetable("celery", "Celery", 0.95, 0.15, {
    allergens: ["celery"],
    each: { stalk: one(50), stick: one(50), head: one(500) },
  }),
  vegetable("celeriac", "Celeriac", 0.88, 0.08, {
    allergens: ["celery"],
    each: { medium: one(700) },
  }),
  vegetable("fennel", "Fennel", 0.9, 0.15, { each: { bulb: one(250) } }),
  vegetable("parsnip", "Parsnip", 0.8, 0.08, { each: { medium: one(120) } }),
  vegetable("turnip", "Turnip", 0.92, 0.08, { each: { medium: one(150) } }),
  vegetable("swede", "Swede", 0.89, 0.08, { each: { medium: one(600) } }),
  vegetable("beet", "Beetroot", 0.87, 0.08, {
    alsoCalled: ["beet"],
    each: { medium: one(140) },
  }),
  vegetable("potato", "Potato", 0.79, 0, {
    each: { small: one(90), medium: one(170), large: one(280) },
  }),
  vegetable("tomato", "Tomato, fresh", 0.945, 0.6, {
    alsoCalled: ["tomato"],
    each: { small: one(80), medium: one(120), large: one(180) },
  }),
  vegetable("cabbage", "Cabbage", 0.92, 0.2, { each: { head: one(1200) } }),
  vegetable("pepper", "Sweet pepper", 0.92, 0.2, {
    alsoCalled: ["bell pepper"],
    each: { medium: one(160) },
  }),
  vegetable("squash", "Squash", 0.9, 0.15, { alsoCalled: ["pumpkin"] }),
  vegetable("mushroom", "Mushrooms", 0.92, 0.45, {
    alsoCalled: ["mushroom"],
    each: { medium: one(18) },
  }),
  vegetable("freshChili", "Fresh chili", 0.88, 0.2, {
    alsoCalled: ["chili pepper", "chilli"],
    petHazard: "hot spice",
    each: { chili: one(15) },
  }),
  vegetable("spinach", "Spinach", 0.91, 0.3, { staging: "last10" }),
  vegetable("peas", "Peas", 0.79, 0.05, { alsoCalled: ["pea", "frozen pea"], staging: "last10" }),
  vegetable("sweetcorn", "Sweetcorn", 0.76, 0.05, { staging: "last10" }),
  vegetable("greenBean", "Green beans", 0.9, 0.1, {
    alsoCalled: ["green bean"],
    staging: "last30",
  }),
  entry("vegetable", "cannedTomato", "Canned tomato", POURED, {
    role: "flavour",
    staging: "start",
    isLiquid: true,
    alsoCalled: ["tinned tomato", "canned tomato"],
    waterShare: water(0.93),
    each: { can: one(400), tin: one(400) },
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

/** Dry pulses. Liquid taken up: model section 8. */
export const PULSES: readonly Ingredient[] = [
  pulse("kidneyBean", "Kidney beans, dry", 1.35, 60, {
    alsoCalled: ["kidney bean"],
    ...BEAN,
  }),
  pulse("runnerBean", "Runner beans, dry", 1.35, 60, {
    alsoCalled: ["runner bean"],
    ...BEAN,
  }),
  pulse("whiteBean", "White beans, dry", 1.35, 60, {
    alsoCalled: ["cannellini", "haricot", "white bean"],
    ...BEAN,
  }),
  pulse("blackBean", "Black beans, dry", 1.35, 60, {
    alsoCalled: ["black bean"],
    ...BEAN,
  }),
  pulse("chickpea", "Chickpeas, dry", 1.25, 85, { alsoCalled: ["chickpea"] }),
  pulse("brownLentil", "Brown lentils", 1.5, 18, { alsoCalled: ["lentil"] }),
  pulse("redLentil", "Red lentils", 1.5, 18, { alsoCalled: ["split lentil"] }),
  pulse("splitPea", "Split peas", 1.5, 60, { alsoCalled: ["split pea"] }),
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

/** Grains. Liquid taken up: model section 8. */
export const GRAINS: readonly Ingredient[] = [
  grain("pearledSpelt", "Pearled spelt", 2.7, {
    alsoCalled: ["spelt"],
    ...GLUTEN,
  }),
  grain("pearlBarley", "Pearl barley", 2.7, {
    alsoCalled: ["barley"],
    ...GLUTEN,
  }),
  grain("oatGroats", "Oat groats", 2.7, { alsoCalled: ["oat"], ...GLUTEN }),
  grain("rice", "Rice", 2.2),
  grain("pasta", "Pasta, small", 1.4, { alsoCalled: ["noodle"], ...GLUTEN }),
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

/** Dried goods. Liquid taken up: model section 8. */
export const DRIEDS: readonly Ingredient[] = [
  dried("driedMushroom", "Dried mushrooms", 5, 0.1, {
    alsoCalled: ["dried mushroom"],
  }),
  dried("kelp", "Kelp, dried", 3.5, 0.1, {
    alsoCalled: ["seaweed"],
    staging: "start",
  }),
  dried("driedApricot", "Dried apricots", 0.8, 0.3, {
    alsoCalled: ["dried apricot"],
    allergens: ["sulphites"],
    each: { apricot: one(8) },
  }),
  dried("prune", "Prunes", 0.8, 0.31, { each: { prune: one(9) } }),
  dried("raisin", "Raisins", 0.8, 0.15, {
    alsoCalled: ["raisin"],
    petHazard: "grapes and raisins harm dogs",
  }),
  dried("driedChestnut", "Dried chestnuts", 1.0, 0.1, {
    alsoCalled: ["chestnut"],
  }),
];

const herb = (
  id: string,
  name: string,
  staging: Ingredient["staging"],
  each: Ingredient["each"],
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
  each: Ingredient["each"],
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
  herb(
    "herbBundle",
    "Herb bundle",
    "lastHour",
    { bundle: one(20) },
    {
      alsoCalled: ["bouquet garni"],
    },
  ),
  herb(
    "garlic",
    "Garlic",
    "lastHour",
    { clove: one(5), bulb: one(45), head: one(45) },
    { petHazard: ALLIUM },
  ),
  herb("ginger", "Ginger", "lastHour", { piece: one(20) }),
  herb("parsley", "Parsley", "offHeat", { sprig: one(2), bunch: one(50) }),
  herb("thyme", "Thyme", "lastHour", { sprig: one(1), bunch: one(20) }),
  herb("rosemary", "Rosemary", "last30", { sprig: one(3) }),
  herb("lovage", "Lovage", "last10", { sprig: one(4) }, { allergens: ["celery"] }),
  herb("chive", "Chives", "offHeat", { bunch: one(25) }, { petHazard: ALLIUM }),
  spice("bayLeaf", "Bay leaf", { leaf: one(0.3) }, { alsoCalled: ["bay"] }),
  spice("peppercorn", "Peppercorns", { peppercorn: one(0.04) }, { alsoCalled: ["black pepper"] }),
  spice("juniper", "Juniper berries", { berry: one(0.15) }, { alsoCalled: ["juniper"] }),
  spice("clove", "Cloves", { clove: one(0.07) }),
  spice("caraway", "Caraway", {}),
  spice("cumin", "Cumin, ground", { tsp: one(2.5), tbsp: one(7) }, { alsoCalled: ["cumin"] }),
  spice("paprika", "Paprika", { tsp: one(2.5), tbsp: one(7) }, { alsoCalled: ["sweet paprika"] }),
  spice("oregano", "Oregano, dried", { tsp: one(1), tbsp: one(3) }, { alsoCalled: ["oregano"] }),
  spice("turmeric", "Turmeric", { tsp: one(3) }),
  spice("corianderSeed", "Coriander seed", { tsp: one(2) }),
  spice("cinnamonStick", "Cinnamon stick", { stick: one(4) }, { alsoCalled: ["cinnamon"] }),
  spice("starAnise", "Star anise", { star: one(1) }),
  spice("spiceBall", "Spice ball", { ball: one(15) }, { alsoCalled: ["spice bag"] }),
  herb("lemongrass", "Lemongrass", "start", { stalk: one(25) }),
  herb("dill", "Dill", "offHeat", { bunch: one(25) }),
  herb(
    "coriander",
    "Coriander leaves",
    "offHeat",
    { bunch: one(30) },
    { alsoCalled: ["cilantro"] },
  ),
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
