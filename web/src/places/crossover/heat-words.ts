import type { Method } from "@kettlos/core/heat/method";
import type { Heat } from "@kettlos/core/simulate/plan-schema";
import { showOven, type UnitSystem } from "@kettlos/core/units/show";

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
