import { FAT_DENSITY_KG_L } from "../liquid/constants";

/** Thickness of the cold fat cap, mm, of fatKg over areaM2. */
export const fatCapMm = (fatKg: number, areaM2: number): number =>
  areaM2 > 0 ? fatKg / FAT_DENSITY_KG_L.value / areaM2 : 0;
