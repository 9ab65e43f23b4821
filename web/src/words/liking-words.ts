import { LIKINGS, type Liking } from "@kettlos/core/batch/batch-schema";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";

/** How it was liked, as a cook says it. */
export const LIKING_WORDS: Readonly<Record<Liking, string>> = {
  notAgain: "Not again",
  allRight: "All right",
  good: "Good",
  best: "The best so far",
};
export const LIKING_OPTIONS = LIKINGS.map((value) => ({ value, label: LIKING_WORDS[value] }));

/** The pot that was liked best, of several the last; null where none was good. */
export function likedBest<P extends Pick<ShelvedPot, "liking" | "begunMs">>(
  pots: readonly P[],
): P | null {
  const rankOf = ({ liking }: P) => (liking === null ? -1 : LIKINGS.indexOf(liking));
  const good = pots.filter((pot) => rankOf(pot) >= LIKINGS.indexOf("good"));
  return good.toSorted((a, b) => rankOf(b) - rankOf(a) || b.begunMs - a.begunMs)[0] ?? null;
}
