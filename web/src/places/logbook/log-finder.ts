import type { ShelvedPot } from "@kettlos/core/logbook/shelved";
import MiniSearch from "minisearch";
import { plainWord } from "../../find/finder";

/** All that a cook may remember of a pot: what it was, what was in it, in which pot, what was said of it. */
const saidOf = ({ name, ingredients, vessel, set, notes, about }: ShelvedPot): string =>
  [name, ...about, ...ingredients, vessel?.name ?? "", set ?? "", ...notes].join(" ");

/** Looks through a log by beginnings of words, with a slip of the finger forgiven; all words have to fit. */
export function logFinderOf(pots: readonly ShelvedPot[]): (text: string) => ReadonlySet<string> {
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
  return (text) => new Set(index.search(text).map(({ id }) => String(id)));
}
