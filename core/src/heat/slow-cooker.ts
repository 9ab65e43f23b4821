import { kitchenEstimate, type Constant } from "../units/constant";
import { boilingPointC } from "../water/altitude";
import { plateauAtAltitudeC } from "./plateau";

export const CROCK_SETTINGS = ["low", "high"] as const;
export type CrockSetting = (typeof CROCK_SETTINGS)[number];

const plateau = (setting: string, value: number) =>
  kitchenEstimate(
    `temperature a slow cooker reaches on ${setting}`,
    value,
    "°C at sea level",
    "thermometer in the liquid, until measured here",
    3,
  );
const tau = (setting: string, value: number) =>
  kitchenEstimate(
    `how fast a slow cooker warms on ${setting}`,
    value,
    "min",
    "thermometer in the liquid, two thirds full",
    0.3,
  );

export const CROCK_PLATEAU_C: Record<CrockSetting, Constant> = {
  low: plateau("LOW", 95),
  high: plateau("HIGH", 98.5),
};
export const CROCK_TAU_MIN: Record<CrockSetting, Constant> = {
  low: tau("LOW", 160),
  high: tau("HIGH", 80),
};
export const WARM_TAU_MIN = kitchenEstimate(
  "how fast a slow cooker falls on WARM",
  120,
  "min",
  "thermometer in the liquid",
  0.3,
);
export const LID_LIFT_MIN = kitchenEstimate(
  "cooking lost by lifting the lid",
  25,
  "min",
  "US guidance: 20 to 30 min a lift",
);

/** Temperature the liquid approaches, °C. LOW stays under the boil everywhere. */
export const crockPlateauC = (setting: CrockSetting, altitudeM: number): number =>
  plateauAtAltitudeC(CROCK_PLATEAU_C[setting].value, altitudeM);

/** Temperature on WARM, °C. */
export const warmPlateauC = (altitudeM: number): number =>
  Math.min(74, boilingPointC(altitudeM) - 0.3);

/** A fuller crock warms slower: × (0.2 + 0.8·fill/0.67), fill held to 0.25–1. */
export const crockFillFactor = (fillShare: number): number =>
  0.2 + (0.8 * Math.min(1, Math.max(0.25, fillShare))) / 0.67;

/** Time constant, min, of a crock filled to fillShare of its capacity. */
export const crockTauMin = (setting: CrockSetting, fillShare: number): number =>
  CROCK_TAU_MIN[setting].value * crockFillFactor(fillShare);

/**
 * How far a lifted lid lets the liquid fall, °C, so that 25 min of cooking are lost at this cooker's own
 * pace: the cooking lost while it climbs back is about (ln 10/z)·drop·τ.
 */
export const lidLiftDropC = (tauMin: number, zC: number): number =>
  (LID_LIFT_MIN.value / tauMin) * (zC / Math.LN10);
