import { whenSaid } from "@kettlos/core/logbook/when-said";
import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import MiniSearch from "minisearch";
import { plainWord } from "../../find/finder";

/** All that a cook may remember of a pot: what it was, what was in it, in which pot, what was said of it. */
const saidOf = ({ name, ingredients, vessel, set, notes, about }: ShelvedPot): string =>
  [name, ...about, ...ingredients, vessel?.name ?? "", set ?? "", ...notes].join(" ");

/**
 * Looks through a log by beginnings of words, with a slip of the finger forgiven; all words have to fit. A
 * time that is named among them is that of the pots begun in it.
 */
export function logFinderOf(
  pots: readonly ShelvedPot[],
  nowMs: number,
): (text: string) => ReadonlySet<string> {
  const index = new MiniSearch<{ id: string; said: string }>({
    fields: ["said"],
    processTerm: plainWord,
    searchOptions: {
      prefix: true,
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      combineWith: "AND",
    },
  });
  index.addAll(pots.map((pot) => ({ id: pot.id, said: saidOf(pot) })));
  const saying = (text: string) => index.search(text).map(({ id }) => String(id));
  return (text) => {
    const when = whenSaid(text, nowMs);
    if (when === null) return new Set(saying(text));
    const among = when.rest === "" ? null : new Set(saying(when.rest));
    const then = pots.filter((p) => when.fits(p.begunMs) && among?.has(p.id) !== false);
    return new Set([...then.map((p) => p.id), ...saying(text)]);
  };
}
