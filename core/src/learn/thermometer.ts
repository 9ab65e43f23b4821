import { kitchenEstimate } from "../units/constant";

/** How far a thermometer is off. */
export const THERMOMETER_SD_C = kitchenEstimate("a thermometer", 0.5, "°C", "its maker's word");
