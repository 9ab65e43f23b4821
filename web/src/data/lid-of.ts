import type { Heat } from "@kettlos/core/heats/heat-schema";
import type { Lid } from "@kettlos/core/vessel/lid";

/** Where the lid is on a heat: slow and pressure cookers are shut. */
export const lidOf = (heat: Heat): Lid => ("lid" in heat ? heat.lid : "on");
