import { word } from "../units/word";
import type { Vigour } from "../heat/constants";
import type { CrockSetting } from "../heat/slow-cooker";
import { kitchenEstimate, published, type Constant } from "../units/constant";
import type { Lid } from "../vessel/lid";

const flux = (name: string, value: number, sigmaLog: number) =>
  kitchenEstimate(
    `steam from a ${name}, lid off`,
    value,
    "kg/m²·h",
    "pots weighed on the hob, until learned",
    sigmaLog,
  );

/** Evaporation of free surface by simmer. Rolling is what the heat allows; this stands in where power is unknown. */
export const SIMMER_FLUX_KG_M2_H: Record<Vigour, Constant> = {
  bare: flux("bare simmer", 5, 0.5),
  gentle: flux("gentle simmer", 10, 0.35),
  steady: flux("steady simmer", 17, 0.35),
  rolling: flux("rolling boil", 30, 0.35),
};

const ovenFlux = (name: string, value: number) =>
  kitchenEstimate(
    `steam in the oven at 150 °C, ${name}`,
    value,
    "kg/m²·h",
    "pots weighed before and after the oven, until learned",
    0.35,
  );

/** Oven evaporation at 150 °C; at other temperatures × (T − 60)/90. */
export const OVEN_FLUX_KG_M2_H: Record<Lid, Constant> = {
  on: ovenFlux("covered", 2.5),
  ajar: ovenFlux("lid ajar", 5),
  off: ovenFlux("uncovered", 11),
};
/** Heat that oven air brings to the pot, W/m²·K. */
export const OVEN_HEAT_W_M2_K = {
  still: kitchenEstimate("heat from still oven air", 20, "W/m²·K", "convection and radiation"),
  fan: kitchenEstimate("heat from fanned oven air", 30, "W/m²·K", "convection and radiation"),
};

const crockFlux = (name: string, value: number) =>
  kitchenEstimate(
    `steam from a slow cooker on ${name}`,
    value,
    "kg/m²·h",
    "slow cookers weighed before and after, until learned",
    0.35,
  );
export const CROCK_FLUX_KG_M2_H: Record<CrockSetting, Constant> = {
  low: crockFlux("LOW", 0.8),
  high: crockFlux("HIGH", 1.3),
};

const lid = (name: string, value: number) =>
  kitchenEstimate(
    `share of steam that leaves, lid ${name}`,
    value,
    "",
    "pots weighed with and without lid",
  );

export const LID_FACTOR: Record<Lid | "heavy", Constant> = {
  off: lid(word("off"), 1),
  ajar: lid(word("ajar"), 0.35),
  on: lid(word("on"), 0.08),
  heavy: lid("on, heavy and tight", 0.04),
};

export const FAT_LAYER_FACTOR = kitchenEstimate(
  "share of steam that leaves through a fat layer",
  0.7,
  "",
  "pots weighed with fat on",
);
export const FAT_LAYER_FROM_M = kitchenEstimate(
  "fat layer that slows steam",
  0.001,
  "m",
  "a closed film of fat",
);
export const FAT_DENSITY_KG_L = published(
  "density of melted fat",
  0.92,
  "kg/L",
  "food engineering handbooks",
);
export const FAT_RENDER_MIN = kitchenEstimate(
  "cook value of the first 63 % of fat",
  50,
  "min at 100 °C",
  "fat caps weighed",
);
export const JUICE_LAG_MIN = kitchenEstimate(
  "lag of juice behind temperature",
  8,
  "min",
  "meat weighed in the pot",
);
export const VEGETABLE_RELEASE_MIN = kitchenEstimate(
  "cook value of the first 63 % of vegetable liquid",
  10,
  "min at 100 °C",
  "vegetables weighed",
);
export const LEFT_ON_SOLIDS_L_KG = kitchenEstimate(
  "liquid left on strained solids",
  0.08,
  "L/kg",
  "solids weighed after draining",
  0.3,
);
export const LEFT_ON_PRESSED_L_KG = kitchenEstimate(
  "liquid left on pressed solids",
  0.03,
  "L/kg",
  "solids weighed after pressing",
  0.3,
);
export const LEFT_IN_CLOTH_L = kitchenEstimate(
  "liquid left in a cloth, a pass",
  0.05,
  "L",
  "cloth weighed wet",
  0.3,
);
export const DRY_ALARM_M = kitchenEstimate(
  "alarm above the bones",
  0.01,
  "m",
  "room to act before bones stand dry",
);
