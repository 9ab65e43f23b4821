import type { Batch } from "../batch/batch-schema";
import type { CookEvent } from "../events/event-schema";
import { fold } from "../batch/fold";
import { logsByBatch } from "../batch/of-log";
import type { Kitchen } from "../simulate/kitchen-schema";
import type { LoggedPot } from "./from-pot";
import { learnedOf, wordsOf } from "./taught";

/** A pot teaches once it is known what came of it; a made-up one never does. */
export const teaches = ({ batch, cook }: LoggedPot): boolean =>
  batch.practice === undefined && cook.strainedMs !== null;

/** The pots of a log that teach something of their kitchen. */
export function teachersIn(
  batches: readonly Batch[],
  events: readonly CookEvent[],
): readonly (LoggedPot & { readonly events: readonly CookEvent[] })[] {
  const logs = logsByBatch(events);
  return batches
    .map((batch) => {
      const own = logs.get(batch.id) ?? [];
      return { batch, cook: fold(own), events: own };
    })
    .filter(teaches);
}

/** A kitchen with what a log has taught it; as it is where there is no log. */
export function withLog(
  kitchen: Kitchen,
  batches: readonly Batch[],
  events: readonly CookEvent[],
): Kitchen {
  const teachers = teachersIn(batches, events);
  if (teachers.length === 0) return kitchen;
  const { teaching } = kitchen;
  return {
    ...kitchen,
    learned: learnedOf(teachers.map(wordsOf), {
      kitchenId: kitchen.id,
      ...(teaching === undefined ? {} : { teaching }),
    }),
  };
}
