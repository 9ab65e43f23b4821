import type { Larder } from "./larder";
import type { WhyThrown } from "./larder-words";

/** Something that was thrown away: when, of which pot (null where of none of this log), how much, and why. */
export interface Thrown {
  readonly atMs: number;
  readonly batchId: string | null;
  readonly massKg: number;
  /** Null where nobody said. */
  readonly why: WhyThrown | null;
}

/** What was thrown away, off the shelves or out of the bowl, the oldest first. */
export const thrownAway = ({
  gone,
  lots,
  events,
}: Pick<Larder, "gone" | "lots" | "events">): readonly Thrown[] =>
  [
    ...gone.flatMap(({ atMs, lotId, count, how, why }): readonly Thrown[] => {
      const lot = lots.get(lotId);
      return how !== "thrown" || lot === undefined
        ? []
        : [{ atMs, batchId: lot.batchId ?? null, massKg: lot.eachKg * count, why: why ?? null }];
    }),
    ...events.flatMap((e): readonly Thrown[] =>
      e.kind === "used" && e.out === "thrown"
        ? [{ atMs: e.atMs, batchId: e.batchId, massKg: e.massKg, why: null }]
        : [],
    ),
  ].sort((a, b) => a.atMs - b.atMs);
