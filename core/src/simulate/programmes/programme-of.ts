import type { HeatOf, StretchHeat } from "../../heats/heat-schema";
import { hobProgramme } from "./hob";
import { ovenProgramme } from "./oven";
import { pressureProgramme } from "./pressure";
import type { Cooking, Programme } from "./programme";
import { restProgramme } from "./rest";
import { slowCookerProgramme } from "./slow-cooker";

const PROGRAMMES: {
  readonly [M in StretchHeat["method"]]: (run: Cooking, heat: HeatOf<M>) => Programme;
} = {
  hob: hobProgramme,
  oven: ovenProgramme,
  slowCooker: slowCookerProgramme,
  pressure: pressureProgramme,
  rest: restProgramme,
};

/** The programme of a heat. */
export const programmeOf = <H extends StretchHeat>(run: Cooking, heat: H): Programme =>
  (PROGRAMMES[heat.method] as (run: Cooking, heat: H) => Programme)(run, heat);
