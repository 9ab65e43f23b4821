import { ln, powerOf } from "../units/same-math";
import { kitchenEstimate, physics, published } from "../units/constant";

/** Density of alcohol, kg/L. */
export const ALCOHOL_KG_L = physics("density of alcohol", 0.789, "kg/L", "20 °C");

/** Alcohol left with steam going off: the first steam carries most of it. */
const STRIPPING_POWER = kitchenEstimate(
  "power of what is left of the liquid",
  9,
  "",
  "vapour of weak spirits is about nine times as strong as the liquid",
);

const kept = (min: number, share: number) =>
  published(
    `alcohol kept after ${min} min`,
    share,
    "",
    "USDA nutrient retention factors, stirred in and simmered",
  );
const USDA = [
  [0, kept(0, 0.85)],
  [15, kept(15, 0.4)],
  [30, kept(30, 0.35)],
  [60, kept(60, 0.25)],
  [90, kept(90, 0.2)],
  [120, kept(120, 0.1)],
  [150, kept(150, 0.05)],
] as const;

/** The constants behind what is kept, for its explanation. */
export const ALCOHOL_CONSTANTS = [...USDA.map(([, c]) => c), STRIPPING_POWER, ALCOHOL_KG_L];

/**
 * Share of alcohol kept after simmering it for so long, 0.05–0.85: the USDA table, linear in
 * ln(1 + t) between its rows (docs/method.md, “The whole dish”).
 * @example usdaKept(15) // 0.4
 */
export function usdaKept(min: number): number {
  const x = (t: number) => ln(1 + t);
  for (let i = 1; i < USDA.length; i++) {
    const [t1, c1] = USDA[i] ?? USDA[0];
    if (min > t1) continue;
    const [t0, c0] = USDA[i - 1] ?? USDA[0];
    const s = (x(Math.max(0, min)) - x(t0)) / (x(t1) - x(t0));
    return c0.value + (c1.value - c0.value) * s;
  }
  return USDA[6][1].value;
}

/**
 * Share of alcohol kept: what the time alone leaves, or more where little steam could carry it off.
 * A shut pot keeps it all. Expected of crock and pressure; on hob and in oven, under a lid that drips
 * back, the most that may be left.
 * @param min minutes since it went in
 * @param evaporatedShare of the liquid since then, 0–1
 */
export const alcoholKept = (min: number, evaporatedShare: number): number =>
  Math.max(
    usdaKept(min),
    powerOf(1 - Math.min(1, Math.max(0, evaporatedShare)), STRIPPING_POWER.value),
  );

/** Grams of alcohol in litres of a drink of this strength (0–1 by volume). */
export const alcoholG = (volumeL: number, share: number): number =>
  volumeL * share * ALCOHOL_KG_L.value * 1000;
