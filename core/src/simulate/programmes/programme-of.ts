import { hobProgramme } from "./hob";
import { ovenProgramme } from "./oven";
import { pressureProgramme } from "./pressure";
import type { Cooking, Programme } from "./programme";
import { slowCookerProgramme } from "./slow-cooker";

/** The programme of the plan's heat. */
export function programmeOf(run: Cooking): Programme {
  const { heat } = run.plan;
  switch (heat.method) {
    case "hob":
      return hobProgramme(run, heat);
    case "oven":
      return ovenProgramme(run, heat);
    case "slowCooker":
      return slowCookerProgramme(run, heat);
    case "pressure":
      return pressureProgramme(run, heat);
  }
}
