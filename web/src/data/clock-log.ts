import type { Clock } from "@kettlos/core/simulate/clock-schema";
import { checks } from "./checks";
import { db } from "./db";
import { writing } from "./writing";

export const CLOCK_ID = "clock";

/** Writes the clock; it is on disk when the promise resolves. */
export async function saveClock(clock: Clock): Promise<void> {
  await writing("what is on the clock", async () => {
    const { wholeClock } = await checks();
    await db.clocks.put({ id: CLOCK_ID, clock: wholeClock(clock) });
  });
}
