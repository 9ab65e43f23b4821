import type { Trace, TracePoint } from "./trace";

/** The trace at a moment, linear between its points, held at its ends. */
export function pointAt(trace: Trace, tMin: number): TracePoint {
  const { points } = trace;
  let low = 0;
  let high = points.length - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((points[middle]?.tMin ?? 0) <= tMin) low = middle;
    else high = middle;
  }
  const a = points[low];
  const b = points[high];
  if (a === undefined || b === undefined) throw new RangeError("a trace has at least one point");
  const span = b.tMin - a.tMin;
  const s = span > 0 ? Math.min(1, Math.max(0, (tMin - a.tMin) / span)) : 1;
  const mix = (x: number, y: number) => x + (y - x) * s;
  return {
    tMin,
    phase: s < 1 ? a.phase : b.phase,
    liquidC: mix(a.liquidC, b.liquidC),
    centreC: mix(a.centreC, b.centreC),
    liquidKg: mix(a.liquidKg, b.liquidKg),
    liquidL: mix(a.liquidL, b.liquidL),
    depthM: mix(a.depthM, b.depthM),
    steamedKg: mix(a.steamedKg, b.steamedKg),
    ranOverKg: mix(a.ranOverKg, b.ranOverKg),
    cookMin: mix(a.cookMin, b.cookMin),
    gelatinG: mix(a.gelatinG, b.gelatinG),
    contentsKg: mix(a.contentsKg, b.contentsKg),
  };
}
