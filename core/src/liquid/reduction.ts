import { NO_SOLIDS, depthForLiquidM, freeSurfaceM2, type SolidsIn } from "../vessel/solids";
import type { VesselShape } from "../vessel/vessel-schema";
import { Problem, requireWithin } from "../units/problem";
import { latentHeatKJKg, waterDensityKgL } from "../water/properties";

export interface Reduction {
  readonly vessel: VesselShape;
  readonly solids?: SolidsIn;
  /** Hot litres at the start and at the target. */
  readonly fromL: number;
  readonly toL: number;
  /** Evaporation, kg/m²·h, lid and fat included. */
  readonly fluxKgM2H: number;
  readonly tempC: number;
}

/**
 * Minutes that a pot needs to reduce from fromL to toL at a steady flux. The surface follows the
 * level: Simpson's rule over volume of ρ/(flux·A).
 * @throws Problem `range`, `notReachable` where nothing evaporates
 */
export function reductionMin(r: Reduction): number {
  requireWithin("fromL", r.fromL, 0, 500, "L");
  requireWithin("toL", r.toL, 0, r.fromL, "L");
  if (!(r.fluxKgM2H > 0))
    throw new Problem(
      "notReachable",
      "fluxKgM2H",
      r.fluxKgM2H,
      "Nothing evaporates, so the level will not fall. Take the lid off or turn the heat up.",
    );
  const solids = r.solids ?? NO_SOLIDS;
  const minPerL = (volumeL: number) => {
    const area = freeSurfaceM2(r.vessel, solids, depthForLiquidM(r.vessel, solids, volumeL));
    return (waterDensityKgL(r.tempC) * 60) / (r.fluxKgM2H * area);
  };
  const n = 64;
  const step = (r.fromL - r.toL) / n;
  let sum = minPerL(r.toL) + minPerL(r.fromL);
  for (let i = 1; i < n; i++) sum += (i % 2 === 1 ? 4 : 2) * minPerL(r.toL + i * step);
  return (sum * step) / 3;
}

/** Minutes to boil off fromL to toL with netPowerW all going into steam. */
export const rollingReductionMin = (
  fromL: number,
  toL: number,
  netPowerW: number,
  boilC: number,
): number =>
  ((fromL - toL) * waterDensityKgL(boilC) * latentHeatKJKg(boilC) * 1000) / netPowerW / 60;
