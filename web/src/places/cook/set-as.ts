import type { StretchHeat } from "@kettlos/core/simulate/plan-schema";
import type { NewEvent } from "../../data/repository";

/** The entry that begins a stretch of the heat, set as it is planned. */
export const setAs = (stretchId: string, heat: StretchHeat): NewEvent => ({
  kind: "heatSet",
  vigour: heat.method === "hob" ? heat.vigour : "bare",
  lid: "lid" in heat ? heat.lid : "on",
  ...(heat.method === "slowCooker" ? { setting: heat.setting } : {}),
  ...(heat.method === "oven" ? { ovenC: heat.ovenC } : {}),
  stretchId,
});
