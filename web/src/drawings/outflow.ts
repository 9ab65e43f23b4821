import type { FlowPart } from "@kettlos/core/batch/flow";
import type { VesselShape } from "@kettlos/core/vessel/vessel-schema";
import { depthToRimM } from "@kettlos/core/vessel/volume";

/** A part of what was in the pot, as a slice of it by the pot's own graduations. */
export interface Slice {
  readonly part: FlowPart;
  readonly litres: number;
  readonly fromM: number;
  readonly toM: number;
}

/** From the floor up: what stays with the solids, what is poured off, what goes over the rim. */
const ORDER = ["bones", "grit", "cloth", "strained", "out", "rim", "steam"];
/** What leaves over the rim, and so is gone from the level when the heat is off. */
const OVER_RIM: ReadonlySet<string> = new Set(["steam", "rim"]);

export const isOverRim = ({ id }: FlowPart): boolean => OVER_RIM.has(id);

const litresOf = ({ gotL, plannedL }: FlowPart): number => gotL ?? plannedL;

/**
 * What left a pot, stacked in it from the floor by the pot's own graduations; more than it holds stands at
 * the rim. `plannedM`: how deep it was to stand when the heat went off, solids lifted out; null where
 * nothing was measured.
 */
export function slicesOf(
  flow: readonly FlowPart[],
  vessel: VesselShape,
): { readonly slices: readonly Slice[]; readonly plannedM: number | null } {
  const depthM = (volumeL: number) => depthToRimM(vessel, volumeL);
  const out = flow
    .filter((p) => p.side === "out")
    .toSorted((a, b) => ORDER.indexOf(a.id) - ORDER.indexOf(b.id));
  let sumL = 0;
  const slices = out.map((part) => {
    const fromM = depthM(sumL);
    sumL += litresOf(part);
    return { part, litres: litresOf(part), fromM, toM: depthM(sumL) };
  });
  const isMeasured = out.some((p) => p.gotL !== null);
  const leftL = out.filter((p) => !isOverRim(p)).reduce((sum, p) => sum + p.plannedL, 0);
  return { slices, plannedM: isMeasured ? depthM(leftL) : null };
}

/**
 * Where labels stand, from the top down: each as near to where it belongs as the one above it leaves room.
 * @param wanted y of each, px, ascending; @param heights of each, px
 */
export function placed(
  wanted: readonly number[],
  heights: readonly number[],
  fromY: number,
): readonly number[] {
  let free = fromY;
  return wanted.map((y, i) => {
    const at = Math.max(y, free);
    free = at + (heights[i] ?? 0);
    return at;
  });
}
