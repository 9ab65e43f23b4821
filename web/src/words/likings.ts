import { LIKING_WORDS } from "@kettlos/core/events/log/liking-words";
import { LIKINGS } from "@kettlos/core/events/log/terms";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";

export const LIKING_OPTIONS = LIKINGS.map((value) => ({ value, label: LIKING_WORDS[value] }));

/** The pot that was liked best, of several the last; null where none was good. */
export function likedBest<P extends Pick<ShelvedPot, "liking" | "begunMs">>(
  pots: readonly P[],
): P | null {
  const rankOf = ({ liking }: P) => (liking === null ? -1 : LIKINGS.indexOf(liking));
  const good = pots.filter((pot) => rankOf(pot) >= LIKINGS.indexOf("good"));
  return good.toSorted((a, b) => rankOf(b) - rankOf(a) || b.begunMs - a.begunMs)[0] ?? null;
}
