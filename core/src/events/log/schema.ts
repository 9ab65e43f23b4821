import { nameUpTo } from "../../units/text-schema";
import { z } from "../../units/zod";
import { event, Id, type EventOf } from "../event-base";
import { LIKINGS } from "./terms";

/** The log itself: what is noted in it, what closes it, what puts it right. */
export const LOG = {
  noted: event("noted", { text: nameUpTo(2000) }),
  /** The wall clock was set by so much: what was written before moves along with it. */
  clockSet: event("clockSet", {
    shiftMs: z.number().int().min(-3.2e12).max(3.2e12),
    /** Seen to be set, or assumed since the clock stood before the last entry. */
    isAssumed: z.boolean().default(false),
  }),
  finished: event("finished", {}),
  /** How it was liked; what is said later counts. */
  liked: event("liked", { how: z.enum(LIKINGS) }),
  undo: event("undo", { eventId: Id }),
};
export type LogEvent = EventOf<typeof LOG>;
