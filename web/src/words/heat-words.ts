import type { StretchHeat } from "@kettlos/core/heats/heat-schema";
import { heatOf, isInOven, isSlow, stretchOf } from "@kettlos/core/heats/heat";
import type { Plan } from "@kettlos/core/simulate/plan-schema";
import { isByLevel, stretchesOf } from "@kettlos/core/simulate/stretches";
import type { Trace } from "@kettlos/core/simulate/trace";
import { showDuration, showVolume, type UnitSystem } from "@kettlos/core/units/show";

/** How a heat is set, in few words: "gentle simmer, lid ajar", "150 °C, covered". */
export const heatWords = (heat: StretchHeat, units: UnitSystem): string =>
  stretchOf(heat).inShort(heat, units === "us" ? "us" : "metric");

/** The same where nothing else says what it is on: "oven 150 °C, covered". */
const stretchHeatWords = (heat: StretchHeat, units: UnitSystem): string =>
  isInOven(heat) || isSlow(heat)
    ? `${heatOf(heat).name} ${heatWords(heat, units)}`
    : heatWords(heat, units);

/** Each stretch of a plan as it went in its simulation: how it is set, how long, down to what. */
export function stretchLines(plan: Plan, trace: Trace, units: UnitSystem): readonly string[] {
  const one = units === "us" ? "us" : "metric";
  return stretchesOf(plan).flatMap(({ heat, stop }, i) => {
    const went = trace.stretches[i];
    if (went === undefined) return [];
    const isDown = isByLevel(stop);
    const down = isDown ? `, down to ${showVolume(went.endLiquidL, one)}` : "";
    return [`${stretchHeatWords(heat, units)}: ${showDuration(went.toMin - went.fromMin)}${down}`];
  });
}
