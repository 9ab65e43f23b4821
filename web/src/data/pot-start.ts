import type { ClockAnswer } from "@kettlos/core/clock/answer";

/** A planned pot on the filled clock. */
export type PotStart = ClockAnswer["pots"][number];
