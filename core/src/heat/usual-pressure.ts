import type { PressureCooker } from "../vessel/vessel-schema";
import { ELECTRIC_HIGH_KPA, ELECTRIC_LOW_KPA, STOVETOP_SECOND_RING_KPA } from "./pressure";

/** What a pressure cooker holds and asks for until its maker's word is given. */
export const USUAL_PRESSURE: Readonly<Record<PressureCooker["drive"], PressureCooker>> = {
  stovetop: {
    drive: "stovetop",
    highKPa: STOVETOP_SECOND_RING_KPA,
    lowKPa: null,
    minLiquidL: null,
    vents: false,
  },
  electric: {
    drive: "electric",
    highKPa: ELECTRIC_HIGH_KPA,
    lowKPa: ELECTRIC_LOW_KPA,
    minLiquidL: null,
    vents: false,
  },
};
