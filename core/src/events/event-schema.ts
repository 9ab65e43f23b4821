import { z } from "../units/zod";
import { CHILL } from "./chill/schema";
import { FIRE } from "./fire/schema";
import { LOG } from "./log/schema";
import { POT } from "./pot/schema";
import { SIEVE } from "./sieve/schema";
import { WATCH } from "./watch/schema";
import { WORK } from "./hands/schema";

const all = Object.values({ ...FIRE, ...POT, ...WATCH, ...WORK, ...SIEVE, ...CHILL, ...LOG });

/** Everything that can happen to a pot. Events are only ever appended; `undo` takes one back. */
export const CookEventSchema = z.discriminatedUnion(
  "kind",
  all as [(typeof all)[number], ...(typeof all)[number][]],
);
export type CookEvent = z.infer<typeof CookEventSchema>;

/** Each kind by itself, without some of its fields. */
type Without<Fields extends string> = CookEvent extends infer E
  ? E extends CookEvent
    ? Omit<E, Fields>
    : never
  : never;

/** An event by itself, before it belongs to a pot. */
export type EventBody = Without<"id" | "batchId" | "schemaVersion">;
/** What happened, before it is said when. */
export type EventFacts = Without<"id" | "batchId" | "schemaVersion" | "atMs" | "clock">;
