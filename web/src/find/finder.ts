import { whenSaid } from "@kettlos/core/logbook/when-said";
import MiniSearch from "minisearch";
import type { Findable, Found } from "./findable";

/** More than these are not read, they are searched again. */
const MOST = 8;
const MOST_PARTS = 3;

/** A word as it is compared: small letters, without accents. */
export const plainWord = (word: string): string =>
  word.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();

const wordsOf = (text: string): readonly string[] => plainWord(text).split(/[^\p{L}\p{N}]+/u);

/**
 * Looks through what it is given, by beginnings of words and with a slip of the finger forgiven. All
 * words written have to fit; the name counts for more than what is in it. Where a time is named among them,
 * what was cooked then stands first, the newest before the older.
 */
export function finderOf(
  all: readonly Findable[],
  nowMs: number,
): (text: string) => readonly Found[] {
  const byId = new Map(all.map((f) => [f.id, f]));
  const index = new MiniSearch<Findable>({
    fields: ["title", "says", "parts", "words", "where"],
    extractField: (found, field) => {
      const value = found[field as keyof Findable];
      return Array.isArray(value) ? value.join(" ") : String(value ?? "");
    },
    processTerm: plainWord,
    searchOptions: {
      boost: { title: 8, words: 4 },
      prefix: true,
      fuzzy: (term) => (term.length > 3 ? 0.2 : false),
      combineWith: "AND",
      // Much is in a pot, little in a jar: that alone says nothing.
      bm25: { k: 1.2, b: 0, d: 0.5 },
      boostDocument: (id) => byId.get(String(id))?.weight ?? 1,
    },
  });
  index.addAll(all);
  const saying = (text: string): readonly Found[] =>
    index.search(text).flatMap(({ id, terms }) => {
      const found = byId.get(String(id));
      if (found === undefined) return [];
      const fits = (text: string, term: string) => wordsOf(text).includes(term);
      const isNamed = terms.every((term) => fits(found.title, term));
      const matched = found.parts.filter((part) => terms.some((term) => fits(part, term)));
      return [{ ...found, matched: isNamed ? [] : matched.slice(0, MOST_PARTS) }];
    });
  const begunThen = (text: string): readonly Found[] => {
    const when = whenSaid(text, nowMs);
    if (when === null) return [];
    const among: readonly Found[] =
      when.rest === "" ? all.map((f) => ({ ...f, matched: [] })) : saying(when.rest);
    return among
      .filter((f) => f.begunMs !== undefined && when.fits(f.begunMs))
      .toSorted((a, b) => (b.begunMs ?? 0) - (a.begunMs ?? 0));
  };
  return (text) => {
    const then = begunThen(text);
    const ids = new Set(then.map((f) => f.id));
    return [...then, ...saying(text).filter((f) => !ids.has(f.id))].slice(0, MOST);
  };
}
