import { litres, say } from "../units/said";
import { Problem } from "../units/problem";
import type { VesselShape } from "./vessel-schema";
import { capacityL, depthForVolumeM, vesselAreaM2, vesselVolumeL } from "./volume";

/** One solid as it goes in. `packing` is the share of its heap that is solid. */
export interface SolidPart {
  readonly massKg: number;
  readonly densityKgL: number;
  readonly packing: number;
}

/** What takes up room in the pot, summed up. All volumes in L. */
export interface SolidsIn {
  /** Volume of the pieces that lie in the heap. */
  readonly heapSolidL: number;
  /** Share of the heap that is solid, 0–1. */
  readonly packing: number;
  /** Volume that floaters push aside: their own mass of water. */
  readonly floatingL: number;
  /** A single joint standing in the pot. */
  readonly block?: { readonly volumeL: number; readonly heightM: number };
}

export const NO_SOLIDS: SolidsIn = { heapSolidL: 0, packing: 1, floatingL: 0 };

/** Adds parts into one mixed heap, φ = ΣV / Σ(V/φᵢ). What is lighter than water floats. */
export function heapOf(parts: readonly SolidPart[]): SolidsIn {
  let solid = 0;
  let heap = 0;
  let floating = 0;
  for (const part of parts) {
    if (part.densityKgL < 1) {
      floating += part.massKg;
      continue;
    }
    const volume = part.massKg / part.densityKgL;
    solid += volume;
    heap += volume / part.packing;
  }
  return {
    heapSolidL: solid,
    packing: heap > 0 ? solid / heap : 1,
    floatingL: floating,
  };
}

/**
 * Height of the heap's top above the floor, m. `nearM` is a first guess, e.g. where it was a moment ago.
 * @throws Problem `heapAboveRim` when the heap does not fit the vessel.
 */
export function heapTopM(vessel: VesselShape, solids: SolidsIn, nearM?: number): number {
  const heapL = solids.heapSolidL / solids.packing;
  const full = capacityL(vessel);
  if (heapL > full)
    throw new Problem(
      "heapAboveRim",
      "solids",
      heapL,
      say`The heap needs ${litres(heapL)} of room and the vessel has ${litres(full)} to the rim.`,
    );
  return Math.max(depthForVolumeM(vessel, heapL, nearM), solids.block?.heightM ?? 0);
}

/**
 * Height at which the heap's top stands, m, where it may stand over the rim: there it is as wide as the
 * rim. `fullL` is the vessel's capacity.
 */
export function heapStandsM(
  vessel: VesselShape,
  solids: SolidsIn,
  fullL: number,
  nearM?: number,
): number {
  const overL = solids.heapSolidL / solids.packing - fullL;
  if (overL <= 0) return heapTopM(vessel, solids, nearM);
  const standsM = vessel.heightM + overL / 1000 / vesselAreaM2(vessel, vessel.heightM);
  return Math.max(standsM, solids.block?.heightM ?? 0);
}

/** Liquid, L, that goes in up to the rim with the solids in; 0 where they leave no room. */
export function liquidToRimL(vessel: VesselShape, solids: SolidsIn, fullL: number): number {
  const heaped = Math.min(solids.packing * fullL, solids.heapSolidL);
  const room = fullL - heaped - blockUnderL(solids, vessel.heightM) - solids.floatingL;
  return Math.max(0, room);
}

const blockUnderL = (solids: SolidsIn, depthM: number): number =>
  solids.block === undefined
    ? 0
    : solids.block.volumeL * Math.min(1, depthM / solids.block.heightM);

/**
 * Liquid, L, in the vessel at depthM with the solids in: (1 − φ)·V below the heap's top,
 * V − V_solids above it.
 * @throws Problem `aboveRim`, `heapAboveRim`
 */
export function liquidAtDepthL(vessel: VesselShape, solids: SolidsIn, depthM: number): number {
  const volume = vesselVolumeL(vessel, depthM);
  const heaped = Math.min(solids.packing * volume, solids.heapSolidL);
  return volume - heaped - blockUnderL(solids, depthM) - solids.floatingL;
}

/**
 * Depth, m, to which liquidL rises with the solids in: the inverse of liquidAtDepthL.
 * @throws Problem `aboveRim` when it would run over.
 */
export function depthForLiquidM(
  vessel: VesselShape,
  solids: SolidsIn,
  liquidL: number,
  nearM?: number,
): number {
  const wet = Math.max(0, liquidL) + solids.floatingL;
  if (solids.block !== undefined) return depthBesideBlockM(vessel, solids, wet);
  const below = solids.packing < 1 ? wet / (1 - solids.packing) : Infinity;
  const heapL = solids.heapSolidL / solids.packing;
  return depthForVolumeM(vessel, below <= heapL ? below : wet + solids.heapSolidL, nearM);
}

function depthBesideBlockM(vessel: VesselShape, solids: SolidsIn, wetL: number): number {
  const dry: SolidsIn = { ...solids, floatingL: 0 };
  const room = liquidAtDepthL(vessel, dry, vessel.heightM);
  if (wetL > room)
    throw new Problem(
      "aboveRim",
      "liquidL",
      wetL,
      say`${litres(wetL)} does not go in beside the joint: there is room for ${litres(room)}.`,
    );
  let low = 0;
  let high = vessel.heightM;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (liquidAtDepthL(vessel, dry, middle) < wetL) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Free surface, m², at depthM: less the heap's share within it, less the joint's footprint beside it. */
export function freeSurfaceM2(vessel: VesselShape, solids: SolidsIn, depthM: number): number {
  const area = vesselAreaM2(vessel, depthM);
  const heapL = solids.heapSolidL / solids.packing;
  const within = heapL > 0 && vesselVolumeL(vessel, Math.min(depthM, vessel.heightM)) < heapL;
  const block = solids.block;
  const footprint =
    block !== undefined && depthM < block.heightM ? block.volumeL / 1000 / block.heightM : 0;
  return Math.max(0, area * (within ? 1 - solids.packing : 1) - footprint);
}
