import type { Method } from "@kettlos/core/heat/method";
import type { Heat, Plan, StretchHeat } from "@kettlos/core/simulate/plan-schema";
import { isByLevel, stretchesOf } from "@kettlos/core/simulate/stretches";
import type { Trace } from "@kettlos/core/simulate/trace";
import { showDuration, showOven, showVolume, type UnitSystem } from "@kettlos/core/units/show";

export const HEAT_TITLES: Record<Method, string> = {
  hob: "Hob",
  oven: "Oven",
  slowCooker: "Slow cooker",
  pressure: "Pressure",
};

const LID = { off: "uncovered", ajar: "lid ajar", on: "covered" } as const;

/** How a heat is set, in few words: "gentle simmer, lid ajar", "150 °C, covered". */
export function heatWords(heat: Heat, units: UnitSystem): string {
  switch (heat.method) {
    case "hob":
      return `${heat.vigour} ${heat.vigour === "rolling" ? "boil" : "simmer"}, ${LID[heat.lid]}`;
    case "oven":
      return `${showOven(heat.ovenC, units === "us" ? "us" : "metric")}, ${LID[heat.lid]}${heat.start === "cold" ? ", in cold" : ""}`;
    case "slowCooker":
      return [
        heat.setting.toUpperCase(),
        heat.start === "hot" ? "boiling liquid" : "",
        heat.setting === "low" && heat.highFirstMin > 0
          ? `HIGH first ${Math.round(heat.highFirstMin)} min`
          : "",
      ]
        .filter(Boolean)
        .join(", ");
    case "pressure":
      return `${heat.setting} pressure, ${heat.release} release`;
  }
}

const stretchHeatWords = (heat: StretchHeat, units: UnitSystem): string =>
  heat.method === "rest"
    ? `off the heat, ${LID[heat.lid]}`
    : heat.method === "hob" || heat.method === "pressure"
      ? heatWords(heat, units)
      : `${HEAT_TITLES[heat.method].toLowerCase()} ${heatWords(heat, units)}`;

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
