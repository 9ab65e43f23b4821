import { square } from "../units/whole-power";
import { TALLEST_FOR_WIDTH, TALLEST_M } from "./tallest";
import { litres, metres, say } from "../units/said";
import { Problem, requireWithin } from "../units/problem";
import type { VesselShape } from "./vessel-schema";

const factorOf = (vessel: VesselShape): number =>
  vessel.shape === "rectangular" ? 1 : Math.PI / 4;

/**
 * Inner volume, L, up to depthM (0 to rim). Exact for straight and linearly tapered walls:
 * V(h) = k·h·(a₀b₀ + (a₀Δb + b₀Δa)·s/2 + ΔaΔb·s²/3), s = h/H.
 * @throws Problem `aboveRim`, `range`
 */
export function vesselVolumeL(vessel: VesselShape, depthM: number): number {
  requireWithin("depthM", depthM, 0, Number.MAX_VALUE, "m");
  if (depthM > vessel.heightM * (1 + 1e-9))
    throw new Problem(
      "aboveRim",
      "depthM",
      depthM,
      say`${metres(depthM)} is above the rim at ${metres(vessel.heightM)}.`,
    );
  return volumeUnchecked(vessel, depthM);
}

function volumeUnchecked(vessel: VesselShape, depthM: number): number {
  const a0 = vessel.bottomM[0];
  const b0 = vessel.bottomM[1];
  const da = vessel.topM[0] - a0;
  const db = vessel.topM[1] - b0;
  const s = depthM / vessel.heightM;
  return (
    1000 *
    factorOf(vessel) *
    depthM *
    (a0 * b0 + ((a0 * db + b0 * da) * s) / 2 + (da * db * s * s) / 3)
  );
}

const isStraight = (vessel: VesselShape): boolean =>
  vessel.bottomM[0] === vessel.topM[0] && vessel.bottomM[1] === vessel.topM[1];

/** Horizontal inner area, m², at depthM; the rim's area above it. */
export function vesselAreaM2(vessel: VesselShape, depthM: number): number {
  const s = Math.min(1, Math.max(0, depthM / vessel.heightM));
  const a0 = vessel.bottomM[0];
  const b0 = vessel.bottomM[1];
  return factorOf(vessel) * (a0 + (vessel.topM[0] - a0) * s) * (b0 + (vessel.topM[1] - b0) * s);
}

/** Volume to the rim, L. */
export const capacityL = (vessel: VesselShape): number => volumeUnchecked(vessel, vessel.heightM);

/** Volume to the fill line, L, which stands at `fillShare` of the rim height. */
export const fillLineL = (vessel: VesselShape & { fillShare: number }): number =>
  volumeUnchecked(vessel, vessel.heightM * vessel.fillShare);

/**
 * Depth, m, at which the empty vessel holds volumeL: the inverse of vesselVolumeL, by Newton's method
 * kept inside a bracket. `nearM` is a first guess, e.g. the level a moment ago.
 * @throws Problem `aboveRim` when it holds less than that.
 */
export function depthForVolumeM(vessel: VesselShape, volumeL: number, nearM?: number): number {
  requireWithin("volumeL", volumeL, 0, Number.MAX_VALUE, "L");
  const full = capacityL(vessel);
  if (volumeL > full * (1 + 1e-9))
    throw new Problem(
      "aboveRim",
      "volumeL",
      volumeL,
      say`${litres(volumeL)} does not go in: it holds ${litres(full)} to the rim.`,
    );
  const straight = (volumeL / full) * vessel.heightM;
  if (isStraight(vessel)) return straight;
  let depth = nearM ?? straight;
  let low = 0;
  let high = vessel.heightM;
  for (let i = 0; i < 60; i++) {
    const miss = volumeUnchecked(vessel, depth) - volumeL;
    if (Math.abs(miss) < 1e-10 * Math.max(1, full)) break;
    if (miss > 0) high = depth;
    else low = depth;
    const next = depth - miss / 1000 / vesselAreaM2(vessel, depth);
    depth = next > low && next < high ? next : (low + high) / 2;
  }
  return depth;
}

/** Depth of so many litres in a vessel without solids, m; what it does not hold stands at its rim. */
export const depthToRimM = (vessel: VesselShape, volumeL: number): number =>
  depthForVolumeM(vessel, Math.min(volumeL, capacityL(vessel)));

/** Outer area that loses heat, m²: walls and one end, as the calculation of losses wants it. */
export function outerAreaM2(vessel: VesselShape): number {
  const [a0, b0] = vessel.bottomM;
  const [a1, b1] = vessel.topM;
  const meanA = (a0 + a1) / 2;
  const meanB = (b0 + b1) / 2;
  const perimeter =
    vessel.shape === "rectangular" ? 2 * (meanA + meanB) : ellipsePerimeterM(meanA / 2, meanB / 2);
  const slant = Math.hypot(vessel.heightM, (a1 - a0) / 2);
  return perimeter * slant + vesselAreaM2(vessel, 0);
}

/** Ramanujan's second approximation, exact for circles. */
function ellipsePerimeterM(a: number, b: number): number {
  const h = square((a - b) / (a + b));
  return Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/**
 * A vessel as high as it takes to hold so much, its floor and rim as they are.
 * @param acrossM how wide it is said to be, for the words
 * @throws Problem `range` where it would be a pipe
 */
export function asHighAsHolds<S extends VesselShape>(
  vessel: S,
  wantedL: number,
  acrossM: number,
): S {
  const heightM = (vessel.heightM * wantedL) / capacityL(vessel);
  if (heightM > Math.min(TALLEST_M, acrossM * TALLEST_FOR_WIDTH))
    throw new Problem(
      "range",
      "heightM",
      heightM,
      say`A pot ${metres(acrossM)} wide that holds ${litres(wantedL)} would be ${metres(heightM)} high: check both.`,
    );
  return { ...vessel, heightM };
}

/**
 * A straight round vessel from what a cook knows: "it holds 12 L and is 26 cm across".
 * @throws Problem `range`
 * @example roundFromCapacity(12, 0.26).heightM // 0.226
 */
export function roundFromCapacity(capacityWantedL: number, diameterM: number): VesselShape {
  requireWithin("capacityL", capacityWantedL, 0.2, 200, "L");
  requireWithin("diameterM", diameterM, 0.08, 1, "m");
  const shape: VesselShape = {
    shape: "round",
    bottomM: [diameterM, diameterM],
    topM: [diameterM, diameterM],
    heightM: diameterM,
  };
  return asHighAsHolds(shape, capacityWantedL, diameterM);
}
