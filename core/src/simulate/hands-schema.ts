import { USUAL_SLEEP } from "./usual-sleep";
import { z } from "../units/zod";
import { nameUpTo } from "../units/text-schema";

/** A time of day on the kitchen's own clock, "22:30". */
export const ClockTimeSchema = z
  .string()
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'A time of day is written as "22:30".');

/** From one time of day to another; into the next day where `to` is not later than `from`. */
const SpanSchema = z.object({ from: ClockTimeSchema, to: ClockTimeSchema });
export type Span = z.infer<typeof SpanSchema>;

/** A span of one date, of some weekdays (0 is Sunday), or of every day. */
export const WindowSchema = SpanSchema.extend({
  weekdays: z.array(z.number().int().min(0).max(6)).max(7).default([]),
  date: z.iso.date().optional(),
});
export type Window = z.infer<typeof WindowSchema>;

/** Somebody who cooks here, with the hours. */
export const HandSchema = z.object({
  id: z.string().min(1).max(80),
  name: nameUpTo(40),
  /** When this one is in the kitchen; all day where nothing is said. */
  there: z.array(WindowSchema).max(60).default([]),
  /** When this one is out, whatever `there` says. */
  away: z.array(WindowSchema).max(400).default([]),
  /** The night's sleep; null where somebody is always up. */
  sleep: SpanSchema.nullable().default(USUAL_SLEEP),
  /** Another sleep in the night that begins on these weekdays or that date; up all night where both are the same. */
  nights: z.array(WindowSchema).max(60).optional(),
});
export type Hand = z.infer<typeof HandSchema>;

/** What this house lets run with nobody up, as the maker of each allows. A flame is never among them. */
export const RunsAloneSchema = z.object({
  slowCooker: z.boolean().default(true),
  oven: z.boolean().default(false),
  electricPressure: z.boolean().default(false),
});
export type RunsAlone = z.infer<typeof RunsAloneSchema>;
