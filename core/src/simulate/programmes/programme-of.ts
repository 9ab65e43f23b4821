import type { StretchHeat } from "../plan-schema";
import { hobProgramme } from "./hob";
import { ovenProgramme } from "./oven";
import { pressureProgramme } from "./pressure";
import type { Cooking, Programme } from "./programme";
import { restProgramme } from "./rest";
import { slowCookerProgramme } from "./slow-cooker";

/** The programme of a heat. */
export function programmeOf(run: Cooking, heat: StretchHeat): Programme {
  switch (heat.method) {
    case "hob":
      return hobProgramme(run, heat);
    case "oven":
      return ovenProgramme(run, heat);
    case "slowCooker":
      return slowCookerProgramme(run, heat);
    case "pressure":
      return pressureProgramme(run, heat);
    case "rest":
      return restProgramme(run, heat);
  }
}
