import { TASKS } from "../../prepare/works";
import { ACCOMPANIMENTS } from "../../simulate/dish-words";
import { z } from "../../units/zod";
import { event, Id, type EventOf } from "../event-base";
import { WORK_SAID } from "./terms";

/** Hands beside the pot. */
export const WORK = {
  /** A piece of work on an ingredient. */
  worked: event("worked", { itemId: Id, work: z.enum(TASKS), how: z.enum(WORK_SAID) }),
  /** A side dish is begun, or there is none of it this time. */
  sideDish: event("sideDish", { side: z.enum(ACCOMPANIMENTS), isLeft: z.boolean() }),
};
export type WorkEvent = EventOf<typeof WORK>;
