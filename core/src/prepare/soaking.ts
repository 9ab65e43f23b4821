import { kitchenEstimate } from "../units/constant";

/** Litres a kilogram of dry pulses takes up in the soak. */
const SOAKED_L_KG = kitchenEstimate(
  "taken up in the soak",
  1.05,
  "L/kg",
  "weighed before and after a night",
);
/** Dried mushrooms, kelp and fruit take up all they can before they go in. */
const SOAK_GRIT_L = kitchenEstimate("left behind with the grit", 0.03, "L", "decanted");

/** Water taken up before it goes in, kg a kg dry: pulses the soak's share, other dry goods all of it. */
export const soakedUpLKg = (isPulse: boolean, uptakeLKg: number): number =>
  isPulse ? Math.min(uptakeLKg, SOAKED_L_KG.value) : uptakeLKg;

/** Soaking water that can be poured into the pot, L: less what was taken up and what stays with the grit. */
export const liquorL = (waterL: number, massKg: number, upLKg: number): number =>
  Math.max(0, waterL - massKg * upLKg - SOAK_GRIT_L.value);
