import { square } from "../units/whole-power";
import { resolve, type SetPot } from "../simulate/set-pot";
import type { Kitchen } from "../simulate/kitchen-schema";
import { keptSigmaOf } from "../simulate/kept-here";
import { steamSigmaOf } from "../simulate/learned";
import { SPREAD } from "../simulate/parameters";
import type { Plan } from "../simulate/plan-schema";
import { COLD_DENSITY_KG_L } from "../water/properties";
import type { Cook } from "./fold";
import { forecastLive, type LiveForecast } from "./live-forecast";
import { JUG_SD_L } from "./live-model";
import { measuredOf } from "./of-log";

const CAUSES = ["steam", "solids", "juice", "measuring"] as const;
export type GapCause = (typeof CAUSES)[number];

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
 * What no reading explains, shared by each cause's variance: of the steam what its readings, or the default,
 * leave in doubt. Cold litres; they add up to restL.
 */
export function sharedByCause(
  restL: number,
  { planned, steamRate }: Pick<LiveForecast, "planned" | "steamRate">,
  { plan, kitchen, cook }: { readonly plan: Plan; readonly kitchen: Kitchen; readonly cook: Cook },
): Readonly<Record<GapCause, number>> {
  const { ledger } = planned;
  const steamedL = -ledger.evaporated / COLD_DENSITY_KG_L;
  const steamSd = cook.readings.length > 0 ? steamRate.sd : steamSigmaOf(resolve(plan, kitchen));
  const sds: Readonly<Record<GapCause, number>> = {
    steam: steamSd * steamedL,
    solids: keptSigmaOf(plan, kitchen) * -ledger.leftOnSolids,
    juice: SPREAD.freed.value * (ledger.juice + ledger.vegetables),
    measuring: JUG_SD_L,
  };
  const variance = CAUSES.reduce((sum, cause) => sum + square(sds[cause]), 0);
  const share = (cause: GapCause) => (restL * square(sds[cause])) / variance;
  return {
    steam: share("steam"),
    solids: share("solids"),
    juice: share("juice"),
    measuring: share("measuring"),
  };
}

/**
 * Splits the gap between planned and strained litres over its possible causes. The readings taken on
 * the fire say how much was steam; what is left is shared by each cause's variance.
 */
export function gapOf(setPot: SetPot, cook: Cook): Gap | null {
  const { plan, kitchen } = setPot;
  const measured = measuredOf(cook);
  if (measured === null) return null;
  const offMs = cook.offMs ?? measured.strainedMs;
  const live = forecastLive(setPot, cook, offMs);
  // What was left with the grit on purpose is no gap.
  const plannedL = Math.max(0, live.planned.strained.volumeL - cook.leftL);
  const gapL = measured.strainedL - plannedL;
  const steamMeanL = cook.readings.length > 0 ? live.strainedL.expected - plannedL : 0;
  const shares = sharedByCause(gapL - steamMeanL, live, { plan, kitchen, cook });
  const parts = CAUSES.map((cause) => ({
    cause,
    litres: (cause === "steam" ? steamMeanL : 0) + shares[cause],
  }));
  const likeliest = [...parts].sort((a, b) => Math.abs(b.litres) - Math.abs(a.litres))[0];
  return {
    plannedL,
    gotL: measured.strainedL,
    gapL,
    parts,
    likeliest: likeliest?.cause ?? "measuring",
  };
}
