import { VIGOURS } from "../../heat/constants";
import { CROCK_SETTINGS } from "../../heat/slow-cooker";
import { AtMs } from "../../units/text-schema";
import { z } from "../../units/zod";
import { LIDS } from "../../vessel/lid";
import { event, Id, type EventOf } from "../event-base";
import { INTERRUPTIONS } from "./terms";

/** The fire under it: on, up, turned, without, off. */
export const FIRE = {
  lit: event("lit", {}),
  boils: event("boils", {}),
  simmers: event("simmers", {}),
  heatSet: event("heatSet", {
    vigour: z.enum(VIGOURS),
    lid: z.enum(LIDS),
    /** In a slow cooker, LOW or HIGH. */
    setting: z.enum(CROCK_SETTINGS).optional(),
    /** In an oven, its temperature, °C. */
    ovenC: z.number().min(80).max(350).optional(),
    /** The stretch of the plan's heat that begins with it. */
    stretchId: Id.optional(),
  }),
  /** Without heat or lid from one moment to another; `untilMs` is null while it lasts. */
  interrupted: event("interrupted", {
    why: z.enum(INTERRUPTIONS),
    fromMs: AtMs,
    untilMs: AtMs.nullable(),
    /** Nobody knows how long: `fromMs` is when it was last seen with its heat on. */
    isUnknown: z.boolean().optional(),
  }),
  /** Heat or lid is back: ends the interruption that lasts. */
  resumed: event("resumed", {}),
  offHeat: event("offHeat", {}),
};
export type FireEvent = EventOf<typeof FIRE>;
