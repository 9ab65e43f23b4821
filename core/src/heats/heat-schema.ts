import { z } from "../units/zod";
import { HobHeatSchema } from "./hob-schema";
import { OvenHeatSchema } from "./oven-schema";
import { PressureHeatSchema } from "./pressure-schema";
import { RestHeatSchema } from "./rest-schema";
import { SlowCookerHeatSchema } from "./slow-cooker-schema";

const HEAT_SCHEMAS = [
  HobHeatSchema,
  OvenHeatSchema,
  SlowCookerHeatSchema,
  PressureHeatSchema,
] as const;
/** What the pot is cooked on. */
export const HeatSchema = z.discriminatedUnion("method", HEAT_SCHEMAS);
export type Heat = z.infer<typeof HeatSchema>;
/** What a later stretch can be set to. */
export const StretchHeatSchema = z.discriminatedUnion("method", [...HEAT_SCHEMAS, RestHeatSchema]);
export type StretchHeat = z.infer<typeof StretchHeatSchema>;

export type Method = Heat["method"];
/** One of them by its method. */
export type HeatOf<M extends StretchHeat["method"]> = Extract<StretchHeat, { method: M }>;
