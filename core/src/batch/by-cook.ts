import type { CookEvent } from "../events/event-schema";

/**
 * Whether somebody at the pot said it: what an instrument read, and that a clock was set, came by itself, and is not
 * what a cook means by "the last entry".
 */
export const isByCook = (event: CookEvent): boolean =>
  event.kind !== "clockSet" && !("source" in event && event.source === "instrument");
