import { DAY_MS } from "../src/units/time";
import { fold } from "../src/batch/fold";
import { wordsOf } from "../src/learn/taught";
import { shelvedOf, type ShelvedPot } from "../src/logbook/shelved";
import type { Kitchen } from "../src/simulate/kitchen-schema";
import { happened } from "./events";
import { cooked, type How } from "./logged-pot";

/** A pot of the log on its shelf, so many days later; `also` is what was told of it besides. */
export function shelved({
  days = 0,
  also = [],
  kitchen,
  ...how
}: How & {
  readonly days?: number;
  readonly also?: readonly object[];
  readonly kitchen?: Partial<Kitchen>;
}): ShelvedPot {
  const made = cooked({ ...how, batch: { id: `p${days}`, ...how.batch } });
  const batch = { ...made.batch, kitchen: { ...made.batch.kitchen, ...kitchen } };
  const lastMs = made.cook.events.at(-1)?.atMs ?? 0;
  const events = happened(...made.cook.events, ...also, {
    kind: "finished",
    atMs: lastMs + DAY_MS,
  });
  const cook = fold(events.map((e) => ({ ...e, atMs: e.atMs + days * DAY_MS })));
  const pot = shelvedOf(
    { batch, stored: batch, cook },
    { words: wordsOf({ batch, cook }), gap: null },
  );
  if (pot === null) throw new Error("it is not finished");
  return pot;
}
