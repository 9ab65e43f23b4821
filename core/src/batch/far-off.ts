import { resolve } from "../simulate/set-pot";
import { isOn } from "../simulate/stretches";
import { waterDensityKgL } from "../water/properties";
import type { Reading } from "../events/watch/effects";
import type { LiveFacts } from "./live-caution";
import { LiveModel } from "./live-model";
import type { Range } from "./range";

/**
 * What was written is so far from what is reckoned that it is asked about before it is believed. The limits
 * are wide (kitchen estimates): a pot may steam twice as fast as thought, a slip of the decimal point may not
 * pass.
 */
export interface FarOff {
  /** What was reckoned, in the unit of what was written. */
  readonly reckoned: Range;
}

/** So many times the half-width of the reckoned range, and at least such a share and amount, it is off. */
const TIMES = 3;
const SHARE = 0.4;
const LEAST_L = 0.4;

type Pot = Pick<LiveFacts, "plan" | "kitchen" | "cook" | "forecast" | "nowMs">;

const isFar = (value: number, { low, expected, high }: Range, least: number): boolean => {
  const room = (side: number) => Math.max(TIMES * side, SHARE * expected, least);
  return value < expected - room(expected - low) || value > expected + room(high - expected);
};

/** A level, jug or weight against the litres that should be in the pot, L; null where it may well be. */
export function levelFarOff(
  { plan, kitchen, cook, forecast, nowMs }: Pot,
  reading: Pick<Reading, "form" | "value">,
): (FarOff & { readonly readL: number | null }) | null {
  if (forecast.isDry || cook.litMs === null) return null;
  const read = new LiveModel(resolve(plan, kitchen), cook, nowMs).liquidOf({
    ...reading,
    atMs: nowMs,
  });
  // Lighter than the pot with what lies in it, or under its floor: that cannot be.
  if (read === null) return { reckoned: forecast.nowL, readL: null };
  const readL = read.liquidKg / waterDensityKgL(forecast.nowC);
  return isFar(readL, forecast.nowL, LEAST_L) ? { reckoned: forecast.nowL, readL } : null;
}

/** So much over the boil nothing in an open pot is, °C: a thermometer that is off, or another unit. */
const OVER_BOIL_C = 3;
/** So far from the reckoned course, while it is hot or coming up, °C. */
const OFF_COURSE_C = 30;

/** A thermometer against what is reckoned, °C; null where it may well be. */
export function temperatureFarOff(
  { plan, cook, forecast }: Pot,
  where: "liquid" | "piece",
  tempC: number,
): FarOff | null {
  const { boilingC, stretches } = forecast.planned;
  const heldC = stretches.map((s) => s.holdC);
  const mostC = (isOn(plan, "pressure") ? Math.max(boilingC, ...heldC) : boilingC) + OVER_BOIL_C;
  const around = (expected: number): FarOff => ({
    reckoned: {
      low: expected - OFF_COURSE_C,
      expected,
      high: Math.min(mostC, expected + OFF_COURSE_C),
    },
  });
  if (where === "piece") return tempC > mostC || tempC < 0 ? around(forecast.nowC) : null;
  if (tempC > mostC || tempC < 0) return around(forecast.nowC);
  if (cook.litMs === null || forecast.isDry) return null;
  return Math.abs(tempC - forecast.nowC) > OFF_COURSE_C ? around(forecast.nowC) : null;
}

/** More in the pot than goes in to the rim, L; null where it goes in. */
export const overFilled = (
  { forecast }: Pot,
  volumeL: number,
  holdsL: number,
): { readonly roomL: number } | null => {
  const roomL = holdsL - forecast.nowL.low;
  return volumeL > Math.max(0, roomL) + LEAST_L ? { roomL: Math.max(0, roomL) } : null;
};

/** A thermometer in what cools, against its course, °C; null where it may well be. */
export const chillFarOff = (tempC: number, nowC: number): FarOff | null =>
  Math.abs(tempC - nowC) > OFF_COURSE_C
    ? { reckoned: { low: nowC - OFF_COURSE_C, expected: nowC, high: nowC + OFF_COURSE_C } }
    : null;

/** So many times as much, or as little, as was planned is a slip as a rule. */
const SLIP_TIMES = 4;

/** A weight or volume against what was planned of it; null where it may well be. */
export function amountFarOff(value: number, planned: number): FarOff | null {
  if (!(planned > 0) || (value <= planned * SLIP_TIMES && value >= planned / SLIP_TIMES))
    return null;
  return {
    reckoned: { low: planned / SLIP_TIMES, expected: planned, high: planned * SLIP_TIMES },
  };
}

/** Prices of a kitchen lie within so many times the one in their middle. */
const PRICE_TIMES = 40;

/** A price a kilogram against the others of this kitchen; null where it may well be, or there are under three. */
export function priceFarOff(perKg: number, others: readonly number[]): FarOff | null {
  const sorted = others.filter((p) => p > 0).toSorted((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)];
  if (middle === undefined || sorted.length < 3 || perKg === 0) return null;
  return perKg > middle * PRICE_TIMES || perKg < middle / PRICE_TIMES
    ? { reckoned: { low: middle / PRICE_TIMES, expected: middle, high: middle * PRICE_TIMES } }
    : null;
}
