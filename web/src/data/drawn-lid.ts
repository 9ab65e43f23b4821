import { lidOf } from "@kettlos/core/heats/heat";
import type { Heat } from "@kettlos/core/heats/heat-schema";
import type { Lid } from "@kettlos/core/vessel/lid";

/** Where the lid is drawn: slow and pressure cookers are shut. */
export const drawnLid = (heat: Heat): Lid => lidOf(heat) ?? "on";
