import { kitchenEstimate, physics, type Constant } from "../units/constant";
import type { Body } from "../vessel/vessel-schema";

/** How hard it simmers: single beads, strings, a trembling surface, a boil that turns over. */
export const VIGOURS = ["bare", "gentle", "steady", "rolling"] as const;
export type Vigour = (typeof VIGOURS)[number];

const offset = (name: string, value: number) =>
  kitchenEstimate(`${name} below the boil`, value, "°C", "simmer as seen, against a thermometer");

/** How far below the boiling point each simmer holds. */
export const SIMMER_OFFSET_C: Record<Vigour, Constant> = {
  bare: offset("bare simmer", 10),
  gentle: offset("gentle simmer", 5),
  steady: offset("steady simmer", 2),
  rolling: offset("rolling boil", 0),
};

const heat = (name: string, value: number) =>
  physics(`specific heat of ${name}`, value, "kJ/kg·K", "handbook value");

export const WATER_HEAT_KJ_KG_K = heat("water", 4.18);
export const FAT_HEAT_KJ_KG_K = heat("fat", 2.0);

export const BODY_HEAT_KJ_KG_K: Record<Body, Constant> = {
  steel: heat("steel", 0.5),
  enamel: heat("enamelled steel", 0.5),
  iron: heat("iron", 0.46),
  aluminium: heat("aluminium", 0.9),
  ceramic: heat("ceramic", 0.88),
};

const dull = kitchenEstimate(
  "heat loss of a dark or enamel wall",
  12,
  "W/m²·K",
  "convection and radiation of a pot in a still kitchen",
);
const bright = kitchenEstimate(
  "heat loss of a bright steel wall",
  7,
  "W/m²·K",
  "convection and radiation of a pot in a still kitchen",
);

export const WALL_LOSS_W_M2_K: Record<Body, Constant> = {
  steel: bright,
  aluminium: bright,
  enamel: dull,
  iron: dull,
  ceramic: dull,
};

export const ROOM_C = kitchenEstimate("room", 22, "°C", "a kitchen in use");
export const TAP_WATER_C = kitchenEstimate("cold water", 12, "°C", "tap or trough");
export const THERMAL_DIFFUSIVITY_M2_S = physics(
  "thermal diffusivity of moist food",
  1.35e-7,
  "m²/s",
  "handbook range 1.2–1.5e-7",
);
export const PIECE_DIAMETER_M = kitchenEstimate(
  "piece of bone",
  0.03,
  "m",
  "chopped neck, rib or joint",
);
export const REST_MIN = kitchenEstimate("pause before straining", 10, "min", "usual pause");
