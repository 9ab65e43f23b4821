import type { Kitchen } from "../simulate/kitchen-schema";
import { steamSigmaOf } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Cook } from "./fold";
import { forecastLive } from "./live-forecast";
import { JUG_SD_L } from "./live-model";

export type GapCause = "steam" | "solids" | "juice" | "measuring";

/** Planned against got, and the likeliest reason for the difference. All cold litres, signed. */
export interface Gap {
  readonly plannedL: number;
  readonly gotL: number;
  readonly gapL: number;
  /** What each cause likely explains, L; they add up to the gap. */
  readonly parts: readonly {
    readonly cause: GapCause;
    readonly litres: number;
  }[];
  readonly likeliest: GapCause;
}

/**
 * Splits the gap between planned and strained litres over its possible causes. The readings taken on
 * the fire say how much was steam; what is left is shared by each cause's variance.
 */
export function gapOf(plan: Plan, kitchen: Kitchen, cook: Cook): Gap | null {
  if (cook.result === null || cook.result.isReckoned) return null;
  const offMs = cook.offMs ?? cook.result.strainedMs;
  const live = forecastLive(plan, kitchen, cook, offMs);
  const { planned, steamRate } = live;
  // What was left with the grit on purpose is no gap.
  const plannedL = Math.max(0, planned.strained.volumeL - cook.leftL);
  const gapL = cook.result.strainedL - plannedL;
  const steamedL = -planned.ledger.evaporated / COLD_DENSITY_KG_L;
  const steamMeanL = cook.readings.length > 0 ? live.strainedL.expected - plannedL : 0;
  const steamSdL =
    (cook.readings.length > 0 ? steamRate.sd : steamSigmaOf(plan, kitchen)) * steamedL;
  const freedL = planned.ledger.juice + planned.ledger.vegetables;
  const spreads: readonly [GapCause, number][] = [
    ["steam", steamSdL],
    ["solids", SPREAD.leftOnSolids.value * -planned.ledger.leftOnSolids],
    ["juice", SPREAD.freed.value * freedL],
    ["measuring", JUG_SD_L],
  ];
  const variance = spreads.reduce((sum, [, sd]) => sum + sd ** 2, 0);
  const restL = gapL - steamMeanL;
  const parts = spreads.map(([cause, sd]) => ({
    cause,
    litres: (cause === "steam" ? steamMeanL : 0) + (restL * sd ** 2) / variance,
  }));
  const likeliest = [...parts].sort((a, b) => Math.abs(b.litres) - Math.abs(a.litres))[0];
  return {
    plannedL,
    gotL: cook.result.strainedL,
    gapL,
    parts,
    likeliest: likeliest?.cause ?? "measuring",
  };
}
