import { ClockSchema, type Clock } from "@kettlos/core/simulate/clock-schema";
import { checked } from "./checked";
import { db } from "./db";
import { writing } from "./writing";

export const CLOCK_ID = "clock";

/** Writes the clock; it is on disk when the promise resolves. */
export async function saveClock(clock: Clock): Promise<void> {
  const whole = checked(ClockSchema, clock, "The clock");
  await writing("what is on the clock", () => db.clocks.put({ id: CLOCK_ID, clock: whole }));
}
