import type { SetPot } from "./set-pot";
import { litres, say } from "../units/said";
import { Problem } from "../units/problem";
import { coveringL, halfWayL } from "../vessel/lying";
import { waterToFillLineL } from "../vessel/water-by-place";
import { waterDensityKgL } from "../water/properties";
import type { Kitchen } from "./kitchen-schema";
import type { WaterStatement, Wanted } from "./plan-schema";
import { vesselOf } from "./references";
import { simulate } from "./simulate";

/** Headspace of moulds: filled to 90 %. */
export const MOULD_FILL = 0.9;

/** Litres, cold and strained, that a wish comes to. */
export function wantedL(wanted: Wanted): number {
  if (wanted.by === "volume") return wanted.volumeL;
  if (wanted.by === "moulds") return wanted.count * wanted.mouldL * MOULD_FILL;
  return wanted.eaters * wanted.rationL * wanted.days;
}

/**
 * Litres of cold water that the plan's statement comes to in its pot.
 * "So that X are left" is found on the simulation, by the secant method inside a bracket.
 * @throws Problem `heapAboveRim`, `aboveRim`, `notReachable`, `range`
 */
export function waterL(setPot: SetPot, statement: WaterStatement = setPot.plan.water): number {
  const { kitchen } = setPot;
  const vessel = vesselOf(setPot);
  const { solids, lying, othersL, bonesKg } = setPot.start;
  const less = (l: number) => Math.max(0, l - othersL);
  switch (statement.by) {
    case "amount":
      return statement.volumeL;
    case "ratio":
      return less((statement.waterPerBone * bonesKg) / waterDensityKgL(kitchen.waterC));
    case "cover":
      return less(coveringL(vessel, lying));
    case "over":
      return less(coveringL(vessel, lying, statement.overM));
    case "halfWay":
      return less(halfWayL(vessel, lying));
    case "fillLine":
      return less(waterToFillLineL(vessel, solids));
    case "left":
      return waterForResultL(setPot, wantedL(statement.wanted));
  }
}

/** kg of cold water in volumeL as it comes from the tap. */
export const coldWaterKg = (volumeL: number, kitchen: Kitchen): number =>
  volumeL * waterDensityKgL(kitchen.waterC);

/** Water, L, after which wantedCold litres are left strained. */
function waterForResultL(setPot: SetPot, wantedCold: number): number {
  const { kitchen } = setPot;
  const leftAfter = (litres: number): number => {
    const trace = simulate(setPot, {
      waterKg: coldWaterKg(litres, kitchen),
    });
    if (trace.problem !== null && trace.problem.code !== "boiledDry") throw trace.problem;
    return trace.problem === null ? trace.strained.volumeL - wantedCold : -wantedCold;
  };
  let low = wantedCold * 0.2;
  let lowMiss = leftAfter(low);
  let high = wantedCold * 1.3 + 0.3;
  let highMiss = leftAfter(high);
  for (let i = 0; highMiss < 0 && i < 12; i++) {
    low = high;
    lowMiss = highMiss;
    high = high * 1.3 + 0.5;
    highMiss = leftAfter(high);
  }
  if (highMiss < 0 || lowMiss > 0)
    throw new Problem(
      "notReachable",
      "water",
      wantedCold,
      say`No amount of water leaves ${litres(wantedCold)} here. Change the time, the lid or the heat.`,
    );
  for (let i = 0; i < 30 && high - low > 5e-5; i++) {
    const secant = low - (lowMiss * (high - low)) / (highMiss - lowMiss);
    const guess = i % 3 === 2 || !(secant > low && secant < high) ? (low + high) / 2 : secant;
    const miss = leftAfter(guess);
    if (Math.abs(miss) < 1e-4) return guess;
    if (miss < 0) {
      low = guess;
      lowMiss = miss;
    } else {
      high = guess;
      highMiss = miss;
    }
  }
  return (low + high) / 2;
}
