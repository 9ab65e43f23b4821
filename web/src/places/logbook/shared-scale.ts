import type { Batch } from "@kettlos/core/batch/batch-schema";
import { vesselOf } from "@kettlos/core/simulate/references";

/** One scale, px per m, at which the tallest pot of several batches stands tallPx high. */
export function sharedScale(batches: readonly Batch[], tallPx: number): number {
  const tallest = Math.max(0.05, ...batches.map((b) => vesselOf(b.plan, b.kitchen).heightM));
  return tallPx / tallest;
}
