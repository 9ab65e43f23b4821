import type { StretchHeat } from "@kettlos/core/heats/heat-schema";
import { stretchOf } from "@kettlos/core/heats/heat";
import type { NewEvent } from "../../data/repository";

/** The entry that begins a stretch of the heat, set as it is planned. */
export const setAs = (stretchId: string, heat: StretchHeat): NewEvent => ({
  kind: "heatSet",
  ...stretchOf(heat).setAs(heat),
  stretchId,
});
