/** From where to where a figure may lie. The schema of its document and the field it is written in go by the same. */
export interface Limits {
  readonly least: number;
  readonly most: number;
}

/** How long a pot is held, min: two days, which is also as far as any of it is looked for. */
export const HOLD_MIN: Limits = { least: 1, most: 2880 };
/** Water for one part of bones, by weight. */
export const WATER_PER_BONE: Limits = { least: 0.25, most: 20 };
/** How many eat of one pot. */
export const EATERS: Limits = { least: 1, most: 2000 };
/** Days that rations are for. */
export const RATION_DAYS: Limits = { least: 0.5, most: 60 };
export const MOULDS: Limits = { least: 1, most: 1000 };
/** What is left of a liquid that is boiled down, as a share. */
export const SHARE_LEFT: Limits = { least: 0.05, most: 0.95 };
/** Highest sensible level of a vessel, as a share of its height. */
export const FILL_SHARE: Limits = { least: 0.3, most: 1 };
/** How full a slow cooker was whose warm-up was measured. */
export const WARM_UP_FILL_SHARE: Limits = { least: 0.1, most: 1 };
/** Power of a ring, and of a vessel with a heat of its own, W. */
export const RING_W: Limits = { least: 200, most: 20_000 };
export const OWN_POWER_W: Limits = { least: 50, most: 5000 };
/** Cups in one mould, and how many of a container there are. */
export const CUPS: Limits = { least: 1, most: 100 };
export const CONTAINERS: Limits = { least: 0, most: 10_000 };
/** Salt that is wanted in what is eaten, g per L or kg. */
export const SALT_WANTED_G: Limits = { least: 0, most: 30 };
/** So many pictures are kept of one pot. */
export const MOST_PICTURES = 24;
/** How hot an oven goes at its hottest, °C. */
export const OVEN_MAX_C: Limits = { least: 120, most: 350 };
/** Least weight of anything that is weighed, kg: a milligram. */
export const LEAST_KG = 1e-6;
/** Most of one thing that goes into a pot, kg. */
export const MOST_ITEM_KG = 200;
/** Gauge pressures that cookers hold, kPa. */
export const HIGH_KPA: Limits = { least: 20, most: 150 };
export const LOW_KPA: Limits = { least: 10, most: 120 };
