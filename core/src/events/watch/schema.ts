import { textUpTo } from "../../units/text-schema";
import { z } from "../../units/zod";
import { event, Id, Source, type EventOf } from "../event-base";
import { CHECKS, READING_FORMS, ROUNDS, TASTES } from "./terms";

/** Looking after it: what is read, tried and done in between. */
export const WATCH = {
  read: event("read", {
    reading: z.object({ form: z.enum(READING_FORMS), value: z.number().min(0).max(500) }),
    source: Source,
  }),
  /** Temperature of the liquid, or of the middle of a piece, °C. */
  temperature: event("temperature", {
    where: z.enum(["liquid", "piece"]),
    tempC: z.number().min(-30).max(150),
    source: Source,
  }),
  /** One tasting round. */
  tasted: event("tasted", {
    who: textUpTo(40).default(""),
    tastes: z.array(z.enum(TASTES)).min(1).max(TASTES.length),
    /** Cooled on the spoon to the heat it is eaten at. */
    isAtEatingHeat: z.boolean(),
    text: textUpTo(2000).default(""),
  }),
  checked: event("checked", { itemId: Id, how: z.enum(CHECKS) }),
  skimmed: event("skimmed", {}),
  stirred: event("stirred", {}),
  /** Somebody looked in, and nothing had to be done. */
  lookedIn: event("lookedIn", {}),
  /** A round that is let go this time. */
  letGo: event("letGo", { round: z.enum(ROUNDS) }),
};
export type WatchEvent = EventOf<typeof WATCH>;
