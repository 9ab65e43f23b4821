import { groupedBy } from "../units/grouped";
import type { Batch, Result } from "./batch-schema";
import type { CookEvent } from "../events/event-schema";
import type { Cook } from "./fold";

/** When a pot went on the heat; where nobody said, when it was begun. */
export const begunMs = ({
  batch,
  cook,
}: {
  readonly batch: Pick<Batch, "createdMs">;
  readonly cook: Pick<Cook, "litMs">;
}): number => cook.litMs ?? batch.createdMs;

/** What came of a pot as it was measured; null where it was not, or is only reckoned. */
export const measuredOf = ({ result }: Pick<Cook, "result">): Result | null =>
  result === null || result.isReckoned ? null : result;

/** The logs of several pots, by their ids. */
export const logsByBatch = (events: readonly CookEvent[]): ReadonlyMap<string, CookEvent[]> =>
  groupedBy(events, (e) => e.batchId);
