import { TARGET_SIGMA } from "../doneness/target-belief";
import { kitchenEstimate, published, type Constant } from "../units/constant";

/**
 * What is uncertain about a pot: multipliers on the defaults, and z itself.
 * All 1 (z 33) is the expected pot.
 */
export interface Parameters {
  readonly evaporation: number;
  readonly efficiency: number;
  readonly extraction: number;
  readonly freed: number;
  readonly leftOnSolids: number;
  readonly zC: number;
  /** Shift of the plateau of oven or slow cooker, °C. */
  readonly plateauC: number;
  /** Multiplier on how long oven or slow cooker takes to warm. */
  readonly warmUp: number;
  /** Multiplier on the cook value that "until tender" asks for. */
  readonly target: number;
}

export const EXPECTED: Parameters = {
  evaporation: 1,
  efficiency: 1,
  extraction: 1,
  freed: 1,
  leftOnSolids: 1,
  zC: 33,
  plateauC: 0,
  warmUp: 1,
  target: 1,
};

/** Spread of each multiplier before anything is learned. Evaporation's own sits with the simmer. */
export const SPREAD: Record<Exclude<keyof Parameters, "evaporation">, Constant> = {
  efficiency: kitchenEstimate("spread of ring heat", 0.2, "log", "common appliance figures, ±20 %"),
  extraction: kitchenEstimate(
    "spread of extraction",
    0.25,
    "log",
    "stocks of one bone, set against set",
  ),
  freed: kitchenEstimate("spread of juice freed", 0.15, "log", "meat weighed in the pot"),
  leftOnSolids: kitchenEstimate(
    "spread of liquid left on solids",
    0.3,
    "log",
    "solids weighed after draining",
  ),
  plateauC: kitchenEstimate("spread of the plateau", 3, "°C", "thermometer in the liquid"),
  warmUp: kitchenEstimate("spread of the warm-up", 0.3, "log", "thermometer in the liquid"),
  target: TARGET_SIGMA,
  zC: published("spread of z", 4, "°C", "published range for texture 20–40"),
};

/** What each parameter is called on screen. */
export const PARAMETER_NAMES: Record<keyof Parameters, string> = {
  evaporation: "how fast it steams",
  efficiency: "heat from the ring",
  extraction: "what the bones give",
  freed: "juice from meat and vegetables",
  leftOnSolids: "liquid left on the solids",
  plateauC: "how hot the liquid gets",
  warmUp: "how long it takes to warm",
  target: "how long this meat takes to be tender",
  zC: "how fast cooking rises with heat",
};
