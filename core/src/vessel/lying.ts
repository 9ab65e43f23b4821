import { litres, metres, say } from "../units/said";
import { Problem } from "../units/problem";
import type { VesselShape } from "./vessel-schema";
import { capacityL, depthForVolumeM, vesselAreaM2, vesselVolumeL } from "./volume";

/** One solid as it lies on the floor before any water is in, floaters too. */
export interface LyingPart {
  readonly volumeL: number;
  /** Share of its heap that is solid, 0–1. */
  readonly packing: number;
  /** How high one piece of it lies, m. */
  readonly heightM: number;
}

/** What lies there: a mixed heap, and the pieces that stand out of it or make no heap at all. */
interface Lying {
  readonly blocks: readonly LyingPart[];
  readonly heapSolidL: number;
  readonly packing: number;
  readonly topM: number;
}

/** A piece taller than this share of the whole heap stands as a block. */
const BLOCK_SHARE = 0.5;
const ROUNDS = 50;

const heapOf = (parts: readonly LyingPart[]) => {
  const solidL = parts.reduce((sum, p) => sum + p.volumeL, 0);
  const heapL = parts.reduce((sum, p) => sum + p.volumeL / p.packing, 0);
  return { solidL, heapL, packing: heapL > 0 ? solidL / heapL : 1 };
};

const blocksUnderL = (blocks: readonly LyingPart[], depthM: number): number =>
  blocks.reduce((sum, b) => sum + b.volumeL * Math.min(1, depthM / b.heightM), 0);

/** Finds how it lies. @throws Problem `heapAboveRim` where it does not go in */
function layIn(vessel: VesselShape, parts: readonly LyingPart[]): Lying {
  const all = heapOf(parts);
  const fullL = capacityL(vessel);
  if (all.heapL > fullL)
    throw new Problem(
      "heapAboveRim",
      "solids",
      all.heapL,
      say`The heap needs ${litres(all.heapL)} of room and the vessel has ${litres(fullL)} to the rim.`,
    );
  const evenM = depthForVolumeM(vessel, all.heapL);
  const tall = parts.filter((p) => p.heightM > evenM * BLOCK_SHARE);
  const blocks = isOneLayer(vessel, tall) ? tall : [];
  const heap = heapOf(parts.filter((p) => !blocks.includes(p)));
  return {
    blocks,
    heapSolidL: heap.solidL,
    packing: heap.packing,
    topM: Math.max(...parts.map((p) => p.heightM), 0, besideBlocksM(vessel, blocks, heap.heapL)),
  };
}

/** Few enough to stand side by side on the floor; more of them lie in a heap. */
function isOneLayer(vessel: VesselShape, parts: readonly LyingPart[]): boolean {
  const footprintM2 = parts.reduce((sum, p) => sum + p.volumeL / 1000 / p.heightM / p.packing, 0);
  return footprintM2 <= vesselAreaM2(vessel, 0);
}

/** How high a heap comes beside what stands in it, m. */
function besideBlocksM(vessel: VesselShape, blocks: readonly LyingPart[], heapL: number): number {
  if (heapL <= 0) return 0;
  if (blocks.length === 0) return depthForVolumeM(vessel, heapL);
  let [low, high] = [0, vessel.heightM];
  for (let i = 0; i < ROUNDS; i++) {
    const middle = (low + high) / 2;
    if (vesselVolumeL(vessel, middle) - blocksUnderL(blocks, middle) < heapL) low = middle;
    else high = middle;
  }
  return high;
}

/** Liquid among what lies there, up to a depth, L. @throws Problem `aboveRim` over the rim */
function amongL(vessel: VesselShape, lying: Lying, depthM: number): number {
  const besideL = vesselVolumeL(vessel, depthM) - blocksUnderL(lying.blocks, depthM);
  return Math.max(0, besideL - Math.min(lying.packing * besideL, lying.heapSolidL));
}

/** How high the highest of it lies, m. @throws Problem `heapAboveRim` */
export const lyingTopM = (vessel: VesselShape, parts: readonly LyingPart[]): number =>
  layIn(vessel, parts).topM;

/** Litres that stand overM (0: just cover) above all that lies there. @throws Problem `heapAboveRim`, `aboveRim` */
export function coveringL(vessel: VesselShape, parts: readonly LyingPart[], overM = 0): number {
  const lying = layIn(vessel, parts);
  if (lying.topM > vessel.heightM)
    throw new Problem(
      "heapAboveRim",
      "solids",
      lying.topM,
      say`It lies ${metres(lying.topM)} high and the vessel is ${metres(vessel.heightM)}: it cannot be covered in it.`,
    );
  return amongL(vessel, lying, lying.topM + overM);
}

/** Litres that reach half-way up what lies there. @throws Problem `heapAboveRim` */
export function halfWayL(vessel: VesselShape, parts: readonly LyingPart[]): number {
  const lying = layIn(vessel, parts);
  return amongL(vessel, lying, lying.topM / 2);
}
