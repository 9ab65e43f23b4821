import type { Clock } from "@kettlos/core/simulate/clock-schema";
import { checks } from "./checks";
import { db } from "./db";
import { onDisk } from "./on-disk";
import { writing } from "./writing";

export const CLOCK_ID = "clock";

/** Writes the clock; it is on disk when the promise resolves. */
export async function saveClock(clock: Clock): Promise<void> {
  await writing("what is on the clock", async () => {
    const { wholeClock } = await checks();
    const whole = wholeClock(clock);
    await onDisk(db.clocks, () => db.clocks.put({ id: CLOCK_ID, clock: whole }));
  });
}
