import { word } from "../units/word";
import { kitchenEstimate, published, type Constant } from "../units/constant";

/** Ways of taking heat out of a pot or tray. */
export const COOLING_WAYS = ["room", "sink", "trough", "iceBath", "fridge", "fan"] as const;
export type CoolingWay = (typeof COOLING_WAYS)[number];

export interface WayFacts {
  readonly name: string;
  /** Where it stands: "in a sink of cold water". */
  readonly inIt: string;
  /** How heat passes, W/m²·K. */
  readonly h: Constant;
  /** True where it stands in water and the top does not count. */
  readonly isBath: boolean;
  /** Temperature round it, °C; null where the kitchen's own counts (room, water). */
  readonly aroundC: number | null;
  readonly does: string;
  /** False where it takes a machine that few kitchens have: never suggested, only chosen. */
  readonly isEverywhere: boolean;
}

const h = (what: string, value: number) =>
  published(`heat passed in ${what}`, value, "W/m²·K", "handbook range ±40 %", 0.35);

export const WAYS: Readonly<Record<CoolingWay, WayFacts>> = {
  room: {
    name: "room air",
    inIt: "in room air",
    h: h("still room air", 10),
    isBath: false,
    aroundC: null,
    does: "Uncovered, off the heat.",
    isEverywhere: true,
  },
  sink: {
    name: "sink of cold water",
    inIt: "in a sink of cold water",
    h: h("water that stands", 80),
    isBath: true,
    aroundC: null,
    does: "Water as high as the stock; change it when it is warm.",
    isEverywhere: true,
  },
  trough: {
    name: "running cold water",
    inIt: "in running cold water",
    h: kitchenEstimate(
      "heat passed in running water",
      150,
      "W/m²·K",
      "between standing and stirred",
      0.35,
    ),
    isBath: true,
    aroundC: null,
    does: "Water runs past as high as the stock; stir now and then.",
    isEverywhere: true,
  },
  iceBath: {
    name: "ice or snow bath, stirred",
    inIt: "in a bath of ice or snow",
    h: h("a stirred ice bath", 200),
    isBath: true,
    aroundC: 0,
    does: "Ice and water as high as the stock; stir both, top the ice up.",
    isEverywhere: true,
  },
  fridge: {
    name: word("fridge"),
    inIt: "in the fridge",
    h: h("a fridge", 9),
    isBath: false,
    aroundC: 3,
    does: "Uncovered until it is cold, apart from raw food, with air round it.",
    isEverywhere: true,
  },
  fan: {
    name: "blast chiller or fan in the cold",
    inIt: "in a blast chiller or before a fan",
    h: h("moving cold air", 28),
    isBath: false,
    aroundC: 0,
    does: "As its maker says.",
    isEverywhere: false,
  },
};

/** Spread of how fast a way passes heat, log: handbook ranges of ±40 %. */
export const USUAL_SIGMA_LOG = 0.35;

/** Standard deviation, in log, of how fast a way passes heat; of several the widest. */
export const spreadOf = (stages: readonly { readonly way: CoolingWay }[]): number =>
  Math.max(...stages.map((s) => WAYS[s.way].h.sigmaLog ?? USUAL_SIGMA_LOG));

/** Plastic passes half as much heat as metal. */
export const PLASTIC_FACTOR = kitchenEstimate(
  "plastic against metal",
  0.5,
  "×",
  "the same bath in metal and in plastic",
);
